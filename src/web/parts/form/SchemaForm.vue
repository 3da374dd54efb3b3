<script setup lang="ts" generic="S extends z.ZodObject">
import { Form, type FormSubmitEvent } from '@primevue/forms';
import { zodResolver } from '@primevue/forms/resolvers/zod';
import { provide } from 'vue';
import { useI18n } from 'vue-i18n';
import type { z } from 'zod';
import { problemOf } from '../../../contract/errors.ts';
import { problemText } from '../../../locales/problemText.ts';
import { useForm } from '../../composables/useForm.ts';
import { FORM } from '../../kit/form.ts';

/**
 * A form over a schema: what is typed is judged by the same schema as on the server when it is sent, and what the server says of a field
 * stands under that field. What was typed stays when it fails.
 */
const props = defineProps<{
  schema: S;
  initial: z.input<S>;
  send: (values: z.output<S>) => Promise<void>;
}>();
const { t } = useI18n({ useScope: 'global' });
const { busy, errorAt, submit, clear } = useForm();

provide(FORM, {
  errorOf(name, issues) {
    const [issue] = issues ?? [];
    if (issue)
      return problemText((key, named = {}, plural = 1) => t(key, named, plural), problemOf(issue).problem);
    return errorAt(name) || undefined;
  },
});

async function sendIfRight({ valid, values }: FormSubmitEvent): Promise<void> {
  clear();
  if (!valid) return;
  await submit(() => props.send(props.schema.parse(values)));
}
</script>

<template>
  <Form
    class="form"
    novalidate
    :resolver="zodResolver(schema)"
    :initial-values="initial"
    :validate-on-value-update="false"
    validate-on-submit
    @submit="sendIfRight"
  >
    <slot />
    <p v-if="errorAt('')" class="notice wrong" role="alert">{{ errorAt('') }}</p>
    <div class="actions"><slot name="actions" :busy="busy" /></div>
  </Form>
</template>
