import { tidy } from '../units/units.ts';
import { airDensity, SENSIBLE, TON, USUAL_AIRFLOW } from './air.ts';
import { positive, quantity, share, usually, usuallyNot, yesNo } from './fields.ts';
import { byBand, reading, seen, when, type Values } from './reading.ts';
import { above, act, from, gradeAt, scale, sound, stretches, watch, type Scale } from './scale.ts';
import {
  duty,
  eases,
  figure,
  judged,
  doNow,
  round,
  trade,
  unmet,
  type Figure,
  type Follow,
} from './verdict.ts';

/** The usual band: sound [18, 22] °F, two outside to watch; half the work, 10 °F, at once. */
const FIXED = scale(
  act(2),
  above(10, act(7)),
  from(16, watch),
  from(18, sound),
  above(22, watch),
  above(24, act(3)),
);

/** Around the sound stretch: two outside to watch, seven days below, three above. */
const around = (low: number, high: number): Scale =>
  scale(
    act(7),
    from(tidy(low - 2), watch),
    from(low, sound),
    above(high, watch),
    above(tidy(high + 2), act(3)),
  );

/** By how damp the air indoors is: the damper, the more of the work goes into drying it. Bands at 400 ft³/min a ton. */
const BY_HUMIDITY = {
  dry: around(20.8, 23.6),
  usual: around(18.9, 22.2),
  damp: around(16.7, 20),
  wet: around(14.4, 18.3),
} as const;
type Dampness = keyof typeof BY_HUMIDITY;

/** Classes of indoor humidity: <45, [45, 55], (55, 65], >65 %. */
export function dampness(humidity: number): Dampness {
  if (humidity < 45) return 'dry';
  if (humidity <= 55) return 'usual';
  return humidity <= 65 ? 'damp' : 'wet';
}

/** ΔT = share × 12 000 / (1.08 × ft³/min a ton), °F at sea level. */
export const splitOf = (coolingShare: number, airflowPerTon = USUAL_AIRFLOW): number =>
  (coolingShare * TON) / (SENSIBLE * airflowPerTon);

const fields = {
  return: quantity('F', { min: 40, max: 120 }),
  supply: quantity('F', { min: 20, max: 120 }),
  running: positive('min', { max: 600 }),
  outdoors: quantity('F', { min: -60, max: 150 }),
  filter: usually('new', 'light', 'grey'),
  placed: yesNo,
  ice: usuallyNot,
  'still-poor': usuallyNot,
  'new-house': usuallyNot,
  humidity: share({ optional: true }),
  altitude: quantity('ft', { min: -1_500, max: 20_000, otherwise: 0 }),
  airflow: positive('cfm', { min: 200, max: 700, optional: true }),
  bill: { kind: 'number', min: 0, otherwise: 0 },
  'bill-from': usually('now', 'before'),
  months: { kind: 'number', min: 0, max: 120, otherwise: 0 },
} as const;
type Split = Values<typeof fields>;

/** The conditions for a verdict on the split. */
const missing = ({ running, outdoors, filter, placed }: Split): string[] => [
  ...(running < 15 ? ['cooling-15-minutes'] : []),
  ...(filter === 'grey' ? ['filter-clean'] : []),
  ...(placed ? [] : ['probes-placed']),
  ...(outdoors < 70 ? ['outdoors-70'] : []),
];

/** The band a school goes by; thinner air or another airflow moves that of the second. */
function bandFor(values: Split, school: string, band: (code: string) => Scale): Scale {
  if (school === 'fixed' || values.humidity === undefined) return band('fixed');
  const usual = band(dampness(values.humidity));
  const factor = USUAL_AIRFLOW / (values.airflow ?? USUAL_AIRFLOW) / airDensity(values.altitude);
  if (factor === 1) return usual;
  const [low, high] = soundStretch(usual);
  return around(tidy(low * factor), tidy(high * factor));
}

function soundStretch(band: Scale): readonly [number, number] {
  const middle = stretches(band).find(({ verdict }) => verdict === 'sound');
  return [middle?.over ?? 0, middle?.under ?? 0];
}

/** Share of the work done: the split against the middle of the band, at most all of it. */
export const performance = (split: number, band: Scale): number => {
  const [low, high] = soundStretch(band);
  return Math.min(1, Math.max(0, split / ((low + high) / 2)));
};

/** The cost of leaving it so: of a bill of now its lost share; of a bill of before the fault what it grows by. */
function costOf({ bill, months, 'bill-from': billFrom }: Split, working: number): Figure[] {
  if (bill === 0 || months === 0 || working <= 0) return [];
  const lost = billFrom === 'now' ? 1 - working : 1 / working - 1;
  return [figure('cost-of-leaving', bill * lost * months, 'money')];
}

function follows(values: Split, split: number, band: Scale): Follow[] {
  const [low] = soundStretch(band);
  const { verdict, days = 7 } = gradeAt(band, split);
  if (values.ice)
    return [doNow('cooling-off'), eases('airflow-restriction-signs', 0), trade('cooling'), round('overflow')];
  if (verdict === 'sound') return [];
  if (split < low)
    return [trade(values['new-house'] ? 'builder' : 'cooling'), duty('cooling-service-visit', days)];
  return [eases('air-filter-panel-replace', days), doNow('open-registers'), trade('cooling')];
}

/** Temperature split: what the cooling takes off the air that passes, return less supply. */
export const temperatureSplit = reading({
  code: 'temperature-split',
  system: 'air',
  fields,
  schools: ['fixed', 'by-humidity'],
  bands: {
    fixed: FIXED,
    ...BY_HUMIDITY,
  },
  bandUnit: 'dF',
  recorded: {
    of: ['cooling', 'air-handler', 'house'],
    measures: { 'temperature-split': { from: 'split', unit: 'dF' } },
    chart: {
      measure: 'temperature-split',
      band: 'fixed',
      forward: { fit: { points: 3, days: 180, error: 0.5 }, restarts: [], limit: 18 },
    },
  },
  judge: ({ values, school: chosen, band }) => {
    const split = tidy(values.return - values.supply);
    const said = figure('split', split, 'dF');
    const icy = [
      ...when(values.ice, seen('stop', 'ice')),
      ...when(values['still-poor'], seen('stop', 'still-poor')),
    ];
    const lacking = missing(values);
    if (lacking.length > 0 && icy.length === 0) return unmet(lacking, [said]);
    const usual = values.humidity === undefined ? 'fixed' : 'by-humidity';
    const school = chosen === 'by-humidity' && values.humidity === undefined ? 'fixed' : (chosen ?? usual);
    const scale = bandFor(values, school, band);
    const working = performance(split, scale);
    return judged([...icy, ...when(lacking.length === 0, byBand(scale, said))], {
      school,
      figures: [said, figure('performance', tidy(working * 100), '%'), ...costOf(values, working)],
      follows: follows({ ...values, ice: icy.length > 0 }, split, scale),
    });
  },
});
