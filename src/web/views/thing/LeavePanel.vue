<script setup lang="ts">
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { v7 as uuid } from 'uuid';
import { computed, reactive, ref } from 'vue';
import FormFoot from '../../kit/FormFoot.vue';
import MovesList from '../../kit/MovesList.vue';
import TextField from '../../kit/TextField.vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import type { Asset } from '../../../core/house/house.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useForm } from '../../composables/useForm.ts';
import { useTrial } from '../../composables/useTrial.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { isPrinted, readAge } from '../../parts/typed/age.ts';
import PrintedFields from '../../parts/typed/PrintedFields.vue';
import { dutyName } from '../../parts/entry/describe.ts';

/** A thing that goes: another takes its place and what is kept goes over to it, or it is simply taken out. */
const props = defineProps<{ way: 'replace' | 'remove'; asset: Asset; house: HouseBody; speech: Speech }>();
const emit = defineEmits<{ close: []; replaced: [successor: string]; removed: [text: string] }>();

const home = useHome();
const outbox = useOutbox();
const { write } = useWriting();
const { busy, errorAt, refuse, show, submit } = useForm();
const t = computed(() => props.speech.t);
const why = ref('');
const typed = reactive({
  id: uuid(),
  entry: uuid(),
  name: props.asset.name,
  on: props.speech.today as string,
});
const age = ref({ made: '', life: '', ends: '' });
const removal = computed((): EntryBody[] =>
  props.way === 'remove'
    ? [
        makeBody('removed', {
          asset: props.asset.id,
          ...(why.value.trim() !== '' && { why: why.value.trim() }),
        }),
      ]
    : [],
);
const trial = useTrial(props.house.home.id, () => removal.value);
const nameOf = (id: string): string => dutyName(props.house, id, props.speech);

/** The facts of the old one are likely those of the new one, its age and its label apart. */
const likely = (): Asset['facts'] => {
  const { made: _made, model: _model, life: _life, ends: _ends, ...rest } = props.asset.facts ?? {};
  const read = readAge(age.value);
  const told = read.ok ? read.bodies(typed.id).map(({ fact, value }) => [fact, value] as const) : [];
  return { ...rest, made: null, ...Object.fromEntries(told) };
};

const replace = () =>
  submit(async () => {
    const { on } = typed;
    if (typed.name.trim() === '') return show(t.value('problem.missing'), 'name');
    const read = readAge(age.value);
    if (!read.ok && read.problem !== 'problem.missing') return show(t.value(read.problem), read.field);
    if (!isCivilDate(on)) return show(t.value('problem.civil-date'), 'on');
    const { kind, space, partOf } = props.asset;
    const outcome = await outbox.send({
      route: 'add',
      homeId: props.house.home.id,
      body: {
        batch: uuid(),
        on,
        assets: [
          {
            id: typed.id,
            kind,
            name: typed.name.trim(),
            ...(space !== undefined && { space }),
            ...(partOf !== undefined && { partOf }),
            facts: likely(),
            installed: on,
            succeeds: props.asset.id,
            replacement: typed.entry,
          },
        ],
        duties: [],
      },
      label: t.value('thing.replaceTitle', { name: props.asset.name }),
    });
    if (outcome.kind === 'refused') return refuse(outcome.error);
    emit('replaced', typed.id);
  });

const remove = () =>
  submit(async () => {
    const { on } = home;
    if (!on) return;
    const text = t.value('thing.removed', { name: props.asset.name });
    const { outcome } = await write(
      removal.value.map((body) => ({ date: on, body })),
      text,
    );
    if (outcome.kind === 'refused') return refuse(outcome.error);
    emit('removed', text);
  });
</script>

<template>
  <form class="form" novalidate @submit.prevent="way === 'replace' ? replace() : remove()">
    <p>
      <strong>{{ t(`thing.${way}Title`, { name: asset.name }) }}</strong>
    </p>
    <p>{{ t(`thing.${way}Lead`) }}</p>
    <div v-if="way === 'replace'" class="pair">
      <TextField
        v-model="typed.name"
        :label="t('thing.replaceName')"
        :error="errorAt('name')"
        maxlength="120"
      />
      <TextField
        v-model="age.made"
        :label="t('thing.replaceMade')"
        :hint="t('walk.made')"
        :error="errorAt('made')"
        maxlength="10"
      />
      <PrintedFields v-if="isPrinted(asset)" v-model="age" :error-at="errorAt" />
      <TextField v-model="typed.on" :label="t('thing.replaceOn')" :error="errorAt('on')" type="date" />
    </div>
    <TextField v-else v-model="why" :label="t('upkeep.why')" maxlength="200" />
    <MovesList :trial="trial" :speech="speech" :name-of="nameOf" />
    <FormFoot :error="errorAt('')" :send="t(`thing.${way}Save`)" :busy="busy" :grave="way === 'remove'">
      <Button text @click="emit('close')">{{ t('shell.cancel') }}</Button>
    </FormFoot>
  </form>
</template>
