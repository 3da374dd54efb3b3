<script setup lang="ts">
import Button from 'primevue/button';
import { waitsText } from '../../composables/waitsText.ts';
import { computed, reactive, ref } from 'vue';
import FormFoot from '../../kit/FormFoot.vue';
import MovesList from '../../kit/MovesList.vue';
import SpecField from '../../kit/SpecField.vue';
import type { HouseBody, UpkeepBody } from '../../../contract/schemas.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import { readTypedNumber } from '../../../core/units/typedNumber.ts';
import { TRAIT_GROUPS, traitFits, type TraitGroup, type TraitSpec } from '../../../core/house/traitSpec.ts';
import { planFor } from '../../../core/catalogue/planFor.ts';
import { assertNever } from '../../../core/basics/result.ts';
import { traitEntries } from '../../../core/upkeep/traitEntries.ts';
import { traitText } from '../../../locales/factText.ts';
import { nameIn, words, type Speech } from '../../../locales/speech.ts';
import { catalogue } from '../../catalogue.ts';
import { useForm } from '../../composables/useForm.ts';
import { useTrial } from '../../composables/useTrial.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { knownAssets } from '../../parts/thing/knownAssets.ts';
import { countryOptions } from '../../parts/place/countries.ts';
import { dutyName } from '../../parts/entry/describe.ts';

/** The traits of the home, in one place. The dates a change moves, and the factors, are shown before it is saved. */
const props = defineProps<{ house: HouseBody; upkeep: UpkeepBody; speech: Speech; mayWrite: boolean }>();
const emit = defineEmits<{ saved: [text: string] }>();

const GROUPS = Object.keys(TRAIT_GROUPS) as TraitGroup[];
const NOT_SAID = '';
const home = useHome();
const { write } = useWriting();
const { busy, errorAt, refuse, show, submit } = useForm();
const t = computed(() => props.speech.t);
const changing = ref(false);
const traits = computed(() => props.upkeep.known.traits);
const typed = reactive<Record<string, string>>({});

const specs = (group: TraitGroup): readonly TraitSpec[] => TRAIT_GROUPS[group];
const told = (group: TraitGroup) =>
  specs(group).flatMap(({ code }) => {
    const value = traits.value[code];
    return value === undefined || value === null
      ? []
      : [{ code, name: nameIn(props.speech, 'trait', code), text: traitText(props.speech, code, value) }];
  });

const asTyped = (value: FactValue | undefined): string =>
  value === undefined || value === null
    ? NOT_SAID
    : typeof value === 'boolean'
      ? value
        ? 'yes'
        : 'no'
      : String(value);

function optionsOf(spec: TraitSpec): { value: string; text: string }[] | null {
  switch (spec.kind) {
    case 'number':
      return null;
    case 'yesNo':
      return [
        { value: 'yes', text: t.value('traits.yes') },
        { value: 'no', text: t.value('traits.no') },
      ];
    case 'country':
      return countryOptions(props.speech.wording.vocabulary);
    case 'choice':
      return spec.options.map((value) => ({ value, text: t.value(`traitOption.${spec.code}.${value}`) }));
  }
  return assertNever(spec);
}

function begin(): void {
  for (const { code } of GROUPS.flatMap(specs)) typed[code] = asTyped(traits.value[code]);
  changing.value = true;
}

function readTrait({ code, kind }: TraitSpec): FactValue {
  const text = (typed[code] ?? NOT_SAID).trim();
  if (text === NOT_SAID) return null;
  if (kind === 'yesNo') return text === 'yes';
  if (kind !== 'number') return text;
  const read = readTypedNumber(text);
  // A trait that takes a number refuses other text.
  return read.ok ? read.value : text;
}

