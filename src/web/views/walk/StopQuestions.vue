<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { ChevronDown } from 'lucide-vue-next';
import Button from 'primevue/button';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { Given } from '../../../core/walkthrough/given.ts';
import type { Answer, Question } from '../../../core/walkthrough/question.ts';
import type { Speech } from '../../../locales/speech.ts';
import { walkAnswerText } from '../../../locales/walkAnswer.ts';
import StopQuestion from './StopQuestion.vue';

/** The questions of a stop: all of them where there is room; on a phone one at a time, the others folded to a line with what is answered. */
const props = defineProps<{
  questions: readonly Question[];
  answers: Readonly<Record<string, Answer>>;
  given: Given;
  speech: Speech;
  on: CivilDate;
  hemisphere: 'north' | 'south';
  /** The question whose answer is wrong, and why. */
  wrong: { readonly code: string; readonly text: string } | null;
}>();
const emit = defineEmits<{ answer: [code: string, value: Answer] }>();

const t = computed(() => props.speech.t);
const wide = useMediaQuery('(min-width: 700px)');
const list = useTemplateRef('list');
const asked = ref(props.questions[0]?.code ?? '');
const isShown = (code: string): boolean => wide.value || code === asked.value;
const following = computed(
  () => props.questions[props.questions.findIndex(({ code }) => code === asked.value) + 1],
);

/** Asks another question; its first field has the focus. */
async function show(code: string): Promise<void> {
  asked.value = code;
  await nextTick();
  list.value
    ?.querySelector<HTMLElement>(`[data-question="${code}"] :is(input, button, [role=combobox])`)
    ?.focus();
}
// Errors are shown; a question that an answer took away is no longer asked.
watch(
  () => props.wrong?.code,
  (code) => {
    if (code !== undefined) void show(code);
  },
);
watch(
  () => props.questions,
  (questions) => {
    if (!questions.some(({ code }) => code === asked.value)) asked.value = questions[0]?.code ?? '';
  },
);
</script>

<template>
  <div ref="list" class="questions">
    <template v-for="question in questions" :key="question.code">
      <StopQuestion
        v-if="isShown(question.code)"
        :question="question"
        :given="given"
        :speech="speech"
        :on="on"
        :hemisphere="hemisphere"
        :error="wrong?.code === question.code ? wrong.text : ''"
        :model-value="answers[question.code] ?? null"
        @update:model-value="emit('answer', question.code, $event)"
      />
      <Button v-else text class="folded" :data-folded="question.code" @click="show(question.code)">
        <span class="asked">{{ t(`walk.q.${question.code}`) }}</span>
        <span class="soft">{{
          walkAnswerText(speech, question, answers[question.code] ?? null, given)
        }}</span>
        <ChevronDown :size="20" aria-hidden="true" />
      </Button>
      <Button
        v-if="!wide && question.code === asked && following"
        outlined
        class="next"
        data-act="next-question"
        :label="t('walk.nextQuestion')"
        @click="show(following.code)"
      />
    </template>
  </div>
</template>

<style scoped>
.questions {
  display: grid;
  gap: var(--line);
}

.folded {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  min-height: 3rem;
  padding: 0.25rem 0;
  border-top: 1px solid var(--rule);
  border-radius: 0;
  color: inherit;
  text-align: left;
}

.folded .soft {
  grid-row: 2;
  font-weight: 400;
}

.folded svg {
  grid-row: 1 / span 2;
  grid-column: 2;
}

.next {
  justify-self: start;
}

@media (width < 700px) {
  .questions {
    gap: 0;
  }

  .next {
    margin: 0.75rem 0;
  }
}
</style>
