import { computed, type ComputedRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { civilDateIn } from '../../core/calendar/zone.ts';
import { formatsFor } from '../../locales/format.ts';
import { practiceTitle } from '../../locales/practiceText.ts';
import type { Speech, Translate } from '../../locales/speech.ts';
import type { Vocabulary } from '../../core/house/house.ts';
import { useHome } from '../stores/home.ts';

/** Sentences and formats in the wording on screen, seen from the home's own today. */
export function useSpeech(): ComputedRef<Speech> {
  const { t, locale } = useI18n({ useScope: 'global' });
  const home = useHome();
  const translate: Translate = (key, named = {}, plural = 1) => t(key, named, plural);
  return computed(() => {
    const vocabulary = locale.value as Vocabulary;
    const wording = { vocabulary, units: home.house?.home.units ?? 'us' };
    const { find } = home;
    return {
      t: translate,
      formats: formatsFor(vocabulary),
      // Before a home is read the day of this device is worked out, where somebody asks for it.
      get today() {
        return home.on ?? civilDateIn(Intl.DateTimeFormat().resolvedOptions().timeZone, Date.now());
      },
      find,
      wording,
      dutyTitle: (id: string) => {
        const duty = home.house?.duties.find((one) => one.id === id);
        return duty ? practiceTitle({ find, wording }, duty.practice) : id;
      },
    };
  });
}
