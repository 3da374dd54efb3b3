import { tidy } from '../units/units.ts';
import { positive, usually, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { act, from, scale, sound } from './scale.ts';
import { emergency, figure, judged, doNow, trade, unmet } from './verdict.ts';

/** Clearance to combustible material, in inches, where no label says: null, ask the trade. */
const REQUIRED = { 'double-wall': 1, 'single-wall': 6, 'solid-fuel': 18, oil: null, unknown: null } as const;

/** Less than this, in inches, is too little for any vent, whatever is required. */
const LEAST = 1;

/** The gap round a vent against what is required: by its label, else by its kind. */
export const ventClearance = reading({
  code: 'vent-clearance',
  system: 'shell',
  fields: {
    gap: positive('in', { max: 200 }),
    vent: usually('unknown', 'double-wall', 'single-wall', 'solid-fuel', 'oil'),
    label: positive('in', { optional: true, max: 200 }),
    looks: usually('fine', 'touching-timber', 'scorched', 'open-joint', 'blocked-outlet'),
    'stored-against': usuallyNot,
  },
  bands: { ratio: scale(act(7), from(1, sound)) },
  recorded: {
    of: ['furnace', 'boiler', 'water-heater', 'vent-pipe', 'chimney', 'air-handler', 'cooling'],
    measures: { 'vent-clearance': { from: 'gap', unit: 'in' } },
  },
  judge: ({ values, band }) => {
    const required = values.label ?? REQUIRED[values.vent];
    const bad = values.looks !== 'fine';
    const stops = when(bad, seen('stop', `vent-${values.looks}`));
    const stored = when(values['stored-against'], seen('act', 'stored-against-burner', 0));
    const tight = when(values.gap < LEAST, seen('act', 'vent-under-an-inch', 7));
    if (required === null && stops.length + stored.length + tight.length === 0)
      return unmet([`clearance-${values.vent}`], [figure('gap', values.gap, 'in')]);
    const measured =
      required === null || required === 0
        ? []
        : [byBand(band('ratio'), figure('clearance-ratio', tidy(values.gap / required)))];
    const parts = [...stops, ...stored, ...tight, ...measured];
    const off = bad
      ? [
          doNow('appliance-off'),
          doNow('fresh-air'),
          ...(values.looks === 'blocked-outlet' ? [emergency] : []),
        ]
      : [];
    const fine = parts.every(({ verdict }) => verdict === 'sound');
    return judged(parts, {
      figures: required === null ? [] : [figure('required', required, 'in')],
      follows: fine
        ? []
        : [...off, ...(values['stored-against'] ? [doNow('clear-the-burner')] : []), trade('heating')],
    });
  },
});
