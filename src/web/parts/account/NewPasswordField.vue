<script setup lang="ts">
import ProgressBar from 'primevue/progressbar';
import { refDebounced } from '@vueuse/core';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Strength } from '../../../adapters/passwordStrength.ts';
import PasswordField from '../../kit/PasswordField.vue';
import { loadLaterTexts } from '../../i18n.ts';

/** A field for a new password that says how easy it is to guess, by the same lists the server refuses by. */
const props = defineProps<{
  label: string;
  error: string;
  /** Words that others know of its owner. */
  about: readonly string[];
}>();
const text = defineModel<string>({ required: true });
const { t } = useI18n({ useScope: 'global' });

const TYPING_MS = 200;
const MOST_SCORE = 4;
const settled = refDebounced(text, TYPING_MS);
const strength = ref<Strength | null>(null);

watch([settled, () => props.about.join()], async ([typed]) => {
  if (typed === '') {
    strength.value = null;
    return;
  }
  // The lists are large: they are fetched with the first letter.
  const [{ strengthOf }] = await Promise.all([
    import('../../../adapters/passwordStrength.ts'),
    loadLaterTexts(),
  ]);
  if (typed === settled.value) strength.value = strengthOf(typed, props.about);
});

function wordsOf({ score, weakness }: Strength): string {
  if (weakness === null) return t(score === MOST_SCORE ? 'strength.strong' : 'strength.fair');
  return `${t('strength.weak')}: ${t(`strength.${weakness}`)}`;
}
</script>

<template>
  <PasswordField
    v-model="text"
    :label="label"
    :hint="t('signIn.passwordHint')"
    :error="error"
    autocomplete="new-password"
  >
    <div v-if="strength" class="strength small" role="status" data-test="strength">
      <ProgressBar
        :value="(strength.score / MOST_SCORE) * 100"
        :show-value="false"
        :aria-label="wordsOf(strength)"
      />
      <span>{{ wordsOf(strength) }}</span>
    </div>
  </PasswordField>
</template>

<style scoped>
.strength {
  display: flex;
  align-items: center;
  gap: 0.75rem;
  margin-top: 0.25rem;
}

.strength > :first-child {
  flex: 0 0 6rem;
}
</style>
