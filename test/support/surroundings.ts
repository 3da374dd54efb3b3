import { finderWith, findPractice } from '../../src/core/catalogue/catalogue.ts';
import type { CivilDate } from '../../src/core/calendar/civilDate.ts';
import { stationWeather } from '../../src/core/climate/stationWeather.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import type { House, Vocabulary } from '../../src/core/house/house.ts';
import type { ProjectionInputs } from '../../src/core/schedule/replay/replayHouse.ts';
import { formatsFor } from '../../src/locales/format.ts';
import { plainTranslate } from '../../src/locales/plain.ts';
import type { Speech } from '../../src/locales/speech.ts';

/** The catalogue, and what the house's own station tells on a day: what the server and the command line go by. */
export const around = (house: Pick<House, 'home' | 'practices'>, on: CivilDate): ProjectionInputs => ({
  find: finderWith(house.practices ?? []),
  weather: stationWeather(house.home, on),
});

/** Sentences in a wording, seen from a day. */
export const speechIn = (vocabulary: Vocabulary, today = civil('2026-11-24')): Speech => ({
  t: plainTranslate(vocabulary),
  formats: formatsFor(vocabulary),
  today,
  find: findPractice,
  wording: { vocabulary, units: vocabulary === 'en-US' ? 'us' : 'metric' },
  dutyTitle: () => 'Clean the gutters',
});
