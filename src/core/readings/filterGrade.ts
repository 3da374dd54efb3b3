import { choice } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { act, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged } from './verdict.ts';

/** The weight of a grade by eye; a charged cell between two looks may lie between. */
export const GRADES = { new: 0, light: 0.5, grey: 1 } as const;

/** Return filter by its grade: the tolerant school waits for grey, the strict one changes at the first. */
export const filterGrade = reading({
  code: 'filter-grade',
  system: 'air',
  fields: { grade: choice('new', 'light', 'grey') },
  schools: ['tolerant', 'strict'],
  bands: {
    tolerant: scale(sound, from(0.5, watch), from(1, act(3))),
    strict: scale(sound, from(0.5, act(3))),
  },
  recorded: {
    of: ['filter-position'],
    measures: { 'filter-grade': { from: 'grade', unit: '' } },
    chart: {
      measure: 'filter-grade',
      band: null,
      forward: {
        fit: { points: 2, days: 1, error: 0.1 },
        restarts: ['air-filter-panel-replace', 'air-filter-media-replace'],
        limit: 1,
        origin: 0,
      },
    },
  },
  judge: ({ values, school: chosen, band }) => {
    const school = chosen ?? 'tolerant';
    const part = byBand(band(school), figure('grade', GRADES[values.grade]), `filter-${values.grade}`);
    return judged([part], {
      school,
      follows: part.verdict === 'act' ? [duty('air-filter-panel-replace', part.days ?? 3)] : [],
    });
  },
});
