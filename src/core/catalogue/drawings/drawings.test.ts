import { describe, expect, test } from 'vitest';
import { drawingText } from '../../../locales/drawings/drawingText.ts';
import { DRAWING_TEXTS } from '../../../locales/drawings/all.ts';
import { knowsTerm, termsIn } from '../../../locales/vocabulary.ts';
import { READINGS } from '../../readings/all.ts';
import { STOPS } from '../../walkthrough/stops.ts';
import { findPractice, PRACTICES } from '../catalogue.ts';
import { DRAWING_NAMES } from './names.ts';
import { ANSWER_DRAWINGS, drawingOfAnswer, drawingOfQuestion, hasPictures } from './ofAnswer.ts';
import { drawingsOfPractice, UNDRAWN_PRACTICES } from './ofPractice.ts';
import { drawingOfReading } from './ofReading.ts';

/** Questions of the walk that are not about which kind of thing there is: people, numbers, places, ages, habits, labels. */
const NOT_OF_A_KIND: ReadonlySet<string> = new Set(
  `people household does hours-a-week country age storeys bedrooms bathrooms below walls parts builder-cover
  smoke-rooms sensing senses-co smoke-made smoke-life smoke-ends alarm-cell co-made co-life co-ends
  heat-count heat-also heat-old heat-place heats-water thickness grade positions filter-size pad-size sets-itself
  cool-count tons drains drain-place has-clogged long-running-hours ventilators chimney-use
  heater-fuel burner heater-place heater-old heaters heater-also taps-frost-proof cartridge hard-water
  dryer-fuel vented sink-use roof-old trees garage-doors opener measured contract
  last-heating last-cooling last-filters last-batteries last-chimney last-gutters last-flush last-dryer-vent last-pump-out`.split(
    /\s+/,
  ),
);

describe('what has a drawing', () => {
  test('every practice one can do oneself, with a step of work, but for a few with their reasons', () => {
    const undrawn = PRACTICES.filter(
      ({ code, doers, steps }) =>
        doers.includes('self') &&
        steps.some(({ at }) => at === 'work') &&
        drawingsOfPractice(code).length === 0,
    ).map(({ code }) => code);
    expect(undrawn.filter((code) => UNDRAWN_PRACTICES[code] === undefined)).toEqual([]);
    expect(Object.keys(UNDRAWN_PRACTICES).length).toBeLessThanOrEqual(10);
    for (const [code, why] of Object.entries(UNDRAWN_PRACTICES)) {
      expect(findPractice(code), code).toBeDefined();
      expect(drawingsOfPractice(code), code).toEqual([]);
      expect(why.length, code).toBeGreaterThan(10);
    }
  });

  test('every measurement', () => {
    const undrawn = READINGS.filter(({ recorded, code }) => recorded && drawingOfReading(code) === null);
    expect(undrawn.map(({ code }) => code)).toEqual([]);
  });

  test('every question of the walk about a kind of thing', () => {
    const codes = STOPS.flatMap(({ questions }) => questions.map(({ code }) => code));
    const pictured = (code: string): boolean => hasPictures(code) || drawingOfQuestion(code) !== null;
    expect(codes.filter((code) => !pictured(code) && !NOT_OF_A_KIND.has(code))).toEqual([]);
    // The list above names only questions there are.
    expect([...NOT_OF_A_KIND].filter((code) => !codes.includes(code))).toEqual([]);
  });

  test('the pictures of answers are of answers there are', () => {
    const questions = STOPS.flatMap(({ questions: asked }) => asked);
    for (const [code, pictures] of Object.entries(ANSWER_DRAWINGS)) {
      const question = questions.find((one) => one.code === code);
      const options = question && 'options' in question ? question.options : [];
      expect(Array.isArray(options), code).toBe(true);
      for (const option of Object.keys(pictures)) {
        expect(options, `${code} ${option}`).toContain(option);
        expect(drawingOfAnswer(code, option)).not.toBeNull();
      }
    }
  });

  test('each drawing is of some use', () => {
    const used = new Set([
      ...PRACTICES.flatMap(({ code }) => drawingsOfPractice(code)),
      ...READINGS.map(({ code }) => drawingOfReading(code)),
      ...STOPS.flatMap(({ questions }) => questions.map(({ code }) => drawingOfQuestion(code))),
      ...Object.values(ANSWER_DRAWINGS).flatMap((pictures) => Object.values(pictures)),
    ]);
    expect(DRAWING_NAMES.filter((name) => !used.has(name))).toEqual([]);
    expect(DRAWING_NAMES.length).toBeGreaterThanOrEqual(60);
  });

  test('of several units the one that fits the way of the air comes first', () => {
    expect(drawingsOfPractice('air-filter-panel-replace')[0]).toBe('filter-upflow');
    expect(drawingsOfPractice('air-filter-panel-replace', 'down')[0]).toBe('filter-downflow');
    expect(drawingsOfPractice('air-filter-panel-replace', 'sideways')).toHaveLength(
      drawingsOfPractice('air-filter-panel-replace').length,
    );
    expect(drawingsOfPractice('gutter-clean', 'down')).toEqual(drawingsOfPractice('gutter-clean'));
  });
});

describe('the words of a drawing', () => {
  test.each(DRAWING_NAMES)('%s says what matters, and says it without the picture', (name) => {
    for (const vocabulary of ['en-US', 'en-GB'] as const)
      for (const units of ['us', 'metric'] as const) {
        const { title, says, shows, labels } = drawingText(name, { vocabulary, units });
        expect(title.length).toBeGreaterThan(2);
        expect(says).toMatch(/[.]$/);
        expect(shows.length).toBeGreaterThan(says.length / 3);
        expect(shows).toMatch(/[.]$/);
        for (const text of [title, says, shows, ...Object.values(labels)]) expect(text).not.toMatch(/[{}|]/);
      }
  });

  test('every thing that has another name in British English is known', () => {
    const texts = Object.values(DRAWING_TEXTS).flatMap(({ title, says, shows, labels }) => [
      title,
      says,
      shows,
      ...Object.values(labels),
    ]);
    expect([...new Set(texts.flatMap(termsIn))].filter((mark) => !knowsTerm(mark))).toEqual([]);
  });
});
