/** A home in an address; anything else written there leads to the homes one has. */
export const HOME = '/homes/:homeId([0-9a-f]{8}-[0-9a-f-]{27})';

/** The address of every page, by the name of its route. */
export const ADDRESSES = {
  today: `${HOME}/today`,
  year: `${HOME}/plan/year`,
  weeks: `${HOME}/plan/weeks`,
  hours: `${HOME}/plan/hours`,
  upkeep: `${HOME}/plan/schedule`,
  runs: `${HOME}/plan/checklists`,
  run: `${HOME}/plan/checklists/:runId`,
  'run-sheet': `${HOME}/plan/checklists/:runId/check-sheet`,
  almanac: `${HOME}/plan/weather`,
  house: `${HOME}/house`,
  sheet: `${HOME}/house/where`,
  alarms: `${HOME}/house/alarms`,
  about: `${HOME}/house/about`,
  people: `${HOME}/house/people`,
  walk: `${HOME}/house/walk`,
  add: `${HOME}/house/add`,
  thing: `${HOME}/house/things/:assetId`,
  ledger: `${HOME}/record`,
  practices: `${HOME}/how-to`,
  disagreements: `${HOME}/how-to/disagreements`,
  drawings: `${HOME}/how-to/drawings`,
  bench: `${HOME}/how-to/calculators/:code?`,
  note: `${HOME}/log`,
  trouble: `${HOME}/wrong`,
  homes: '/homes',
  account: '/account',
  // The secret of the link stands behind #, so that no server's log has it.
  join: '/join',
  'sign-in': '/sign-in',
  'open-drawings': '/drawings',
  'open-bench': '/calculators/:code?',
} as const;

export type RouteName = keyof typeof ADDRESSES;
