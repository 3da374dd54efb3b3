import { ref } from 'vue';
import type { ErrorBody } from '../../contract/errors.ts';
import { useErrorText } from './useErrorText.ts';

/** The error a form shows after a failed request: one sentence beside the field it belongs to, or below when it has none. */
export function useForm() {
  const busy = ref(false);
  const errorField = ref<string | null>(null);
  const errorText = ref('');
  const { tell, tellBody } = useErrorText();

  /** The sentence for a field, by the last step of its path in what was sent that the form knows; '' is for whatever has no field here. */
  const errorAt = (...names: string[]): string =>
    errorField.value !== null && names.includes(errorField.value) ? errorText.value : '';

  function refuse(body: ErrorBody, fields: readonly string[]): void {
    const told = tellBody(body);
    show(told.text, told.field, fields);
  }

  function show(text: string, field: string, fields: readonly string[]): void {
    const named = field.split(/[.[\]]+/).findLast((step) => fields.includes(step));
    errorField.value = named ?? '';
    errorText.value = text;
  }

  function clear(): void {
    errorField.value = null;
    errorText.value = '';
  }

  /** Runs a sending once, however often the button is pressed meanwhile. What was typed stays when it fails. */
  async function submit(fields: readonly string[], work: () => Promise<void>): Promise<void> {
    if (busy.value) return;
    busy.value = true;
    clear();
    try {
      await work();
    } catch (error) {
      const told = tell(error);
      show(told.text, told.field, fields);
    } finally {
      busy.value = false;
    }
  }

  return { busy, errorAt, refuse, clear, show, submit };
}
