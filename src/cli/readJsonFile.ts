import { readFileSync } from 'node:fs';
import type { z } from 'zod';
import { problemOf } from '../contract/errors.ts';
import { MOST_DEPTH, pathTooDeep } from '../contract/depth.ts';
import { problemText } from '../locales/problemText.ts';
import { BadInput, say } from './complain.ts';

const MOST_FAULTS = 20;

/** Reads a file of JSON and checks it. Every fault is told by its path in the file and what would be right there. */
export const readJsonFile = <S extends z.ZodType>(file: string, schema: S): z.output<S> =>
  parseJson(file, readText(file), schema);

/** The same of a text that was read from a file. */
export function parseJson<S extends z.ZodType>(file: string, text: string, schema: S): z.output<S> {
  const json = readJson(file, text);
  const tooDeep = pathTooDeep(json);
  if (tooDeep !== null) {
    const problem = problemText(say, { kind: 'too-deep', maximum: MOST_DEPTH });
    throw new BadInput([say('cli.fault', { file, path: tooDeep, problem })]);
  }
  const parsed = schema.safeParse(json);
  if (parsed.success) return parsed.data;
  const { issues } = parsed.error;
  const lines = issues.slice(0, MOST_FAULTS).map((issue) => faultLine(file, issue));
  if (issues.length > MOST_FAULTS) lines.push(say('cli.more', { n: issues.length - MOST_FAULTS }));
  throw new BadInput(lines);
}

/** The text of a file. */
export function readText(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    throw new BadInput([say('cli.fileMissing', { file, why: reasonOf(error) })]);
  }
}

function readJson(file: string, text: string): unknown {
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
