import Bowser from 'bowser';
import type { Translate } from '../../../locales/speech.ts';

/** A device as people know it, by what its browser calls itself: "Firefox on Linux". */
export function deviceName(t: Translate, agent: string): string {
  if (agent === '') return t('device.unknown');
  const { browser, os } = Bowser.parse(agent);
  return browser.name && os.name
    ? t('device.known', { browser: browser.name, system: os.name })
    : t('device.unknown');
}
