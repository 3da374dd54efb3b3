import {
  createRouter,
  createWebHistory,
  START_LOCATION,
  type RouteLocationNormalized,
  type RouteLocationRaw,
  type RouteRecordRaw,
} from 'vue-router';
import type { Component } from 'vue';
import { ADDRESSES, HOME, type RouteName } from './addresses.ts';
import { FIRST_QUESTIONS } from '../contract/firstPage.ts';
import { loadCatalogue } from './catalogue.ts';
import { askEarly } from './device/ask.ts';
import { NoConnection } from './device/errors.ts';
import { step } from './device/cover.ts';
import { loadLaterTexts } from './i18n.ts';
import { useSession } from './stores/session.ts';
import TodayView from './views/today/TodayView.vue';

const bench = () => import('./views/bench/BenchView.vue');
const drawings = () => import('./views/drawings/DrawingsView.vue');

/** The pages that are fetched when they are gone to. */
const LATER: Readonly<Record<Exclude<RouteName, 'today'>, () => Promise<unknown>>> = {
  'sign-in': () => import('./views/sign-in/SignInView.vue'),
  ledger: () => import('./views/ledger/LedgerView.vue'),
  note: () => import('./views/log/LogView.vue'),
  almanac: () => import('./views/almanac/AlmanacView.vue'),
  practices: () => import('./views/practices/PracticesView.vue'),
  disagreements: () => import('./views/practices/DisagreementsView.vue'),
  add: () => import('./views/add/AddView.vue'),
  year: () => import('./views/year/YearView.vue'),
  weeks: () => import('./views/weeks/WeeksView.vue'),
  hours: () => import('./views/hours/HoursView.vue'),
  upkeep: () => import('./views/upkeep/UpkeepView.vue'),
  walk: () => import('./views/walk/WalkView.vue'),
  thing: () => import('./views/thing/ThingView.vue'),
  sheet: () => import('./views/sheet/SheetView.vue'),
  house: () => import('./views/house/HouseView.vue'),
  alarms: () => import('./views/alarms/AlarmsView.vue'),
  about: () => import('./views/about/AboutView.vue'),
  people: () => import('./views/people/PeopleView.vue'),
  homes: () => import('./views/homes/HomesView.vue'),
  account: () => import('./views/account/AccountView.vue'),
  join: () => import('./views/join/JoinView.vue'),
  runs: () => import('./views/runs/RunsView.vue'),
  run: () => import('./views/runs/RunView.vue'),
  'run-sheet': () => import('./views/runs/RunSheetView.vue'),
  trouble: () => import('./views/trouble/TroubleView.vue'),
  bench,
  drawings,
  'open-bench': bench,
  'open-drawings': drawings,
};

/** Pages for whoever is not signed in, and for anyone. */
const META: Partial<Record<RouteName, { readonly open?: true; readonly anyone?: true }>> = {
  'sign-in': { open: true },
  'open-bench': { anyone: true },
  'open-drawings': { anyone: true },
};

/** Addresses the pages had before, as people kept them, and the page each leads to. */
export const OLD_ADDRESSES: readonly (readonly [path: string, name: string])[] = [
  [`${HOME}/ledger`, 'ledger'],
  [`${HOME}/note`, 'note'],
  [`${HOME}/almanac`, 'almanac'],
  [`${HOME}/practices`, 'practices'],
  [`${HOME}/practices/disagreements`, 'disagreements'],
  [`${HOME}/add`, 'add'],
  [`${HOME}/upkeep`, 'upkeep'],
  [`${HOME}/walk`, 'walk'],
  [`${HOME}/things/:assetId`, 'thing'],
  [`${HOME}/sheet`, 'sheet'],
  [`${HOME}/runs`, 'runs'],
  [`${HOME}/runs/:runId`, 'run'],
  [`${HOME}/runs/:runId/sheet`, 'run-sheet'],
  [`${HOME}/trouble`, 'trouble'],
  [`${HOME}/bench/:code?`, 'bench'],
  ['/bench/:code?', 'open-bench'],
];

