<script setup lang="ts">
import Button from 'primevue/button';
import { waitsText } from '../../composables/waitsText.ts';
import { v7 as uuid } from 'uuid';
import { computed, reactive, ref } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import MovesList from '../../kit/MovesList.vue';
import SpecField from '../../kit/SpecField.vue';
import TextField from '../../kit/TextField.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import type { FactSpec } from '../../../core/house/factSpec.ts';
import { factsOfKind } from '../../../core/house/factsOfKind.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import type { Asset } from '../../../core/house/house.ts';
import { factName } from '../../../locales/factName.ts';
import { factText } from '../../../locales/factText.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { useActs } from '../../composables/useActs.ts';
import { useForm } from '../../composables/useForm.ts';
import { useTrial } from '../../composables/useTrial.ts';
import { useWriting, type Wanted } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { dutyName } from '../../parts/entry/describe.ts';
import { changedFacts, NOT_KNOWN, toField, typedUnit, type FactDraft } from './factDraft.ts';

/** The facts of a thing, to read and to change; the dates a change moves are shown before it is saved. */
const props = defineProps<{
  asset: Asset;
  facts: Readonly<Record<string, FactValue>>;
  house: HouseBody;
  speech: Speech;
  mayWrite: boolean;
}>();
const emit = defineEmits<{ saved: [text: string] }>();

const home = useHome();
const { write } = useWriting();
const { act } = useActs();
const { busy, errorAt, refuse, show, submit } = useForm();
const t = computed(() => props.speech.t);
const specs = computed(() => factsOfKind(props.asset.kind));
const units = computed(() => props.house.home.units);
const changing = ref(false);
const draft = reactive<FactDraft>({});
const where = reactive({ name: '', space: '', installed: '' });

/** The known facts, and those said to be unknown; facts of the household's own making with them. */
const told = computed(() => {
  const own = Object.keys(props.facts).filter((code) => !specs.value.some((spec) => spec.code === code));
  return [...specs.value.map(({ code }) => code), ...own].flatMap((code) => {
    const value = props.facts[code];
    return value === undefined
      ? []
      : [
          {
            code,
            name: factName(props.speech, code),
            text: factText(props.speech, props.asset.kind, code, value),
            open: value === null,
          },
        ];
  });
});
const place = computed(() => props.house.spaces.find(({ id }) => id === props.asset.space)?.name ?? null);

function optionsOf(spec: FactSpec): { value: string; text: string }[] | null {
  if (spec.kind === 'yesNo')
    return [
      { value: 'yes', text: t.value('factYes') },
      { value: 'no', text: t.value('factNo') },
    ];
  if (spec.kind !== 'choice') return null;
  return spec.options.map((option) => ({
    value: String(option),
    text: factText(props.speech, props.asset.kind, spec.code, option),
  }));
}

function labelOf(spec: FactSpec): string {
  const name = factName(props.speech, spec.code);
  const unit = typedUnit(spec, units.value);
  return unit === '' ? name : `${name} (${t.value(`factUnit.${unit}`)})`;
}

function begin(): void {
  for (const spec of specs.value) draft[spec.code] = toField(spec, props.facts[spec.code], units.value);
  where.name = props.asset.name;
  where.space = props.asset.space ?? NOT_KNOWN;
  where.installed = props.asset.installed ?? NOT_KNOWN;
  changing.value = true;
}

const read = computed(() =>
  changing.value
    ? changedFacts(props.asset, props.facts, draft, units.value)
    : { ok: true as const, bodies: [] },
);
const trial = useTrial(props.house.home.id, () => (read.value.ok ? read.value.bodies : []));
const nameOf = (id: string): string => dutyName(props.house, id, props.speech);
const moved = computed(
  () =>
    where.name.trim() !== props.asset.name ||
    where.space !== (props.asset.space ?? NOT_KNOWN) ||
    where.installed !== (props.asset.installed ?? NOT_KNOWN),
);

