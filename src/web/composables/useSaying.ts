import { useToast } from 'primevue/usetoast';

const SHOWN_MS = 8_000;

/** The content of a toast: what was done, and how to undo it where it can be. */
export interface Saying {
  readonly text: string;
  readonly undo?: { readonly label: string; readonly act: () => void };
  /** It could not be done: this stays until it is closed. */
  readonly wrong?: boolean;
}

/** Says something in place, without moving the page; what can be undone says so. */
export function useSaying(): (saying: Saying) => void {
  const toast = useToast();
  return ({ text, undo, wrong }) => {
    // One at a time: the newest is what the person just did.
    toast.removeAllGroups();
    toast.add({
      summary: text,
      detail: undo,
      severity: wrong ? 'error' : 'success',
      ...(wrong ? {} : { life: SHOWN_MS }),
      closable: true,
    });
  };
}