/** Every page, and what old addresses lead to. */
const routes: RouteRecordRaw[] = [
  { path: ADDRESSES.today, name: 'today', component: TodayView },
  ...Object.entries(LATER).map(([name, component]): RouteRecordRaw => ({
    path: ADDRESSES[name as RouteName],
    name,
    component: component as () => Promise<Component>,
    meta: { ...META[name as RouteName] },
  })),
  { path: `${HOME}/plan`, redirect: { name: 'year' } },
  ...OLD_ADDRESSES.map(([path, name]): RouteRecordRaw => ({
    path,
    redirect: ({ params, query, hash }) => ({ name, params, query, hash }),
  })),
  ...(import.meta.env.DEV
    ? [
        {
          path: '/kit',
          name: 'kit',
          component: () => import('./views/kit/KitView.vue'),
          meta: { anyone: true },
        },
      ]
    : []),
  {
    path: '/:rest(.*)*',
    redirect: (to) => ({ name: 'homes', query: to.path === '/' ? {} : { missing: '1' } }),
  },
];

/** Fetches the pages that are loaded on demand. One that cannot be had now is fetched when it is gone to. */
export async function fetchPages(): Promise<void> {
  await Promise.allSettled([loadLaterTexts(), ...Object.values(LATER).map((page) => page())]);
}

/**
 * Where someone signed in goes. Asking for the homes in general means the only one there is, else all of them. A home one may not see leads
 * to those one may.
 */
async function wayIn(
  to: RouteLocationNormalized,
  session: ReturnType<typeof useSession>,
): Promise<RouteLocationRaw | true> {
  const [first, second] = session.homes;
  if (to.name === 'homes' && Object.keys(to.query).length === 0 && first && !second)
    return { name: 'today', params: { homeId: first.id } };
  const { homeId } = to.params;
  const seen = (): boolean => homeId === undefined || session.homes.some(({ id }) => id === homeId);
  // It may have been shared since the list was read. Without a connection the list is what it was.
  if (!seen()) await session.loadHomes().catch(unlessAway);
  return seen() || { name: 'homes', query: { missing: '1' } };
}

/** Without a connection nothing new can be learned; any other error is one. */
function unlessAway(error: unknown): void {
  if (!(error instanceof NoConnection)) throw error;
}

/** Asks what Today will ask first. Its questions, catalogue and texts need not wait until it is known who is asking. */
function beginToday(homeId: string): void {
  for (const name of FIRST_QUESTIONS) askEarly(name, { params: { homeId } });
  // The page itself says so where they cannot be had.
  loadCatalogue().catch(() => undefined);
  loadLaterTexts().catch(() => undefined);
}

/** Where to sign in, and then go on. What stands behind # stays there: the link of an invitation has its secret in it. */
export function toSignIn({ fullPath, hash }: Pick<RouteLocationNormalized, 'fullPath' | 'hash'>) {
  const next = fullPath.slice(0, fullPath.length - hash.length);
  return { name: 'sign-in', query: next === '/' ? {} : { next }, hash };
}

/** The pages. Whoever is not signed in is asked to first, and then goes on to where they were going. */
export function makeRouter() {
  const router = createRouter({
    history: createWebHistory(),
    routes,
    // The same page with another question stays where it is, as does one just opened; going back leads to where one was.
    scrollBehavior: (to, from, saved) =>
      saved ?? (to.path === from.path || from === START_LOCATION ? false : { top: 0 }),
  });
  router.beforeEach(async (to) => {
    const session = useSession();
    const { homeId } = to.params;
    if (to.name === 'today' && typeof homeId === 'string' && !session.signedIn) beginToday(homeId);
    await session.resume();
    // Who is signed in changes the head: that is one step, the page another.
    await step();
    // The page itself says so and offers to try again.
    if (to.name !== 'today' && to.name !== 'sign-in') await loadLaterTexts();
    if (session.unreachable || to.meta['anyone'] === true) return true;
    if (to.meta['open'] === true) return session.signedIn ? { name: 'homes' } : true;
    if (!session.signedIn) return toSignIn(to);
    return wayIn(to, session);
  });
  return router;
}
