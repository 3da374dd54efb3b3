import type { Config } from '../config.ts';

export const isHttps = ({ publicUrl }: Pick<Config, 'publicUrl'>): boolean =>
  publicUrl?.protocol === 'https:';

/** Where pages come over HTTPS, a browser takes a name of this beginning from this very address alone. */
export const cookieName = (name: string, config: Pick<Config, 'publicUrl'>): string =>
  isHttps(config) ? `__Host-${name}` : name;
