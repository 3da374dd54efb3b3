import { ref } from 'vue';
import type { ErrorBody } from '../../contract/errors.ts';
import { useErrorText } from './useErrorText.ts';

/** The error a form shows after a failed request: one sentence beside the field it belongs to, or below when it has none. */
export function useForm() {
  const busy = ref(false);
  const errorField = ref<string | null>(null);
  const errorText = ref('');
  const { tell, tellBody } = useErrorText();

  /** The names of the fields that have a place for an error: all that the form has ever asked about. */
  const known = new Set<string>();

  /**
   * The sentence to show at a field, where the error is about it. Several names: what is sent may call the field by another. '' is the place
   * for what has no field here.
   */
  function errorAt(...names: string[]): string {
    for (const name of names) known.add(name);
    return errorField.value !== null && names.includes(errorField.value) ? errorText.value : '';
  }

  function refuse(body: ErrorBody): void {
    const told = tellBody(body);
    show(told.text, told.field);
  }

  function show(text: string, field: string): void {
    errorField.value = field.split(/[.[\]]+/).findLast((step) => known.has(step)) ?? '';
    errorText.value = text;
  }

  function clear(): void {
    errorField.value = null;
    errorText.value = '';
  }

  /** Runs a sending once, however often the button is pressed meanwhile. What was typed stays when it fails. */
  async function submit(work: () => Promise<void>): Promise<void> {
    if (busy.value) return;
    busy.value = true;
    clear();
    try {
      await work();
    } catch (error) {
      const told = tell(error);
      show(told.text, told.field);
    } finally {
      busy.value = false;
    }
  }

  return { busy, errorAt, refuse, clear, show, submit };
}
