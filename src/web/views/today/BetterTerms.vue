<script setup lang="ts">
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, onMounted, ref } from 'vue';
import FormFoot from '../../kit/FormFoot.vue';
import MovesList from '../../kit/MovesList.vue';
import KitDialog from '../../kit/KitDialog.vue';
import type { BetterTermsBody } from '../../../contract/betterTerms.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useForm } from '../../composables/useForm.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useTrial } from '../../composables/useTrial.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';

/** One line where tasks could have better dates, since the catalogue knows more than when they were taken on; nothing is changed unasked. */
const emit = defineEmits<{ written: [sent: Sent, text: string] }>();
/** So many entries are taken at once; what is left is offered again. */
const MOST = 200;
const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { tell } = useErrorText();
const { busy, errorAt, refuse, submit } = useForm();
const t = computed(() => speech.value.t);
const offers = ref<BetterTermsBody['offers']>([]);
const seeing = ref(false);
const wrong = ref('');
const homeId = home.house?.home.id ?? '';

async function read(): Promise<void> {
  try {
    offers.value = (await ask('betterTerms', { params: { homeId } })).offers;
    wrong.value = '';
  } catch (error) {
    // The due list works without it, but the missing part is named.
    wrong.value = tell(error).text;
  }
}
onMounted(read);

const bodies = computed((): EntryBody[] =>
  offers.value.slice(0, MOST).map(({ dutyId, terms }) => makeBody('terms', { duty: dutyId, terms })),
);
const trial = useTrial(homeId, () => (seeing.value ? bodies.value : []));
/** Like tasks on several things are named once. */
const titles = computed(() => [...new Set(offers.value.map(({ dutyId }) => speech.value.dutyTitle(dutyId)))]);

const take = () =>
  submit(async () => {
    const { on } = home;
    if (!on) return;
    const text = t.value('better.taken', { n: bodies.value.length }, bodies.value.length);
    const sent = await write(
      bodies.value.map((body) => ({ date: on, body })),
      text,
    );
    if (sent.outcome.kind === 'refused') return refuse(sent.outcome.error);
    seeing.value = false;
    // Said first: the page may read anew meanwhile and take this line away.
    emit('written', sent, text);
    await read();
  });
</script>

<template>
  <p v-if="wrong" class="notice wrong" role="alert">{{ t('better.unread', { why: wrong }) }}</p>
  <p v-else-if="offers.length > 0" class="notice no-print" data-test="better">
    {{ t('better.line', { n: offers.length }, offers.length) }}
    <Button text data-act="better" @click="seeing = true">{{ t('better.see') }}</Button>
  </p>
  <KitDialog
    v-if="seeing"
    open
    :title="t('better.title')"
    :close-label="t('shell.close')"
    @update:open="seeing = false"
  >
    <form class="form" novalidate @submit.prevent="take">
      <p>{{ t('better.lead') }}</p>
      <MovesList :trial="trial" :speech="speech" :name-of="speech.dutyTitle" />
      <details>
        <summary>{{ t('better.which', { n: titles.length }, titles.length) }}</summary>
        <ul>
          <li v-for="title in titles" :key="title">{{ title }}</li>
        </ul>
      </details>
      <FormFoot
        :error="errorAt('')"
        :send="t('better.take', { n: bodies.length }, bodies.length)"
        :busy="busy"
      >
        <Button text @click="seeing = false">{{ t('shell.cancel') }}</Button>
      </FormFoot>
    </form>
  </KitDialog>
</template>
