<script setup lang="ts">
import Button from 'primevue/button';
import Password from 'primevue/password';
import { Eye, EyeOff } from 'lucide-vue-next';
import { useI18n } from 'vue-i18n';
import FieldRow from './FieldRow.vue';

/** A labelled field for a password, which can be shown while it is typed. `autocomplete`: whether it is one that is known or a new one. */
defineProps<{
  label: string;
  hint?: string | undefined;
  error?: string | undefined;
  autocomplete: 'current-password' | 'new-password';
}>();
const text = defineModel<string>({ required: true });
const { t } = useI18n({ useScope: 'global' });
</script>

<template>
  <FieldRow v-slot="{ id, describedBy, invalid }" :label="label" :hint="hint" :error="error">
    <Password
      v-model="text"
      :input-id="id"
      :feedback="false"
      :input-props="{
        autocomplete,
        'aria-describedby': describedBy,
        'aria-invalid': invalid,
        // There is no panel to open: the library says so of a field that has one.
        'aria-expanded': undefined,
        'aria-haspopup': undefined,
      }"
      toggle-mask
    >
      <template #maskicon="{ toggleCallback }">
        <Button text class="k-password-eye" :aria-label="t('signIn.hide')" @click="toggleCallback">
          <EyeOff :size="20" aria-hidden="true" />
        </Button>
      </template>
      <template #unmaskicon="{ toggleCallback }">
        <Button text class="k-password-eye" :aria-label="t('signIn.show')" @click="toggleCallback">
          <Eye :size="20" aria-hidden="true" />
        </Button>
      </template>
    </Password>
    <slot />
  </FieldRow>
</template>
