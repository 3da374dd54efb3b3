import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { createSSRApp, h } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { renderToString } from 'vue/server-renderer';
import type { DrawFirst } from '../../contract/firstPage.ts';
import { ADDRESSES } from '../addresses.ts';
import { loadCatalogue } from '../catalogue.ts';
import { i18n, loadLaterTexts } from '../i18n.ts';
import { look } from '../kit/look.ts';
import { useHome } from '../stores/home.ts';
import { useSession } from '../stores/session.ts';
import FirstPage from './FirstPage.vue';

/** The addresses that the links lead to; no page stands behind them here. */
const routes = Object.entries(ADDRESSES).map(([name, path]) => ({
  name,
  path,
  component: { render: () => null },
}));

/**
 * Today as HTML, for whoever the answers are of. All waiting is done before anything is drawn: drawing itself is one step, so that the wording
 * of one home never meets the texts of another.
 */
export const drawFirst: DrawFirst = async (answers) => {
  const pinia = createPinia();
  const router = createRouter({ history: createMemoryHistory(), routes });
  await Promise.all([
    loadCatalogue(),
    loadLaterTexts(),
    router.push({ name: 'today', params: { homeId: answers.house.home.id } }),
  ]);
  const app = createSSRApp({ render: () => h(FirstPage, { answers }) })
    .use(pinia)
    .use(i18n)
    .use(PrimeVue, { unstyled: true, pt: look })
    .use(router);
  const session = useSession(pinia);
  session.me = answers.me;
  session.homes = answers.listHomes;
  const home = useHome(pinia);
  home.house = answers.house;
  home.rows = answers.today.rows;
  home.on = answers.today.on;
  i18n.global.locale.value = answers.house.home.vocabulary;
  return renderToString(app);
};
