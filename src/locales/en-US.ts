import { first } from './en-US/first.ts';
import { later } from './en-US/later.ts';

/** Every sentence of the product, in American wording. The British wording (`en-GB.ts`) says only what differs. */
export const enUS = { ...first, ...later };

export type Messages = typeof enUS;
