import '@fontsource-variable/source-serif-4/wght.css';
import '@fontsource-variable/source-serif-4/wght-italic.css';
import './theme/tokens.css';
import './theme/base.css';
import './theme/forms.css';
import './theme/print.css';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { createApp } from 'vue';
import App from './App.vue';
import { i18n } from './i18n.ts';
import { makeRouter } from './router.ts';

createApp(App).use(createPinia()).use(i18n).use(PrimeVue, { unstyled: true }).use(makeRouter()).mount('#app');

// The built page keeps what it is made of on the device, so that it opens without a signal.
if (import.meta.env.PROD && 'serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js');
