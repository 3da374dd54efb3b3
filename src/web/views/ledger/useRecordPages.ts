import { ref } from 'vue';
import type { LedgerLine, LedgerPage } from '../../../contract/schemas.ts';
import { ask } from '../../device/ask.ts';

type Query = Readonly<Record<string, string | number>>;

/** Lines of one page: the table and the list read on from what is there, never all of it. */
const PAGE = 100;
/** The most the server hands out at once, for what is saved as a table. */
const MOST = 1_000;

/** The record of a home as far as it was read: pages by day and number, newest first. */
export function useRecordPages(homeId: string, query: () => Query) {
  const lines = ref<LedgerLine[]>([]);
  const next = ref<string | null>(null);

  // The contract reads ids from one text and numbers from theirs, as an address holds them.
  const page = (wanted: Query, limit: number, before: string | null): Promise<LedgerPage> =>
    ask('ledger', {
      params: { homeId },
      query: { ...wanted, limit, ...(before !== null && { before }) } as never,
    });

  /** Reads the first lines anew: as many as are there, one page at least. */
  async function restart(): Promise<void> {
    const first = await page(query(), Math.min(MOST, Math.max(PAGE, lines.value.length)), null);
    lines.value = first.lines;
    next.value = first.next;
  }

  async function first(): Promise<void> {
    lines.value = [];
    await restart();
  }

  async function more(): Promise<void> {
    const further = await page(query(), PAGE, next.value);
    lines.value = [...lines.value, ...further.lines];
    next.value = further.next;
  }

  /** Every line that fits a query, page after page. */
  async function all(wanted: Query): Promise<LedgerLine[]> {
    const found: LedgerLine[] = [];
    let before: string | null = null;
    do {
      const { lines: some, next: following }: LedgerPage = await page(wanted, MOST, before);
      found.push(...some);
      before = following;
    } while (before !== null);
    return found;
  }

  return { lines, next, first, restart, more, all };
}
