import type { Temporal as Built } from 'temporal-polyfill';

/**
 * The browser's own Temporal, or the polyfill that `main.ts` loads where there is none. In the build this stands in for the package, so that
 * a browser that has Temporal does not fetch it. It is looked up at each use: the polyfill may come after this module.
 *
 * @public The build puts it in place of the package.
 */
export const Temporal = new Proxy({} as typeof Built, {
  get: (_, name) => Reflect.get(Reflect.get(globalThis, 'Temporal') as object, name) as unknown,
});

/** Loads the polyfill where the browser lacks Temporal. */
export async function needTemporal(): Promise<void> {
  if (!('Temporal' in globalThis)) await import('temporal-polyfill/global');
}
