<script setup lang="ts">
import Button from 'primevue/button';
import { useClipboard } from '@vueuse/core';
import { useI18n } from 'vue-i18n';
import FieldRow from '../../kit/FieldRow.vue';
import InputText from 'primevue/inputtext';
import KitDialog from '../../kit/KitDialog.vue';
import { useSaying } from '../../composables/useSaying.ts';

/** The link of an invitation, to be sent by its maker. It is shown once: the server keeps no more than its hash. */
const props = defineProps<{ link: string; email: string }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n({ useScope: 'global' });
const say = useSaying();
// Where the page did not come by a secure address the older way of copying is all there is.
const { copy, copied } = useClipboard({ legacy: true });

async function copyIt(): Promise<void> {
  await copy(props.link);
  say(copied.value ? { text: t('people.copied') } : { text: t('people.notCopied'), wrong: true });
}
</script>

<template>
  <KitDialog
    open
    :title="t('people.link', { email })"
    :close-label="t('shell.close')"
    @update:open="emit('close')"
  >
    <div class="form">
      <FieldRow v-slot="{ id }" :label="t('people.linkLabel')" :hint="t('people.linkLead', { email })">
        <InputText
          :id="id"
          :model-value="link"
          readonly
          data-test="invitation-link"
          @focus="($event.target as HTMLInputElement).select()"
        />
      </FieldRow>
      <p class="actions">
        <Button @click="copyIt">{{ t('people.copy') }}</Button>
      </p>
    </div>
  </KitDialog>
</template>
