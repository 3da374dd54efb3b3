import type { Messages } from './en-US.ts';
import { listsGB } from './lists.en-GB.ts';

type Partly<T> = { [K in keyof T]?: T[K] extends string ? string : Partly<T[K]> };

/** Where British wording differs from American. */
export const enGB: Partly<Messages> = {
  rule: {
    clockChange: { autumn: 'at the autumn clock change' },
  },
  reason: {
    clockChange: { autumn: 'Clocks change in {zone} on {due}, the autumn change.' },
    clockConventional: {
      autumn: 'Clocks do not change twice a year in {zone}; the first Sunday stands in for autumn: {due}.',
    },
  },
  gist: { clock: { autumn: 'with the autumn clock change' } },
  ...listsGB,
  shell: { theme: 'Colours' },
  log: { grade: { light: 'Light grey', gray: 'Grey or darker' } },
  add: { clockOn: { autumn: 'autumn' } },
};
