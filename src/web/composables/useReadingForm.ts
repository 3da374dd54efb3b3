import { computed, ref, type Ref } from 'vue';
import { fillIn, standingIn } from '../../core/readings/fill/fillIn.ts';
import type { KnownForReading } from '../../core/readings/fill/known.ts';
import type { Reading, Settled } from '../../core/readings/reading.ts';
import type { Measures, Typed } from '../../core/readings/typed.ts';
import { useJudging } from './useJudging.ts';

/** A reading of a thing in a form: filled in from the house, typed over, and judged while it is typed. */
export function useReadingForm(
  reading: Ref<Reading | null>,
  asset: Ref<string>,
  known: Ref<KnownForReading | null>,
  measures: Ref<Measures>,
  settled: Ref<Settled>,
  typed: Ref<Typed> = ref({}),
) {
  const filled = computed(() =>
    reading.value && known.value ? fillIn(reading.value.code, asset.value, known.value) : {},
  );
  const standing = computed(() =>
    reading.value ? standingIn(reading.value, filled.value, typed.value, measures.value) : typed.value,
  );
  return { typed, filled, standing, ...useJudging(reading, standing, measures, settled) };
}