const changed = computed(
  () =>
    new Map(
      GROUPS.flatMap(specs).flatMap((spec): [string, FactValue][] =>
        changing.value && typed[spec.code] !== asTyped(traits.value[spec.code])
          ? [[spec.code, readTrait(spec)]]
          : [],
      ),
    ),
);
const wrong = computed(
  () => [...changed.value].find(([code, value]) => !traitFits(code, value))?.[0] ?? null,
);
const bodies = computed(() =>
  changed.value.size === 0 || wrong.value !== null
    ? []
    : traitEntries(props.house, props.upkeep.kept, home.find, changed.value),
);
const trial = useTrial(props.house.home.id, () => bodies.value);
const nameOf = (id: string): string => dutyName(props.house, id, props.speech);

/** The duties that a plan would hold after the change and does not hold now. */
const offered = computed(() => {
  if (bodies.value.length === 0) return [];
  const assets = knownAssets(props.house, props.upkeep.known);
  const codesWith = (some: ReadonlyMap<string, FactValue>): Set<string> =>
    new Set(
      planFor({ ...props.house.home, assets, traits: some }, catalogue.value?.practices ?? []).duties.map(
        ({ practice }) => practice.code,
      ),
    );
  const now = codesWith(new Map(Object.entries(traits.value)));
  const then = codesWith(new Map([...Object.entries(traits.value), ...changed.value]));
  return [...then].filter((code) => !now.has(code)).flatMap((code) => home.find(code) ?? []);
});

const save = () =>
  submit(async () => {
    const { on } = home;
    if (!on) return;
    if (wrong.value !== null) return show(t.value('problem.trait-value'), wrong.value);
    if (bodies.value.length === 0) return show(t.value('traits.nothing'), '');
    const text = t.value('traits.saved');
    const { outcome } = await write(
      bodies.value.map((body) => ({ date: on, body })),
      text,
    );
    if (outcome.kind === 'refused') return refuse(outcome.error);
    changing.value = false;
    emit('saved', `${text}${waitsText(t.value, outcome)}`);
  });
</script>

<template>
  <section :aria-label="t('traits.title')" data-test="traits">
    <h2>{{ t('traits.title') }}</h2>
    <p class="soft small">{{ t('traits.lead') }}</p>
    <template v-if="!changing">
      <div v-for="group in GROUPS" :key="group">
        <h3 v-if="told(group).length > 0">{{ t(`traitGroup.${group}`) }}</h3>
        <dl class="traits">
          <div v-for="one in told(group)" :key="one.code">
            <dt>{{ one.name }}</dt>
            <dd>{{ one.text }}</dd>
          </div>
        </dl>
      </div>
      <Button v-if="mayWrite" text class="no-print" @click="begin">{{ t('traits.change') }}</Button>
    </template>
    <form v-else class="form" novalidate @submit.prevent="save">
      <fieldset v-for="group in GROUPS" :key="group">
        <legend>{{ t(`traitGroup.${group}`) }}</legend>
        <div class="pair">
          <SpecField
            v-for="spec in specs(group)"
            :key="spec.code"
            v-model="typed[spec.code]!"
            :label="nameIn(speech, 'trait', spec.code)"
            :options="optionsOf(spec)"
            :unknown="t('traits.notSaid')"
            :error="errorAt(spec.code)"
            inputmode="numeric"
            maxlength="4"
          />
        </div>
      </fieldset>
      <MovesList :trial="trial" :speech="speech" :name-of="nameOf" />
      <p v-if="offered.length > 0" class="small" role="status">
        {{
          t('traits.newDuties', {
            titles: speech.formats.list(offered.map(({ title }) => words(speech, title))),
          })
        }}
      </p>
      <FormFoot :error="errorAt('')" :send="t('traits.save')" :busy="busy">
        <Button text @click="changing = false">{{ t('shell.cancel') }}</Button>
      </FormFoot>
    </form>
  </section>
</template>

<style scoped>
h3 {
  margin-top: calc(var(--line) / 2);
  font-size: 1rem;
  font-weight: 600;
}

.traits {
  columns: 17rem 3;
  column-gap: 2rem;
}

.traits div {
  display: flex;
  justify-content: space-between;
  gap: 0.75rem;
  break-inside: avoid;
  border-bottom: 1px solid var(--rule);
}

dd {
  text-align: right;
}
</style>
