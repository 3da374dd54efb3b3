import { readFileSync } from 'node:fs';
import type { z } from 'zod';
import { pathText, problemOf } from '../contract/errors.ts';
import { MOST_DEPTH, pathTooDeep } from '../contract/depth.ts';
import { findPractice } from '../core/catalogue/catalogue.ts';
import { practiceFaults } from '../core/formats/houseFaults.ts';
import { houseFileSchema } from '../core/formats/houseFile.ts';
import type { HouseFile } from '../core/formats/houseFileShape.ts';
import { problemText } from '../locales/problemText.ts';
import { BadInput, say } from './complain.ts';

const MOST_FAULTS = 20;

/** Reads and checks a house file; every fault is told by its path in the file and what would be right there. */
export function readHouseFile(file: string): HouseFile {
  const json = readJson(file);
  const tooDeep = pathTooDeep(json);
  if (tooDeep !== null) {
    const problem = problemText(say, { kind: 'too-deep', maximum: MOST_DEPTH });
    throw new BadInput([say('cli.fault', { file, path: tooDeep, problem })]);
  }
  const parsed = houseFileSchema.safeParse(json);
  if (parsed.success) {
    const [fault] = practiceFaults(parsed.data, findPractice);
    if (!fault) return parsed.data;
    throw new BadInput([
      say('cli.fault', { file, path: pathText(fault.path), problem: say(`problem.${fault.problem}`) }),
    ]);
  }
  const { issues } = parsed.error;
  const lines = issues.slice(0, MOST_FAULTS).map((issue) => faultLine(file, issue));
  if (issues.length > MOST_FAULTS) lines.push(say('cli.more', { n: issues.length - MOST_FAULTS }));
  throw new BadInput(lines);
}

function readJson(file: string): unknown {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    throw new BadInput([say('cli.fileMissing', { file, why: reasonOf(error) })]);
  }
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    throw new BadInput([say('cli.notJson', { file, why: reasonOf(error) })]);
  }
}

function faultLine(file: string, issue: z.core.$ZodIssue): string {
  const { field, problem } = problemOf(issue);
  return say('cli.fault', {
    file,
    path: field === '' ? '(the whole file)' : field,
    problem: problemText(say, problem),
  });
}

const reasonOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
