import { ref, type ComputedRef } from 'vue';
import type { NewEntry } from '../../contract/schemas.ts';
import { followsText } from '../../locales/followsText.ts';
import type { Speech } from '../../locales/speech.ts';
import { useSaying } from './useSaying.ts';
import { useErrorText } from './useErrorText.ts';
import { waitsText } from './waitsText.ts';
import { useWriting, type Sent, type Wanted } from './useWriting.ts';

/** The answers of a page when an entry it sent was saved, undone or refused. */
export interface Hears {
  readonly taken?: (sent: Sent) => void;
  readonly undone?: (entries: readonly NewEntry[]) => void;
  readonly refused?: () => void;
}

/** Writes entries, one request at a time, and says in a toast what follows; from there it is undone. */
export function useSaidWrites(speech: ComputedRef<Speech>, hears: Hears = {}) {
  const { write, takeBack } = useWriting();
  const { tell, tellBody } = useErrorText();
  const say = useSaying();
  const busy = ref(false);

  /** Nothing else is sent until this has been; what goes wrong is said. Answers whether it was taken: sent, or kept on the device. */
  async function once(work: () => Promise<boolean>): Promise<boolean> {
    if (busy.value) return false;
    busy.value = true;
    try {
      return await work();
    } catch (error) {
      say({ text: tell(error).text, wrong: true });
      return false;
    } finally {
      busy.value = false;
    }
  }

  /** Says what came of a write. */
  function written(sent: Sent, text: string): boolean {
    const { entries, outcome } = sent;
    if (outcome.kind === 'refused') {
      say({ text: tellBody(outcome.error).text, wrong: true });
      hears.refused?.();
      return false;
    }
    const { t } = speech.value;
    const follows =
      outcome.kind === 'delivered'
        ? followsText(speech.value, outcome.response)
        : waitsText(t, outcome).trim();
    say({
      text: `${text} ${follows}`.trim(),
      offer: { label: t('today.undo'), act: () => void undo(entries) },
    });
    hears.taken?.(sent);
    return true;
  }

  /** Undoes entries that were sent, or that wait to be. */
  const undo = (entries: readonly NewEntry[]): Promise<boolean> =>
    once(async () => {
      const { outcome } = await takeBack(entries, speech.value.t('today.undo'));
      if (outcome.kind === 'refused') say({ text: tellBody(outcome.error).text, wrong: true });
      else {
        hears.undone?.(entries);
        say({ text: speech.value.t('today.undone') });
      }
      return outcome.kind !== 'refused';
    });

  const send = (wanted: readonly Wanted[], text: string): Promise<boolean> =>
    once(async () => written(await write(wanted, text), text));

  return { busy, written, undo, send };
}
