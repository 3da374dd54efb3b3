import type { WeatherDay } from '../core/climate/weather.ts';
import type { Speech } from './speech.ts';

const MM_PER_INCH = 25.4;
const CM_PER_INCH = 2.54;
const MPH_PER_MS = 2.236_936;
const KMH_PER_MS = 3.6;
/** Less than this is a trace, mm of rain or cm of snow. */
const TRACE = 0.5;
/** Gusts below this go without saying, m/s. */
const WINDY = 14;

/** Rain, snow, wind and hail of a day in a few words, in the home's units; nothing for a quiet day. */
export function weatherWords(
  { t, formats, wording }: Speech,
  { rain, snow, gust, hail }: WeatherDay,
): string {
  const us = wording.units === 'us';
  const figure = (value: number): string => formats.number(Math.round(value * 100) / 100);
  const amount = (value: number, unit: string): string => t(`unit.${unit}`, { n: figure(value) });
  const parts = [
    rain === undefined || rain < TRACE
      ? null
      : t('weather.rain', { amount: us ? amount(rain / MM_PER_INCH, 'in') : amount(Math.round(rain), 'mm') }),
    snow === undefined || snow < TRACE
      ? null
      : t('weather.snow', {
          amount: us
            ? amount(Math.round((snow / CM_PER_INCH) * 2) / 2, 'in')
            : amount(Math.round(snow), 'cm'),
        }),
    gust === undefined || gust < WINDY
      ? null
      : t('weather.gust', {
          speed: us
            ? amount(Math.round(gust * MPH_PER_MS), 'mph')
            : amount(Math.round(gust * KMH_PER_MS), 'kmh'),
        }),
    hail === true ? t('weather.hail') : null,
  ];
  return parts.filter((part) => part !== null).join(', ');
}
