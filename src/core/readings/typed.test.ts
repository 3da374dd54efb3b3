import { describe, expect, it } from 'vitest';
import { judge } from './reading.ts';
import { edgesText, edgesTrait, schoolTrait, settledBy } from './settled.ts';
import { sludge } from './sludge.ts';
import { temperatureSplit } from './temperatureSplit.ts';
import { askedUnit, readTyped } from './typed.ts';
import { plantLoad } from './plantLoad.ts';

const METRIC = { units: 'metric', gallon: 'uk' } as const;
const US = { units: 'us', gallon: 'us' } as const;

describe('what is typed into a reading', () => {
  it('is read in the home’s units unless it says another', () => {
    const typed = { return: '24', supply: '57 F', running: '20', outdoors: '30', placed: 'yes' };
    const { given, problems } = readTyped(temperatureSplit, typed, METRIC);
    expect(problems).toEqual([]);
    expect(given).toMatchObject({
      return: { value: 24, unit: 'C' },
      supply: { value: 57, unit: 'F' },
      placed: true,
    });
    expect(judge(temperatureSplit, given)).toMatchObject({ outcome: { kind: 'judged', verdict: 'sound' } });
  });

  it('keeps the unit it was entered in, and asks in the gallon of the country', () => {
    expect(readTyped(sludge, { sludge: '9 1/2"' }, METRIC).given['sludge']).toEqual({
      value: 9.5,
      unit: 'in',
    });
    const flow = plantLoad.fields['design-flow'];
    expect(flow && [askedUnit(flow, US), askedUnit(flow, METRIC)]).toEqual(['gal', 'l']);
  });

  it('says of each field why it is none, and leaves out what is empty', () => {
    const { given, problems } = readTyped(
      temperatureSplit,
      { return: 'warm', supply: '1,200', running: '' },
      US,
    );
    expect(problems).toEqual([
      { field: 'return', problem: 'number' },
      { field: 'supply', problem: 'ambiguous-comma' },
    ]);
    expect(given['running']).toBeUndefined();
  });
});

describe('what a home settles', () => {
  it('its school and edges, told as traits', () => {
    const traits = {
      [schoolTrait('temperature-split')]: 'fixed',
      [edgesTrait('temperature-split', 'fixed')]: edgesText([8, 14, 16, 20, 24]),
      [edgesTrait('temperature-split', 'dry')]: '3 2 1',
    };
    expect(settledBy(temperatureSplit, traits)).toEqual({
      school: 'fixed',
      edges: { fixed: [8, 14, 16, 20, 24] },
    });
    expect(settledBy(temperatureSplit, { [schoolTrait('temperature-split')]: 'gone' })).toEqual({});
  });
});
