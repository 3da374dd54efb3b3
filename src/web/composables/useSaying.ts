import { useToast } from 'primevue/usetoast';

const SHOWN_MS = 8_000;

/** The content of a toast: what was done, and what it offers to do next, mostly to undo it. */
export interface Saying {
  readonly text: string;
  readonly offer?: { readonly label: string; readonly act: () => void };
  /** It could not be done: this stays until it is closed. */
  readonly wrong?: boolean;
}

/** Says something in place, without moving the page; what can be undone says so. */
export function useSaying(): (saying: Saying) => void {
  const toast = useToast();
  return ({ text, offer, wrong }) => {
    // One at a time: the newest is what the person just did.
    toast.removeAllGroups();
    toast.add({
      summary: text,
      detail: offer,
      severity: wrong ? 'error' : 'success',
      ...(wrong ? {} : { life: SHOWN_MS }),
      closable: true,
    });
  };
}
