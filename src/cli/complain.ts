import { explain } from '../cluster/explain.ts';
import { dataFolder } from '../cluster/installation.ts';
import { plainTranslate } from '../locales/plain.ts';

/** Wrong words on the command line or in a file end a command with this. */
export const BAD_INPUT = 2;

export const say = plainTranslate('en-US');

/** A mistake of the caller's, said line by line; ends the command with exit code 2. */
export class BadInput extends Error {
  constructor(readonly lines: readonly string[]) {
    super(lines[0]);
  }
}

/** Runs a command's work. A caller's mistake is told and is exit code 2; anything else is told and is 1. */
export async function runCommand(work: () => void | Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    const lines = error instanceof BadInput ? error.lines : [explain(error, dataFolder())];
    for (const line of lines) console.error(line);
    process.exitCode = error instanceof BadInput ? BAD_INPUT : 1;
  }
}
