import { z } from 'zod';

/** The kinds of asset known so far. A kind's name is a text in the locales. */
export const assetKindSchema = z
  .enum([
    'air-handler',
    'filter-position',
    'smoke-alarm',
    'co-alarm',
    'gutter-run',
    'dryer',
    'protected-outlet',
    'other',
  ])
  .meta({ id: 'AssetKind' });
export type AssetKind = z.infer<typeof assetKindSchema>;
