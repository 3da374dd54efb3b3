import { createI18n } from 'vue-i18n';
import type { Vocabulary } from '../core/house/house.ts';
import { enGB } from '../locales/en-GB.ts';
import { first } from '../locales/en-US/first.ts';

/** Before a home says which wording it wants, the browser's language does. A server that draws a page has none. */
export const browserWording = (): Vocabulary =>
  'navigator' in globalThis && /^en-(GB|IE|AU|NZ|ZA)/i.test(navigator.language) ? 'en-GB' : 'en-US';

export const i18n = createI18n({
  legacy: false,
  locale: browserWording(),
  fallbackLocale: 'en-US',
  messages: { 'en-US': first, 'en-GB': enGB as never },
  missingWarn: false,
  fallbackWarn: false,
});

let later: Promise<void> | null = null;

/** The sentences of the other pages; fetched once, and again only where that failed. */
export function loadLaterTexts(): Promise<void> {
  later ??= import('../locales/en-US/later.ts').then(
    (texts) => {
      i18n.global.mergeLocaleMessage('en-US', texts.later);
    },
    (error: unknown) => {
      later = null;
      throw error;
    },
  );
  return later;
}
