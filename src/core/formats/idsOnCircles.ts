/**
 * The ids from which one comes back to where one began, going on from each to the next. Every id is passed once, however long the row.
 */
export function idsOnCircles<T extends { readonly id: string }>(
  all: readonly T[],
  next: (one: T) => string | undefined,
): ReadonlySet<string> {
  const nextOf = new Map(all.map((one) => [one.id, next(one)]));
  const passed = new Set<string>();
  const circles = new Set<string>();
  for (const { id } of all) {
    const walk: string[] = [];
    const places = new Map<string, number>();
    let at: string | undefined = id;
    while (at !== undefined && !passed.has(at)) {
      passed.add(at);
      places.set(at, walk.length);
      walk.push(at);
      at = nextOf.get(at);
    }
    const begins = at === undefined ? undefined : places.get(at);
    if (begins !== undefined) for (const one of walk.slice(begins)) circles.add(one);
  }
  return circles;
}
