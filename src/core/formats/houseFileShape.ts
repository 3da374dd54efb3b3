import { z } from 'zod';
import { practiceSchema } from '../practice/practice.ts';
import { weatherSchema } from '../climate/weather.ts';
import { householdSchema } from '../house/household.ts';
import { assetSchema, dutySchema, homeSchema, personSchema, spaceSchema } from '../house/house.ts';
import { entrySchema } from '../ledger/entry.ts';
import { codeSchema } from '../basics/code.ts';
import { idSchema } from '../basics/id.ts';
import { runStateSchema } from '../runs/runState.ts';
import { walkStateSchema } from '../walkthrough/walkState.ts';
import { keptPaperSchema, keptPhotoSchema, sha256Schema } from './attachments.ts';

/** The format's name and version, first in the file. */
export const HOUSE_FILE_FORMAT = 'salt-ledger-house';
export const HOUSE_FILE_VERSION = 1;

/** The parts of a house file, each by itself: whether they fit together is another question. */
export const houseFileShape = z.strictObject({
  format: z.literal(HOUSE_FILE_FORMAT),
  version: z.literal(HOUSE_FILE_VERSION),
  home: homeSchema,
  people: z.array(personSchema),
  spaces: z.array(spaceSchema),
  assets: z.array(assetSchema),
  duties: z.array(dutySchema),
  practices: z
    .array(practiceSchema)
    .max(500)
    .optional()
    .meta({ description: 'Practices the home has added to the catalogue' }),
  hidden: z.array(codeSchema).max(1_000).optional().meta({ description: 'Codes of practices it hides' }),
  household: householdSchema.optional().meta({
    description:
      'How the household works, where the ledger does not tell; without it 3 hours, Saturday and Sunday',
  }),
  weather: weatherSchema
    .optional()
    .meta({ description: 'What the almanac tells; without it the home’s own station is asked' }),
  walk: z
    .strictObject({ state: walkStateSchema, finished: z.boolean() })
    .optional()
    .meta({ description: 'The walk-through as far as it has come' }),
  checklists: z
    .array(
      z.strictObject({
        id: idSchema,
        state: runStateSchema,
        finished: z.boolean(),
        begunAt: z.iso.datetime(),
        savedAt: z.iso.datetime(),
      }),
    )
    .max(10_000)
    .optional(),
  photos: z
    .array(keptPhotoSchema)
    .max(1_000)
    .optional()
    .meta({ description: 'Photos, in a packed file only: each is files/<its SHA-256>' }),
  papers: z.array(keptPaperSchema).max(1_000).optional(),
  chain: z
    .strictObject({ entries: z.int().min(0), lastHash: sha256Schema })
    .optional()
    .meta({
      description:
        'How many entries there are and the hash of the last, each sealed to the one before; a file changed by hand leaves it out',
    }),
  origin: z
    .strictObject({ homeId: idSchema, lastHash: sha256Schema.nullable() })
    .optional()
    .meta({ description: 'Where the home was before it came from a file under another id' }),
  entries: z.array(entrySchema).meta({ description: 'The ledger, in the order it was written' }),
});
export type HouseFile = z.infer<typeof houseFileShape>;
