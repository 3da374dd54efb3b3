import { shallowRef } from 'vue';
import type { Practice } from '../core/practice/practice.ts';
import type { FindPractice } from '../core/house/timingOf.ts';

/** The catalogue is a page's weight of text: it is fetched once, apart from the first page. */
interface Catalogue {
  readonly practices: readonly Practice[];
  readonly finderWith: (own: readonly Practice[]) => FindPractice;
}

export const catalogue = shallowRef<Catalogue | null>(null);

/** Fetches the catalogue, once. */
export async function loadCatalogue(): Promise<void> {
  if (catalogue.value) return;
  const { PRACTICES, finderWith } = await import('../core/catalogue/catalogue.ts');
  catalogue.value = { practices: PRACTICES, finderWith };
}
