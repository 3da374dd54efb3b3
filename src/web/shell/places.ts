import { BookOpenText, CalendarDays, House, NotebookText, Sun } from 'lucide-vue-next';
import type { Component } from 'vue';

/** A page of a home that stands in the navigation, by the name of its route. */
export type PageName =
  | 'today'
  | 'year'
  | 'weeks'
  | 'hours'
  | 'upkeep'
  | 'runs'
  | 'almanac'
  | 'house'
  | 'sheet'
  | 'alarms'
  | 'about'
  | 'people'
  | 'walk'
  | 'add'
  | 'ledger'
  | 'practices'
  | 'bench'
  | 'disagreements'
  | 'drawings';

export type PlaceName = 'today' | 'plan' | 'house' | 'record' | 'howTo';

/** One of the five places: its pages, the first of them where one lands, and the pages that are reached from one of those. */
export interface Place {
  readonly name: PlaceName;
  readonly icon: Component;
  readonly pages: readonly [PageName, ...PageName[]];
  readonly inner: Readonly<Record<string, PageName>>;
}

/** The places of the application, in the order people see them. A page that is in none of them belongs to an act: Log, Something is wrong. */
export const PLACES: readonly Place[] = [
  { name: 'today', icon: Sun, pages: ['today'], inner: {} },
  {
    name: 'plan',
    icon: CalendarDays,
    pages: ['year', 'weeks', 'runs', 'upkeep', 'hours', 'almanac'],
    inner: { run: 'runs', 'run-sheet': 'runs' },
  },
  {
    name: 'house',
    icon: House,
    pages: ['house', 'sheet', 'alarms', 'about', 'people', 'walk', 'add'],
    inner: { thing: 'house' },
  },
  { name: 'record', icon: NotebookText, pages: ['ledger'], inner: {} },
  {
    name: 'howTo',
    icon: BookOpenText,
    pages: ['practices', 'bench', 'drawings', 'disagreements'],
    inner: {},
  },
];

/** The place a page is in, by the name of its route; null for an act and for a page of no home. */
export const placeOf = (routeName: unknown): Place | null =>
  PLACES.find(({ pages, inner }) => [...pages, ...Object.keys(inner)].some((page) => page === routeName)) ??
  null;

/** Whether a page, or one that is reached from it, is on screen. */
export const isOn = (page: PageName, routeName: unknown): boolean =>
  page === routeName ||
  PLACES.some(({ inner }) => typeof routeName === 'string' && inner[routeName] === page);

/** The page to show when another home is chosen: the same one, or the first of its place where the page shows one thing of this home. */
export function pageInAnotherHome(routeName: unknown): string {
  const place = placeOf(routeName);
  if (place === null) return routeName === 'note' || routeName === 'trouble' ? routeName : 'today';
  return place.pages.find((page) => isOn(page, routeName)) ?? place.pages[0];
}
