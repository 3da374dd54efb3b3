/** Some tasks in their order, but each after those it waits for; where all wait for each other the first goes first. */
export function afterOthers<T>(tasks: readonly T[], waitsFor: (task: T, left: readonly T[]) => boolean): T[] {
  const left = [...tasks];
  const sorted: T[] = [];
  while (left.length > 0) {
    const free = left.findIndex((task) => !waitsFor(task, left));
    sorted.push(...left.splice(Math.max(0, free), 1));
  }
  return sorted;
}
