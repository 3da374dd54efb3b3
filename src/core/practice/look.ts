import { z } from 'zod';
import { codeSchema } from '../basics/code.ts';
import { text } from '../basics/text.ts';
import { verdictSchema } from '../basics/verdict.ts';

/** As long as what was found may be. */
const says = text().trim().min(1).max(200);

/** Something that may be seen: in words, how it is judged, within how many days it is put right, and the work that does. */
export const lookChoiceSchema = z.strictObject({
  code: codeSchema,
  says,
  verdict: verdictSchema,
  days: z.int().min(1).max(400).optional(),
  repairs: z.array(codeSchema).min(1).max(5).optional(),
});
export type LookChoice = z.infer<typeof lookChoiceSchema>;

/** One thing to look at during a step, and what may be seen there. */
export const lookSchema = z.strictObject({
  code: codeSchema,
  asks: says,
  choices: z
    .array(lookChoiceSchema)
    .min(2)
    .max(8)
    .refine((choices) => choices.some(({ verdict }) => verdict === 'sound'), {
      params: { problem: 'missing' },
      message: 'needs a choice for what is sound',
    }),
});
export type Look = z.infer<typeof lookSchema>;

/** Days until a watched thing is checked again, and days to fix a problem, where a choice says nothing else. */
const DAYS = { watch: 30, act: 7 } as const;

/** Within how many days what was seen is to be put right; null for what is sound. A stop is for today. */
export function daysToRepair({ verdict, days }: LookChoice): number | null {
  switch (verdict) {
    case 'sound':
      return null;
    case 'stop':
      return 0;
    case 'watch':
    case 'act':
      return days ?? DAYS[verdict];
  }
}

/** The look that asks for all that a practice judges by eye in one choice. */
export const WHOLE_LOOK = 'found';

/** The name under which a look is known whichever way it turns out: the practice and the look. */
export const nameOfLook = (practice: string, look: string): string => `${practice}.${look}`;

/** The look a name stands for, within its practice. */
export const codeOfLook = (name: string): string => name.slice(name.indexOf('.') + 1);
