import { tidy } from '../units/units.ts';
import { saturation } from './air.ts';
import { FLOOR, number, quantity, share, usually, usuallyNot } from './fields.ts';
import { reading, type Values } from './reading.ts';
import { figure, judged, doNow, unmet, type Figure, type Follow, type Part } from './verdict.ts';

/** W/(m²K), and the resistance of the inside surface, m²K/W (ISO 13788). */
const GLASS = { single: 5.8, double: 2.8, 'coated-double': 1.6, triple: 1.1 } as const;
export type Glass = keyof typeof GLASS;
const INSIDE_SURFACE = 0.13;
/** Below this no target: the humidifier is off. */
const LEAST_TARGET = 15;
/** The outdoor temperature, °C, below which a low reading is expected: −10 °F. */
const DEEP_COLD = -23.3;

/** The highest humidity (%) at which the middle of the pane stays dry, at most 60; temperatures in °C. */
export function highestHumidity(indoors: number, outdoors: number, glass: Glass): number {
  const pane = indoors - GLASS[glass] * INSIDE_SURFACE * (indoors - outdoors);
  return Math.min(60, (100 * saturation(pane)) / saturation(indoors));
}

/** The target: the lower of 40 and H − 3; null below 15, where the humidifier is off. */
export function targetHumidity(highest: number): number | null {
  const target = Math.min(40, highest - 3);
  return target < LEAST_TARGET ? null : target;
}

const fields = {
  floor: FLOOR,
  high: share(),
  low: share(),
  hours: quantity('h', { min: 1, max: 240 }),
  indoors: quantity('C', { min: 5, max: 35, otherwise: 21 }),
  'lowest-ahead': quantity('C', { min: -60, max: 40 }),
  glass: usually('double', 'single', 'coated-double', 'triple'),
  'fell-by': quantity('K', { min: 0, max: 80, otherwise: 0 }),
  'days-since-fall': number({ max: 60, otherwise: 60 }),
  'days-low': number({ max: 365, otherwise: 0 }),
  condensation: usuallyNot,
  control: number({ max: 100, optional: true }),
  'own-readout': share({ optional: true }),
} as const;
type Humidity = Values<typeof fields>;

/** The mean of a high and a low over 24 to 36 hours; after a drop of more than 15 K three days are waited. */
const missing = (values: Humidity): string[] => [
  ...(values.hours < 24 || values.hours > 36 ? ['hours-24-to-36'] : []),
  ...(values.low > values.high ? ['high-over-low'] : []),
  ...(values['fell-by'] > 15 && values['days-since-fall'] < 3 ? ['three-days-after-fall'] : []),
];

/** Winter humidity of a home with a humidifier: what the windows bear in the cold to come, and what to aim at. */
export const winterHumidity = reading({
  code: 'winter-humidity',
  system: 'air',
  fields,
  recorded: {
    of: ['humidifier', 'house'],
    part: 'floor',
    measures: {
      'indoor-humidity': { from: 'humidity', unit: '%' },
      'humidifier-control': { from: 'control', unit: 'count' },
    },
  },
  judge: ({ values }) => {
    const mean = tidy((values.high + values.low) / 2);
    const highest = highestHumidity(values.indoors, values['lowest-ahead'], values.glass);
    const target = targetHumidity(highest);
    const figures: Figure[] = [
      figure('humidity', mean, '%'),
      figure('highest-humidity', tidy(highest), '%'),
      ...(target === null ? [] : [figure('target-humidity', tidy(target), '%')]),
    ];
    const lacking = missing(values);
    if (lacking.length > 0) return unmet(lacking, figures);
    const part = partOf(values, mean, highest, target);
    return judged([part], { figures, follows: stepsOf(part, target) });
  },
});

/** Sound from five under the target to three under H; above H at once; low only when it lasts in bearable cold. */
function partOf(values: Humidity, mean: number, highest: number, target: number | null): Part {
  const said = { figure: figure('humidity', mean, '%') };
  if (values.condensation)
    return { verdict: 'act', days: 1, because: { code: 'condensation-seen', ...said } };
  if (mean > highest) return { verdict: 'act', days: 1, because: { code: 'over-highest', ...said } };
  if (mean > highest - 3) return { verdict: 'watch', because: { code: 'near-highest', ...said } };
  if (target === null || mean >= target - 5)
    return { verdict: 'sound', because: { code: 'humidity-fits', ...said } };
  const lasting = values['days-low'] >= 7 && values['lowest-ahead'] >= DEEP_COLD;
  return lasting
    ? { verdict: 'act', days: 7, because: { code: 'low-for-days', ...said } }
    : { verdict: 'watch', because: { code: 'low', ...said } };
}

/** One step at a time: up when too low, never past H; down when too high. */
function stepsOf({ verdict, because }: Part, target: number | null): Follow[] {
  const off = target === null ? [doNow('humidifier-off')] : [];
  if (verdict === 'sound') return off;
  if (because.code === 'low' || because.code === 'low-for-days')
    return [doNow('one-step-up'), { kind: 'retest', days: 3 }];
  return [...(target === null ? off : [doNow('one-step-down')]), { kind: 'retest', days: 3 }];
}
