import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PRACTICES } from '../../core/catalogue/catalogue.ts';
import { READINGS } from '../../core/readings/all.ts';
import { judge, type Given } from '../../core/readings/reading.ts';
import { TRADES } from '../../core/readings/verdict.ts';
import { formatsFor } from '../format.ts';
import { plainTranslate } from '../plain.ts';
import { civil } from '../../core/calendar/civilDate.ts';
import { givenFor } from '../../../test/support/judging.ts';
import { ABOUT } from './about.ts';
import { BANDS, FIELDS, OPTIONS, SCHOOLS } from './fields.ts';
import { READING_TITLES } from './titles.ts';
import { BECAUSE, FIGURES, MISSING, DO_NOW, TRADE_NAMES } from './outcomes.ts';
import {
  becauseText,
  figureText,
  followText,
  quantityText,
  verdictText,
  type ReadingSpeech,
} from './readingText.ts';

const speechIn = (units: 'us' | 'metric', vocabulary: 'en-US' | 'en-GB'): ReadingSpeech => ({
  t: plainTranslate(vocabulary),
  formats: formatsFor(vocabulary),
  today: civil('2026-11-25'),
  find: (code) => PRACTICES.find((one) => one.code === code),
  wording: { units, vocabulary },
  dutyTitle: (id) => id,
  currency: 'USD',
});

describe('every reading has its words', () => {
  it.each(READINGS.map((reading) => ({ code: reading.code, reading })))('$code', ({ reading }) => {
    expect(ABOUT).toHaveProperty(reading.code);
    expect(READING_TITLES).toHaveProperty(reading.code);
    for (const [code, field] of Object.entries(reading.fields)) {
      expect(FIELDS, code).toHaveProperty(code);
      if (field.kind === 'choice')
        for (const option of field.options) expect(OPTIONS[code]?.[option], option).toBeDefined();
    }
    for (const school of reading.schools) expect(SCHOOLS[school], school).toBeDefined();
    for (const band of Object.keys(reading.bands)) expect(SCHOOLS[band] ?? BANDS[band], band).toBeDefined();
    fc.assert(
      fc.property(givenFor(reading), (given: Given) => {
        const answer = judge(reading, given);
        if (!('outcome' in answer)) return;
        const { outcome } = answer;
        for (const { code } of outcome.figures) expect(FIGURES[code], code).toBeDefined();
        if (outcome.kind === 'unmet')
          for (const code of outcome.missing) expect(MISSING[code], code).toBeDefined();
        if (outcome.kind === 'judged')
          for (const { because } of outcome.parts) {
            if (because.code !== 'band') expect(BECAUSE[because.code], because.code).toBeDefined();
            if (because.figure) expect(FIGURES[because.figure.code], because.figure.code).toBeDefined();
            expect(becauseText(speechIn('metric', 'en-GB'), because)).not.toMatch(/[{}]/);
          }
        if (outcome.kind !== 'unmet')
          for (const follow of outcome.follows)
            if (follow.kind === 'do') expect(DO_NOW[follow.what], follow.what).toBeDefined();
      }),
    );
  });

  it('and every trade its name', () => {
    expect(Object.keys(TRADE_NAMES).sort()).toEqual([...TRADES].sort());
  });
});

describe('what a reading says', () => {
  const split = READINGS.find(({ code }) => code === 'temperature-split');
  const answer =
    split &&
    judge(split, {
      return: { value: 75, unit: 'F' },
      supply: { value: 60, unit: 'F' },
      running: { value: 20, unit: 'min' },
      outdoors: { value: 85, unit: 'F' },
      placed: true,
    });
  const outcome = answer && 'outcome' in answer && answer.outcome.kind === 'judged' ? answer.outcome : null;

  it('stands in the home’s own units and words', () => {
    if (!outcome) throw new Error('not judged');
    const us = speechIn('us', 'en-US');
    const gb = speechIn('metric', 'en-GB');
    expect(verdictText(us, outcome)).toBe('Fix it within 7 days');
    expect(outcome.parts.map(({ because }) => becauseText(us, because))).toEqual([
      'Temperature difference: 15 °F, between 10 °F and 16 °F',
    ]);
    expect(outcome.parts.map(({ because }) => becauseText(gb, because))).toEqual([
      'Temperature difference: 8.33 °C, between 5.56 °C and 8.89 °C',
    ]);
    expect(outcome.figures.map((figure) => figureText(us, figure))).toContain(
      'Share of its full power: 75 %',
    );
    expect(outcome.follows.map((follow) => followText(us, follow))).toEqual([
      'Call a licensed cooling technician.',
      'Within 7 days: Have the cooling serviced.',
    ]);
  });

  it('money is told in the home’s currency', () => {
    expect(quantityText(speechIn('us', 'en-US'), 12.5, 'money')).toBe('$12.50');
  });
});
