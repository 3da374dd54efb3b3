/** Rules that close a week to a task of a home, in the order in which one is named where several do. */
export const HOME_RULES = ['skill', 'helper', 'weather', 'away'] as const;
export type HomeRule = (typeof HOME_RULES)[number];
