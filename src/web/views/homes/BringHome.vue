<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import type { HouseFileAnswer } from '../../../contract/houseFiles.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import FileField from '../../kit/FileField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useForm } from '../../composables/useForm.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useSession } from '../../stores/session.ts';
import { sendHouseFile } from '../../stores/account.ts';

/** Brings a home in from a house file: what is in it is shown first, and nothing is saved before that is agreed to. */
const { t } = useI18n({ useScope: 'global' });
const router = useRouter();
const session = useSession();
const speech = useSpeech();
const say = useSaying();
const { tell } = useErrorText();
const { busy, errorAt, submit } = useForm();
type Preview = Extract<HouseFileAnswer, { act: 'preview' }>;
const chosen = ref<{ readonly file: File; readonly preview: Preview } | null>(null);
const reading = ref(false);
const wrong = ref('');

async function look(file: File): Promise<void> {
  chosen.value = null;
  wrong.value = '';
  reading.value = true;
  try {
    const preview = await sendHouseFile(file, 'preview');
    if (preview.act === 'preview') chosen.value = { file, preview };
  } catch (error) {
    const { text, field } = tell(error);
    wrong.value = field === '' || field === 'file' ? text : `${field}: ${text}`;
  } finally {
    reading.value = false;
  }
}

const bring = () =>
  submit(async () => {
    if (!chosen.value) return;
    const { file, preview } = chosen.value;
    const answer = await sendHouseFile(file, 'import');
    if (answer.act !== 'import') return;
    await session.loadHomes();
    await router.push({ name: 'today', params: { homeId: answer.homeId } });
    say({ text: t('bring.saved', { home: preview.name }) });
  });
</script>

<template>
  <form class="form" novalidate :aria-label="t('bring.title')" @submit.prevent="bring">
    <h2>{{ t('bring.title') }}</h2>
    <FileField
      :label="t('house.file')"
      :choose="t('bring.choose')"
      :hint="t('bring.lead')"
      :error="wrong"
      :disabled="busy || reading"
      accept=".zip,.json"
      name="house-file"
      @chosen="look"
    />
    <p v-if="reading" class="soft" role="status">{{ t('bring.reading') }}</p>
    <template v-if="chosen">
      <div class="notice" role="status" data-test="house-file-preview">
        <p>
          <strong>{{ chosen.preview.name }}</strong>
        </p>
        <p>
          {{
            t('bring.holds', {
              things: chosen.preview.things,
              entries: chosen.preview.entries,
              photos: chosen.preview.photos,
              papers: chosen.preview.papers,
              checklists: chosen.preview.checklists,
            })
          }}
        </p>
        <p v-if="chosen.preview.lastDay !== null" class="soft">
          {{ t('bring.lastDay', { on: speech.formats.longDate(civil(chosen.preview.lastDay)) }) }}
        </p>
        <p>{{ t(`bring.${chosen.preview.becomes}`) }}</p>
      </div>
      <FormFoot :error="errorAt('')" :send="t('bring.save')" :busy="busy">
        <Button text @click="chosen = null">{{ t('shell.cancel') }}</Button>
      </FormFoot>
    </template>
  </form>
</template>

<style scoped>
.form {
  margin-top: calc(var(--line) * 2);
}
</style>