/** Where it stands and what is told of it, in one act. */
const putRight = (entries: readonly Wanted[], label: string): Promise<string> =>
  act({
    route: 'placeAsset',
    homeId: props.house.home.id,
    params: { assetId: props.asset.id },
    body: {
      name: where.name.trim(),
      space: where.space === NOT_KNOWN ? null : where.space,
      installed: where.installed === NOT_KNOWN ? null : (where.installed as CivilDate),
      ...(entries.length > 0 && { entries: entries.map((one) => ({ ...one, id: uuid() })) }),
    },
    label,
  });

const save = () =>
  submit(async () => {
    const { on } = home;
    if (!on) return;
    if (where.name.trim() === '') return show(t.value('problem.missing'), 'name');
    if (where.installed !== NOT_KNOWN && !isCivilDate(where.installed))
      return show(t.value('problem.civil-date'), 'installed');
    if (!read.value.ok) {
      const { spec } = read.value;
      const bounds = spec.kind === 'number' ? { minimum: spec.min, maximum: spec.max } : {};
      return show(t.value(`problem.fact-${spec.kind}`, bounds), spec.code);
    }
    const { bodies } = read.value;
    const text = t.value('thing.saved');
    const told = bodies.map((body) => ({ date: on, body }));
    let waits = '';
    if (moved.value) waits = await putRight(told, text);
    else if (told.length > 0) {
      const { outcome } = await write(told, text);
      if (outcome.kind === 'refused') return refuse(outcome.error);
      waits = waitsText(t.value, outcome);
    }
    changing.value = false;
    emit('saved', `${text}${waits}`);
  });
</script>

<template>
  <section :aria-label="t('thing.facts')">
    <h2>{{ t('thing.facts') }}</h2>
    <template v-if="!changing">
      <dl class="facts">
        <div>
          <dt>{{ t('thing.place') }}</dt>
          <dd :class="{ open: place === null }">{{ place ?? t('thing.notKnown') }}</dd>
        </div>
        <div v-if="asset.installed">
          <dt>{{ t('thing.installed') }}</dt>
          <dd>{{ dateText(speech, asset.installed) }}</dd>
        </div>
        <div v-for="one in told" :key="one.code">
          <dt>{{ one.name }}</dt>
          <dd :class="{ open: one.open }">{{ one.text }}</dd>
        </div>
      </dl>
      <Button v-if="mayWrite" text class="no-print" data-act="facts" @click="begin">
        {{ t('thing.change') }}
      </Button>
    </template>
    <form v-else class="form" novalidate @submit.prevent="save">
      <div class="pair">
        <TextField v-model="where.name" :label="t('thing.name')" :error="errorAt('name')" maxlength="120" />
        <ChoiceField
          v-model="where.space"
          :label="t('thing.place')"
          :error="errorAt('space')"
          :options="[
            { value: NOT_KNOWN, label: t('thing.notKnown') },
            ...house.spaces.map((space) => ({ value: space.id, label: space.name })),
          ]"
        />
        <TextField
          v-model="where.installed"
          :label="t('thing.installed')"
          :error="errorAt('installed')"
          type="date"
        />
        <SpecField
          v-for="spec in specs"
          :key="spec.code"
          v-model="draft[spec.code]!"
          :label="labelOf(spec)"
          :options="optionsOf(spec)"
          :unknown="t('thing.notKnown')"
          :hint="spec.kind === 'date' ? t('walk.made') : undefined"
          :error="errorAt(spec.code)"
          :inputmode="spec.kind === 'number' ? 'decimal' : 'text'"
          maxlength="200"
        />
      </div>
      <MovesList :trial="trial" :speech="speech" :name-of="nameOf" />
      <FormFoot :error="errorAt('')" :send="t('thing.save')" :busy="busy">
        <Button text @click="changing = false">{{ t('shell.cancel') }}</Button>
      </FormFoot>
    </form>
  </section>
</template>

<style scoped>
.facts div {
  display: grid;
  grid-template-columns: minmax(9rem, 1fr) 2fr;
  gap: 0 1rem;
  border-bottom: 1px solid var(--rule);
}

dt,
.open {
  color: var(--soft);
}
</style>
