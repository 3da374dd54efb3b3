import type { CivilDate } from '../../src/core/calendar/civilDate.ts';
import type { HouseFile } from '../../src/core/formats/houseFileShape.ts';
import type { DemoHome } from '../../src/demo/demoHome.ts';
import { demoHouse } from '../../src/demo/history.ts';

const made = new Map<string, HouseFile>();

/** A demo home as it stands on a day, played once for all the tests of a worker that ask for it. */
export function demoOn(demo: DemoHome, day: CivilDate): HouseFile {
  const key = `${demo.home.id} ${day}`;
  const known = made.get(key) ?? demoHouse(demo, day);
  made.set(key, known);
  return known;
}
