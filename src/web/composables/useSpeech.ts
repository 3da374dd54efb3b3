import { computed, type ComputedRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { civilDateIn } from '../../core/calendar/zone.ts';
import { formatsFor } from '../../locales/format.ts';
import type { Speech, Translate } from '../../locales/speech.ts';
import type { Vocabulary } from '../../core/house/house.ts';
import { useHome } from '../stores/home.ts';

/** Sentences and formats in the wording on screen, seen from the home's own today. */
export function useSpeech(): ComputedRef<Speech> {
  const { t, locale } = useI18n({ useScope: 'global' });
  const home = useHome();
  const translate: Translate = (key, named = {}, plural = 1) => t(key, named, plural);
  return computed(() => ({
    t: translate,
    formats: formatsFor(locale.value as Vocabulary),
    today: home.on ?? civilDateIn(Intl.DateTimeFormat().resolvedOptions().timeZone, Date.now()),
  }));
}
