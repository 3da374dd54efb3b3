<script setup lang="ts">
import Button from 'primevue/button';
import { v7 as uuid } from 'uuid';
import { computed, reactive, ref, watch } from 'vue';
import FileField from '../../kit/FileField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import TextField from '../../kit/TextField.vue';
import { DOCUMENT_KINDS, DOCUMENT_TYPES, type DocumentBody } from '../../../contract/record.ts';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import type { Asset } from '../../../core/house/house.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useForm } from '../../composables/useForm.ts';

/** The papers of a thing, with until when they cover it. */
const props = defineProps<{ asset: Asset; homeId: string; speech: Speech; mayWrite: boolean }>();
const emit = defineEmits<{ changed: [text: string] }>();

/** Bytes of one paper. */
const MOST_BYTES = 8_000_000;
const t = computed(() => props.speech.t);
const { tell } = useErrorText();
const { errorAt, show, submit, busy } = useForm();
const { act } = useActs();
const documents = ref<DocumentBody[]>([]);
const wrong = ref('');
const dropping = ref<string | null>(null);
const draft = reactive({ kind: 'receipt' as DocumentBody['kind'], title: '', coverEnds: '' });
const file = ref<File | null>(null);
/** A new field for the file after each that was kept. */
const kept = ref(0);

async function read(): Promise<void> {
  try {
    const all = await ask('documents', { params: { homeId: props.homeId } });
    documents.value = all.filter(({ asset }) => asset === props.asset.id);
  } catch (error) {
    wrong.value = tell(error).text;
  }
}
watch(() => props.asset.id, read, { immediate: true });

const shown = computed(() =>
  documents.value.map((one) => ({
    ...one,
    kindText: t.value(`documents.kinds.${one.kind}`),
    href: `/api/homes/${props.homeId}/documents/${one.id}/file`,
    until:
      one.coverEnds === null
        ? ''
        : t.value(one.coverEnds < props.speech.today ? 'documents.ended' : 'documents.until', {
            on: dateText(props.speech, one.coverEnds),
          }),
    past: one.coverEnds !== null && one.coverEnds < props.speech.today,
  })),
);

async function inBase64(chosen: File): Promise<string> {
  const bytes = new Uint8Array(await chosen.arrayBuffer());
  let text = '';
  for (let from = 0; from < bytes.length; from += 32_768)
    text += String.fromCharCode(...bytes.subarray(from, from + 32_768));
  return btoa(text);
}

function choose(chosen: File): void {
  file.value = chosen;
  if (draft.title === '') draft.title = chosen.name.replace(/\.[^.]+$/, '').slice(0, 200);
}

const save = () =>
  submit(async () => {
    const chosen = file.value;
    if (!chosen) return show(t.value('documents.noFile'), 'file');
    const type = DOCUMENT_TYPES.find((one) => one === chosen.type);
    if (!type) return show(t.value('documents.wrongType'), 'file');
    if (chosen.size > MOST_BYTES) return show(t.value('documents.tooLarge'), 'file');
    if (draft.title.trim() === '') return show(t.value('problem.missing'), 'title');
    const ends = draft.coverEnds;
    if (ends !== '' && !isCivilDate(ends)) return show(t.value('problem.civil-date'), 'coverEnds');
    const title = draft.title.trim();
    const waits = await act({
      route: 'addDocument',
      homeId: props.homeId,
      params: { documentId: uuid() },
      label: title,
      body: {
        asset: props.asset.id,
        kind: draft.kind,
        title,
        coverEnds: ends === '' || !isCivilDate(ends) ? null : ends,
        fileName: chosen.name.slice(0, 200),
        type,
        file: await inBase64(chosen),
      },
    });
    Object.assign(draft, { title: '', coverEnds: '' });
    file.value = null;
    kept.value += 1;
    await read();
    emit('changed', `${t.value('documents.added', { title })}${waits}`);
  });

async function drop({ id, title }: DocumentBody): Promise<void> {
  try {
    const waits = await act({
      route: 'dropDocument',
      homeId: props.homeId,
      params: { documentId: id },
      body: {},
      label: title,
    });
    dropping.value = null;
    await read();
    emit('changed', `${t.value('documents.dropped', { title })}${waits}`);
  } catch (error) {
    wrong.value = tell(error).text;
  }
}
</script>

<template>
  <section :aria-label="t('documents.title')">
    <h2>{{ t('documents.title') }}</h2>
    <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
    <p v-if="shown.length === 0" class="soft">{{ t('documents.none') }}</p>
    <ul v-else class="ruled">
      <li v-for="one in shown" :key="one.id" class="row">
        <span>
          <a :href="one.href" :download="one.fileName">{{ one.title }}</a>{{ ' '
          }}<span class="soft small">{{ one.kindText }}</span>
        </span>
        <span :class="{ past: one.past }">{{ one.until }}</span>
        <span v-if="mayWrite" class="no-print">
          <template v-if="dropping === one.id">
            {{ t('documents.dropAsk') }}
            <Button text severity="danger" @click="drop(one)">{{ t('documents.dropYes') }}</Button>
            <Button text @click="dropping = null">{{ t('shell.cancel') }}</Button>
          </template>
          <Button v-else text @click="dropping = one.id">
            {{ t('documents.drop') }}<span class="unseen"> {{ one.title }}</span>
          </Button>
        </span>
      </li>
    </ul>
    <form v-if="mayWrite" :key="kept" class="form no-print" novalidate @submit.prevent="save">
      <div class="pair">
        <FileField
          name="document"
          :label="t('documents.file')"
          :choose="t('record.chooseFile')"
          :accept="DOCUMENT_TYPES.join()"
          :hint="t('documents.fileHint')"
          :error="errorAt('file')"
          @chosen="choose"
        />
        <ChoiceField
          v-model="draft.kind"
          :label="t('documents.kind')"
          :options="DOCUMENT_KINDS.map((kind) => ({ value: kind, label: t(`documents.kinds.${kind}`) }))"
        />
        <TextField
          v-model="draft.title"
          :label="t('documents.name')"
          :error="errorAt('title')"
          maxlength="200"
        />
        <TextField
          v-model="draft.coverEnds"
          :label="t('documents.ends')"
          :error="errorAt('coverEnds')"
          type="date"
        />
      </div>
      <FormFoot :error="errorAt('')" :send="t('documents.add')" :busy="busy" />
    </form>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 1rem;
  padding: 0.25rem 0;
}

form {
  margin-top: calc(var(--line) / 2);
}
</style>
