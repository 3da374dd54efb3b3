import { readingOf } from '../../../core/readings/all.ts';
import { judge } from '../../../core/readings/reading.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import type { ItemState, RunItem, RunState } from '../../../core/runs/runState.ts';

/** A reading typed in from paper may be a stop; the run then says what to do before anything else. Null where none is. */
export function stopTyped(
  item: RunItem,
  changed: Partial<ItemState>,
  traits: Parameters<typeof settledBy>[1],
): RunState['stop'] {
  for (const { reading: code, given } of changed.readings ?? []) {
    const reading = readingOf(code);
    const answer = reading && judge(reading, given, settledBy(reading, traits));
    const isStop =
      answer && 'outcome' in answer && answer.outcome.kind === 'judged' && answer.outcome.verdict === 'stop';
    if (isStop) return { item: item.key, reading: code, hazard: null };
  }
  return null;
}
