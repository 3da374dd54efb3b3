import type { Speech } from './speech.ts';

/** The quantity a kind of rule counts, in a few words. */
export const ruleKindText = ({ t }: Pick<Speech, 't'>, kind: string): string => t(`rule.name.${kind}`);
