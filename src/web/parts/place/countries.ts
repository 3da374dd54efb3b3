import { getAllCountries, getCountryForTimezone } from 'countries-and-timezones';

/** A country by its two capital letters and its name in the reader's language. */
export interface CountryOption {
  readonly value: string;
  readonly text: string;
}

/** Every country by name, in the order of a language. */
export function countryOptions(language: string): CountryOption[] {
  const names = new Intl.DisplayNames([language], { type: 'region' });
  return Object.keys(getAllCountries())
    .map((value) => ({ value, text: names.of(value) ?? value }))
    .sort((a, b) => a.text.localeCompare(b.text, language));
}

/** The country a time zone lies in; null where it lies in none, or in several as much. */
export const countryOfZone = (zone: string): string | null => getCountryForTimezone(zone)?.id ?? null;
