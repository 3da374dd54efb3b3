import { tidy } from '../units/units.ts';
import { positive, quantity, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when, type Values } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { SCUM_BAND } from './scum.ts';
import { asRoundInches, SLUDGE_BAND, tankFollows } from './sludge.ts';
import { figure, judged, unmet, type Part } from './verdict.ts';

/** From the outlet, in inches: the base of the scum and the top of the sludge may not come nearer. */
const SCUM_NEAREST = 6;
const SLUDGE_NEAREST = 12;

const fields = {
  depth: quantity('in', { min: 6, max: 400 }),
  scum: positive('in', { max: 200 }),
  sludge: positive('in', { max: 300 }),
  'scum-to-outlet': positive('in', { optional: true, max: 200 }),
  'sludge-to-outlet': positive('in', { optional: true, max: 200 }),
  'backing-up': usuallyNot,
} as const;

const SCHOOLS = [
  'whichever-first',
  'thickness',
  'against-clear',
  'third-of-depth',
  'quarter-of-depth',
  'outlet-distance',
] as const;
type School = (typeof SCHOOLS)[number];

/** The clear depth between scum and sludge; inches. */
export const clearDepth = ({
  depth,
  scum,
  sludge,
}: Pick<Values<typeof fields>, 'depth' | 'scum' | 'sludge'>): number => depth - scum - sludge;

/** Layers of a treatment or septic tank by every school; the default is whichever says so first. */
export const tankSolids = reading({
  code: 'tank-solids',
  system: 'sewage',
  fields,
  schools: SCHOOLS,
  bands: {
    sludge: SLUDGE_BAND,
    scum: SCUM_BAND,
    'against-clear': scale(sound, from(0.8, watch), from(1, act(30))),
    'third-of-depth': scale(sound, from(0.27, watch), from(tidy(1 / 3), act(30))),
    'quarter-of-depth': scale(sound, from(0.2, watch), from(0.25, act(30))),
  },
  recorded: {
    of: ['treatment-plant', 'septic-tank'],
    measures: {
      'scum-depth': { from: 'scum', unit: 'in' },
      'sludge-depth': { from: 'sludge', unit: 'in' },
      'clear-depth': { from: 'clear', unit: 'in' },
    },
  },
  judge: ({ values, school: chosen, band, metric }) => {
    const clear = clearDepth(values);
    if (clear < 0) return unmet(['layers-within-depth']);
    const school = (chosen ?? 'whichever-first') as School;
    const solids = values.scum + values.sludge;
    const layers: Readonly<Record<Exclude<School, 'whichever-first'>, readonly Part[]>> = {
      thickness: [
        byBand(band('sludge'), figure('sludge', asRoundInches(values.sludge, metric('sludge')), 'in')),
        byBand(band('scum'), figure('scum', asRoundInches(values.scum, metric('scum')), 'in')),
      ],
      'against-clear': [
        byBand(
          band('against-clear'),
          figure('solids-against-clear', clear === 0 ? 99 : tidy(solids / clear)),
        ),
      ],
      'third-of-depth': [
        byBand(band('third-of-depth'), figure('solids-of-depth', tidy(solids / values.depth))),
      ],
      'quarter-of-depth': [
        byBand(band('quarter-of-depth'), figure('solids-of-depth', tidy(solids / values.depth))),
      ],
      'outlet-distance': outletParts(values),
    };
    const parts = school === 'whichever-first' ? Object.values(layers).flat() : layers[school];
    if (parts.length === 0) return unmet(['outlet-distances']);
    const all = [...when(values['backing-up'], seen('stop', 'backing-up')), ...parts];
    return judged(all, { school, figures: [figure('clear', tidy(clear), 'in')], follows: tankFollows(all) });
  },
});

/** Scum base within 6 in of the outlet or sludge top within 12 in of it: pump. */
function outletParts(values: Values<typeof fields>): Part[] {
  const { 'scum-to-outlet': scum, 'sludge-to-outlet': sludge } = values;
  return [
    ...(scum === undefined ? [] : [outletPart(figure('scum-to-outlet', scum, 'in'), SCUM_NEAREST)]),
    ...(sludge === undefined ? [] : [outletPart(figure('sludge-to-outlet', sludge, 'in'), SLUDGE_NEAREST)]),
  ];
}

const outletPart = (said: ReturnType<typeof figure>, nearest: number): Part =>
  said.value <= nearest
    ? { verdict: 'act', days: 30, because: { code: 'near-outlet', figure: said, under: nearest } }
    : { verdict: 'sound', because: { code: 'far-from-outlet', figure: said, over: nearest } };
