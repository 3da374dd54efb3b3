<script setup lang="ts">
import { waitsText } from '../../composables/waitsText.ts';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { StandingBody } from '../../../contract/schemas.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import NoteForm from './NoteForm.vue';
import SeasonStateList from './SeasonStateList.vue';
import { NOTE_KINDS, type Noted } from './draft.ts';

/** Season states, events, measurements and stock: all that is noted but work done. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { tellBody } = useErrorText();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
/** A note requested by the address, such as a finding after something went wrong. */
const kind = NOTE_KINDS.find((one) => one === route.query['kind']);
const textOf = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);
const asked = { thing: textOf(route.query['thing']), measurement: textOf(route.query['measurement']) };
const standing = ref<StandingBody['lines']>([]);
const said = ref<{ text: string; wrong: boolean } | null>(null);
const saying = useTemplateRef('saying');
const busy = ref(false);
/** A new form after each note that was taken. */
const notes = ref(0);

const { state, load } = useLoading(async () => {
  const [, body] = await Promise.all([home.load(homeId), ask('standing', { params: { homeId } })]);
  standing.value = body.lines;
});

/** Writes one note and says which dates it moved. */
async function note({ entries, label }: Noted): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  try {
    const { outcome } = await write(entries, label);
    if (outcome.kind === 'refused') said.value = { text: tellBody(outcome.error).text, wrong: true };
    else if (outcome.kind === 'waiting')
      said.value = { text: `${label}${waitsText(t.value, outcome)}`, wrong: false };
    else {
      const { length } = outcome.response.rows;
      said.value = { text: `${label} ${t.value('note.moved', { n: length }, length)}`, wrong: false };
      standing.value = (await ask('standing', { params: { homeId } })).lines;
    }
    if (outcome.kind !== 'refused') notes.value += 1;
  } finally {
    busy.value = false;
  }
  await nextTick();
  saying.value?.focus();
}

function turn(asset: string, state_: string, kind: 'shut' | 'opened', label: string): void {
  if (!home.on) return;
  const body = makeBody(kind, { asset, state: state_ });
  void note({ entries: [{ date: home.on, body }], label });
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('note.title') }}</h1>
      <p class="soft">{{ t('note.lead') }}</p>
    </header>
    <div class="column body">
      <div ref="saying" role="status" tabindex="-1" class="saying">
        <p v-if="said" class="notice" :class="{ wrong: said.wrong }">{{ said.text }}</p>
      </div>
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <template v-else-if="home.house">
        <SeasonStateList
          :lines="standing"
          :house="home.house"
          :speech="speech"
          :today="home.on ?? speech.today"
          :may-write="home.mayWrite"
          :busy="busy"
          @turn="turn"
        />
        <p v-if="!home.mayWrite" class="notice">{{ t('house.readOnly') }}</p>
        <NoteForm
          v-else
          :key="notes"
          :house="home.house"
          :speech="speech"
          :today="home.on ?? ''"
          :busy="busy"
          :kind="kind"
          v-bind="asked"
          @note="note"
        />
      </template>
    </div>
  </div>
</template>

<style scoped>
.body {
  max-width: 44rem;
}
</style>
