import { z } from 'zod';
import { codeSchema } from '../../basics/code.ts';
import { idSchema } from '../../basics/id.ts';
import { text } from '../../basics/text.ts';
import type { Told } from './told.ts';

export const shortText = text().trim().min(1).max(200);
export const longText = text().trim().min(1).max(4_000);

/** All that was put in for a reading, by field: quantities as they were entered. */
export const givenSchema = z.record(
  codeSchema,
  z.union([
    z.strictObject({ value: z.number(), unit: text().min(1).max(20) }),
    z.number(),
    text().max(60),
    z.boolean(),
  ]),
);

/** Supplies used by one piece of work; left out, those the practice names. */
export const usedSchema = z.strictObject({ supply: codeSchema, quantity: z.number().min(0).max(100_000) });

/** Details of a piece of work, done or corrected later. Cost is in the smallest unit of the home's currency. */
export const workFields = {
  who: idSchema.optional(),
  minutes: z.int().min(0).max(10_000).optional(),
  cost: z.int().min(0).max(1_000_000_000).optional(),
  note: longText.optional(),
};

interface Work {
  readonly who?: string | undefined;
  readonly minutes?: number | undefined;
  readonly cost?: number | undefined;
  readonly used?: readonly z.infer<typeof usedSchema>[] | undefined;
  readonly note?: string | undefined;
}

/** The content of a piece of work: who, how long, at what cost, with what, and a note. */
export function workTells({ who, minutes, cost, used = [], note }: Work): Told[] {
  const taken = used.filter(({ quantity }) => quantity > 0);
  return [
    ...(who === undefined ? [] : [{ field: 'who', as: 'person', id: who } as const]),
    ...(minutes === undefined ? [] : [{ field: 'minutes', as: 'minutes', minutes } as const]),
    ...(cost === undefined ? [] : [{ field: 'cost', as: 'money', cost } as const]),
    ...(taken.length === 0 ? [] : [{ field: 'used', as: 'used', used: taken } as const]),
    ...tellText('note', note),
  ];
}

/** A text as it was written; nothing where there is none. */
export const tellText = (field: string, said: string | undefined): Told[] =>
  said === undefined ? [] : [{ field, as: 'text', text: said }];
