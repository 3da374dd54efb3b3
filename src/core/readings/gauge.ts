import type { Verdict } from '../basics/verdict.ts';
import { stretches, type Scale } from './scale.ts';

/** One stretch of a gauge: its places on the bar, from 0 to 1, and its ends in the unit of the scale; null where it has none. */
export interface GaugeStretch {
  readonly verdict: Verdict;
  readonly from: number;
  readonly to: number;
  readonly low: number | null;
  readonly high: number | null;
}

/** A reading on its bands: the stretches, the place of the value, and whether the value lies beyond an end of the bar. */
export interface Gauge {
  readonly stretches: readonly GaugeStretch[];
  readonly at: number;
  readonly beyond: 'below' | 'above' | null;
  /** The ends of the bar, in the unit of the scale. */
  readonly low: number;
  readonly high: number;
}

/** So much of the space between the first and the last edge is shown on either side. */
const MARGIN = 0.35;
/** A value farther out than so many times that space is not worth a bar that long: it is shown at its end. */
const FARTHEST = 1.5;

const clamp = (value: number): number => Math.min(1, Math.max(0, value));

/** The ends of the bar: the edges with a margin, the value too where it is not far; never below nothing where nothing else is negative. */
function ends(edges: readonly number[], value: number): readonly [number, number] {
  const [first = 0, last = first] = [edges[0], edges.at(-1)];
  const span = last > first ? last - first : Math.max(Math.abs(first), 1);
  const near = (edge: number): boolean => Math.abs(value - edge) <= FARTHEST * span;
  const low = Math.min(first - MARGIN * span, value < first && near(first) ? value - 0.1 * span : first);
  const high = Math.max(last + MARGIN * span, value > last && near(last) ? value + 0.1 * span : last);
  return [first >= 0 && value >= 0 ? Math.max(0, low) : low, high];
}

/** A value on a scale; null where the scale has no edge, and so nothing to show. */
export function gaugeOf(scale: Scale, value: number): Gauge | null {
  const edges = scale.cuts.map(({ at }) => at);
  if (edges.length === 0 || !Number.isFinite(value)) return null;
  const [low, high] = ends(edges, value);
  const place = (at: number): number => clamp((at - low) / (high - low));
  return {
    stretches: stretches(scale).map(({ verdict, over, under }) => ({
      verdict,
      low: over,
      high: under,
      from: over === null ? 0 : place(over),
      to: under === null ? 1 : place(under),
    })),
    at: place(value),
    beyond: value < low ? 'below' : value > high ? 'above' : null,
    low,
    high,
  };
}

/** The stretch of another scale on the same bar that is judged sound: the ends of a thin line under it; null where none of it shows. */
export function soundOn(
  { low, high }: Pick<Gauge, 'low' | 'high'>,
  scale: Scale,
): readonly [number, number] | null {
  const sound = stretches(scale).filter(({ verdict }) => verdict === 'sound');
  const place = (at: number): number => clamp((at - low) / (high - low));
  const from = Math.min(...sound.map(({ over }) => (over === null ? 0 : place(over))));
  const to = Math.max(...sound.map(({ under }) => (under === null ? 1 : place(under))));
  return sound.length > 0 && to > from ? [from, to] : null;
}
