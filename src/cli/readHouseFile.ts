import { pathText } from '../contract/errors.ts';
import { findPractice } from '../core/catalogue/catalogue.ts';
import { practiceFaults } from '../core/formats/houseFaults.ts';
import { houseFileSchema } from '../core/formats/houseFile.ts';
import type { HouseFile } from '../core/formats/houseFileShape.ts';
import { BadInput, say } from './complain.ts';
import { readJsonFile } from './readJsonFile.ts';

/** Reads and checks a house file; every fault is told by its path in the file and what would be right there. */
export function readHouseFile(file: string): HouseFile {
  const house = readJsonFile(file, houseFileSchema);
  const [fault] = practiceFaults(house, findPractice);
  if (!fault) return house;
  throw new BadInput([
    say('cli.fault', { file, path: pathText(fault.path), problem: say(`problem.${fault.problem}`) }),
  ]);
}
