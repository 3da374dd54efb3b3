import { describe, expect, test } from 'vitest';
import { plainTranslate } from './plain.ts';
import { thingName } from './thingName.ts';

const spaces = [{ id: 'hall', name: 'Hall' }];
const named = (
  vocabulary: 'en-US' | 'en-GB',
  kind: 'smoke-alarm' | 'protected-outlet',
  name: string,
): string => thingName({ t: plainTranslate(vocabulary) }, { id: 'a', kind, name, space: 'hall' }, spaces);

describe('the name of a thing', () => {
  test('one called by its room carries its kind', () => {
    expect(named('en-US', 'smoke-alarm', 'Hall')).toBe('Smoke alarm, Hall');
    expect(named('en-GB', 'protected-outlet', 'Hall')).toBe('RCD socket, Hall');
  });

  test('any other name stays as it is', () => {
    expect(named('en-US', 'smoke-alarm', 'Smoke alarm by the stairs')).toBe('Smoke alarm by the stairs');
  });
});
