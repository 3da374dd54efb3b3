import { createI18n } from 'vue-i18n';
import type { Vocabulary } from '../core/house/house.ts';
import { enGB } from '../locales/en-GB.ts';
import { enUS } from '../locales/en-US.ts';

/** Before a home says which wording it wants, the browser's language does. */
export const browserWording = (): Vocabulary =>
  /^en-(GB|IE|AU|NZ|ZA)/i.test(navigator.language) ? 'en-GB' : 'en-US';

export const i18n = createI18n({
  legacy: false,
  locale: browserWording(),
  fallbackLocale: 'en-US',
  messages: { 'en-US': enUS, 'en-GB': enGB as never },
  missingWarn: false,
  fallbackWarn: false,
});
