import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router';
import { LAST_HOME } from './device/kept.ts';
import { loadLaterTexts } from './i18n.ts';
import { useSession } from './stores/session.ts';
import TodayView from './views/today/TodayView.vue';
import SignInView from './views/sign-in/SignInView.vue';

const LATER = {
  ledger: () => import('./views/ledger/LedgerView.vue'),
  note: () => import('./views/note/NoteView.vue'),
  almanac: () => import('./views/almanac/AlmanacView.vue'),
  practices: () => import('./views/practices/PracticesView.vue'),
  disagreements: () => import('./views/practices/DisagreementsView.vue'),
  add: () => import('./views/add/AddView.vue'),
  upkeep: () => import('./views/upkeep/UpkeepView.vue'),
  walk: () => import('./views/walk/WalkView.vue'),
  thing: () => import('./views/thing/ThingView.vue'),
  sheet: () => import('./views/sheet/SheetView.vue'),
  house: () => import('./views/house/HouseView.vue'),
  runs: () => import('./views/runs/RunsView.vue'),
  run: () => import('./views/runs/RunView.vue'),
  'run-sheet': () => import('./views/runs/RunSheetView.vue'),
  trouble: () => import('./views/trouble/TroubleView.vue'),
  bench: () => import('./views/bench/BenchView.vue'),
};

/** A home in an address; anything else written there leads to the homes one has. */
const HOME = '/homes/:homeId([0-9a-f]{8}-[0-9a-f-]{27})';

const routes: RouteRecordRaw[] = [
  { path: '/sign-in', name: 'sign-in', component: SignInView, meta: { open: true } },
  { path: `${HOME}/today`, name: 'today', component: TodayView },
  { path: `${HOME}/ledger`, name: 'ledger', component: LATER.ledger },
  { path: `${HOME}/note`, name: 'note', component: LATER.note },
  { path: `${HOME}/almanac`, name: 'almanac', component: LATER.almanac },
  { path: `${HOME}/practices`, name: 'practices', component: LATER.practices },
  { path: `${HOME}/practices/disagreements`, name: 'disagreements', component: LATER.disagreements },
  { path: `${HOME}/add`, name: 'add', component: LATER.add },
  { path: `${HOME}/upkeep`, name: 'upkeep', component: LATER.upkeep },
  { path: `${HOME}/walk`, name: 'walk', component: LATER.walk },
  { path: `${HOME}/things/:assetId`, name: 'thing', component: LATER.thing },
  { path: `${HOME}/sheet`, name: 'sheet', component: LATER.sheet, meta: { kept: true } },
  { path: `${HOME}/house`, name: 'house', component: LATER.house },
  { path: `${HOME}/runs`, name: 'runs', component: LATER.runs },
  { path: `${HOME}/runs/:runId`, name: 'run', component: LATER.run, meta: { kept: true } },
  {
    path: `${HOME}/runs/:runId/sheet`,
    name: 'run-sheet',
    component: LATER['run-sheet'],
    meta: { kept: true },
  },
  { path: `${HOME}/trouble`, name: 'trouble', component: LATER.trouble },
  { path: `${HOME}/bench/:code?`, name: 'bench', component: LATER.bench },
  { path: '/bench/:code?', name: 'open-bench', component: LATER.bench, meta: { anyone: true } },
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
  { path: '/homes', name: 'homes', component: LATER.house },
  { path: '/:rest(.*)*', redirect: { name: 'homes' } },
];

/** Fetches the pages that are loaded on demand. One that cannot be had now is fetched when it is gone to. */
export async function fetchPages(): Promise<void> {
  await Promise.allSettled([loadLaterTexts(), ...Object.values(LATER).map((page) => page())]);
}

/** The pages. Whoever is not signed in is asked to first, and then goes on to where they were going. */
export function makeRouter() {
  const router = createRouter({ history: createWebHistory(), routes, scrollBehavior: () => ({ top: 0 }) });
  router.beforeEach(async (to) => {
    const session = useSession();
    await session.resume();
    // The page itself says so and offers to try again.
    if (to.name !== 'today' && to.name !== 'sign-in') await loadLaterTexts();
    if (session.unreachable || to.meta['anyone'] === true) return true;
    if (to.meta['open'] === true) return session.signedIn ? { name: 'homes' } : true;
    if (!session.signedIn)
      return { name: 'sign-in', query: to.fullPath === '/' ? {} : { next: to.fullPath } };
    // Asking for the homes in general means the one last looked at, or else the first.
    if (to.name === 'homes' && to.query['all'] === undefined) {
      const last = localStorage.getItem(LAST_HOME);
      const home = session.homes.find(({ id }) => id === last) ?? session.homes[0];
      if (home) return { name: 'today', params: { homeId: home.id } };
    }
    return true;
  });
  return router;
}
