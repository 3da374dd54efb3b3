import { computed, ref, type Ref } from 'vue';
import type { Answer } from '../../core/readings/entriesOf.ts';
import { judge, type FieldProblem, type Reading, type Settled } from '../../core/readings/reading.ts';
import { readTyped, type Measures, type Typed, type TypedProblem } from '../../core/readings/typed.ts';

/** A reading judged while it is typed. What is still empty is an error only once one has asked for the result. */
export function useJudging(
  reading: Ref<Reading | null>,
  typed: Ref<Typed>,
  measures: Ref<Measures>,
  settled: Ref<Settled>,
) {
  const asked = ref(false);
  const read = computed(() =>
    reading.value ? readTyped(reading.value, typed.value, measures.value) : { given: {}, problems: [] },
  );
  const judged = computed(() =>
    reading.value ? judge(reading.value, read.value.given, settled.value) : { problems: [] },
  );
  const found = computed((): readonly FieldProblem[] =>
    'problems' in judged.value ? judged.value.problems : [],
  );
  const isRead = ({ field }: FieldProblem): boolean =>
    !read.value.problems.some((one) => one.field === field);
  const problems = computed((): { field: string; problem: TypedProblem; limit?: number }[] => [
    ...read.value.problems,
    ...found.value.filter((one) => isRead(one) && (asked.value || one.problem !== 'missing')),
  ]);
  /** Fields that must be filled in before there is a result. */
  const needed = computed(() =>
    found.value.filter((one) => isRead(one) && one.problem === 'missing').map(({ field }) => field),
  );
  const answer = computed((): Answer | null =>
    'outcome' in judged.value && read.value.problems.length === 0
      ? { given: read.value.given, outcome: judged.value.outcome }
      : null,
  );
  return { answer, problems, needed, asked };
}
