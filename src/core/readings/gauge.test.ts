import { describe, expect, test } from 'vitest';
import { READINGS } from './all.ts';
import { gaugeOf, soundOn } from './gauge.ts';
import { gradeAt } from './scale.ts';

const SCALES = READINGS.flatMap(({ code, bands }) =>
  Object.entries(bands).map(([band, scale]) => ({ name: `${code} ${band}`, scale })),
);
/** Values below, on, between and beyond the edges of a scale. */
const valuesOf = (edges: readonly number[]): number[] => {
  const [first = 0, last = 0] = [edges[0], edges.at(-1)];
  const between = edges.map((edge, place) => ((edges[place + 1] ?? edge + 1) + edge) / 2);
  return [...edges, ...between, first - 1, first / 2, last * 1.2 + 1, last * 50 + 10];
};

describe.each(SCALES)('the gauge of $name', ({ scale }) => {
  const edges = scale.cuts.map(({ at }) => at);

  test('has its stretches side by side from one end to the other', () => {
    for (const value of valuesOf(edges)) {
      const gauge = gaugeOf(scale, value);
      expect(gauge?.stretches[0]?.from).toBe(0);
      expect(gauge?.stretches.at(-1)?.to).toBe(1);
      for (const [place, { from, to }] of (gauge?.stretches ?? []).entries()) {
        expect(to).toBeGreaterThanOrEqual(from);
        if (place > 0) expect(from).toBe(gauge?.stretches[place - 1]?.to);
      }
    }
  });

  test('points at the stretch the value is judged by', () => {
    for (const value of valuesOf(edges)) {
      const gauge = gaugeOf(scale, value);
      if (!gauge) throw new Error('a scale with edges has a gauge');
      const { at, beyond } = gauge;
      expect(at).toBeGreaterThanOrEqual(0);
      expect(at).toBeLessThanOrEqual(1);
      if (beyond !== null) expect(at).toBe(beyond === 'below' ? 0 : 1);
      // On an edge the pointer stands between two stretches: one of them is meant.
      const near = gauge.stretches.filter(({ from, to }) => at >= from - 1e-9 && at <= to + 1e-9);
      expect(near.map(({ verdict }) => verdict)).toContain(gradeAt(scale, value).verdict);
    }
  });

  test('shows no value below nothing where none can be', () => {
    for (const value of valuesOf(edges).filter((one) => one >= 0))
      if ((edges[0] ?? 0) >= 0) expect(gaugeOf(scale, value)?.low).toBeGreaterThanOrEqual(0);
  });

  test('as another approach sees it, is a line on the same bar', () => {
    const gauge = gaugeOf(scale, edges[0] ?? 0);
    const line = gauge && soundOn(gauge, scale);
    const sound = gauge?.stretches.filter(({ verdict, from, to }) => verdict === 'sound' && to > from) ?? [];
    if (sound.length === 0) expect(line).toBeNull();
    else expect(line).toEqual([sound[0]?.from, sound.at(-1)?.to]);
  });
});

test('a scale without edges has no gauge', () => {
  expect(gaugeOf({ from: { verdict: 'sound' }, cuts: [] }, 3)).toBeNull();
});
