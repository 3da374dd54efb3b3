import type { Speech } from './speech.ts';

/** The name of a fact; one of the household's own making stands for itself. */
export function factName({ t }: Pick<Speech, 't'>, code: string): string {
  const key = `fact.${code}`;
  const name = t(key);
  // A text that is missing stands for its key.
  return name === key ? code : name;
}
