import '@fontsource-variable/source-sans-3/wght.css';
import '@fontsource-variable/source-serif-4/wght.css';
import './kit/theme/tokens.css';
import './kit/theme/base.css';
import './kit/theme/forms.css';
import './kit/theme/kit.css';
import './kit/theme/print.css';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import ToastService from 'primevue/toastservice';
import { createApp } from 'vue';
import App from './App.vue';
import { needTemporal } from './device/temporal.ts';
import { fetchFonts, step } from './device/cover.ts';
import { i18n } from './i18n.ts';
import { look } from './kit/look.ts';
import { keepPages } from './shell/keepPages.ts';
import { makeRouter } from './router.ts';

// Behind what the server drew the page is made in steps.
fetchFonts();
await needTemporal();
await step();
const app = createApp(App)
  .use(createPinia())
  .use(i18n)
  .use(PrimeVue, { unstyled: true, pt: look })
  .use(ToastService);
await step();
app.use(makeRouter());
await step();
app.mount('#app');

keepPages();
