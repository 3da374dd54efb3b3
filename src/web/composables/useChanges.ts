import { ref, type ComputedRef } from 'vue';
import type { Translate } from '../../locales/speech.ts';
import { useErrorText } from './useErrorText.ts';
import { useSaying } from './useSaying.ts';
import { waitsText } from './waitsText.ts';
import type { Sent } from './useWriting.ts';

/** Changes made in the panels of a page: each is said, and the page is read anew after it. */
export function useChanges(t: ComputedRef<Translate>, load: () => Promise<void>) {
  const { tellBody } = useErrorText();
  const say = useSaying();
  /** How many were made: as part of its key, every panel begins anew after one. */
  const changes = ref(0);

  /** Says a change that was taken. */
  async function changed(text: string): Promise<void> {
    await load();
    changes.value += 1;
    say({ text });
  }

  /** Says what came of entries that a panel sent. What waits on this device is not to be read yet. */
  async function written({ outcome }: Sent, text: string): Promise<void> {
    if (outcome.kind === 'refused') {
      say({ text: tellBody(outcome.error).text, wrong: true });
      return;
    }
    if (outcome.kind === 'delivered') await load();
    changes.value += 1;
    say({ text: `${text}${waitsText(t.value, outcome)}` });
  }

  return { changes, changed, written };
}
