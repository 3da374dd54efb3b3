import { z } from 'zod';

const environmentSchema = z.object({
  DATABASE_URL: z.url({ protocol: /^postgres(ql)?$/ }),
  SESSION_SECRET: z.string().min(32),
  HOST: z.string().default('127.0.0.1'),
  PORT: z.coerce.number().int().min(0).max(65_535).default(4717),
  PUBLIC_URL: z.url({ protocol: /^https?$/ }).optional(),
  WEB_FOLDER: z.string(),
  /** Moves the clock: the server behaves as if it had been started at this instant. */
  CLOCK_AT: z.iso.datetime({ offset: true }).optional(),
  DEMO_PASSWORD: z.string().optional(),
  LOG_LEVEL: z.enum(['fatal', 'error', 'warn', 'info', 'debug', 'silent']).default('info'),
});

/** The settings of the server; read once, in `main.ts`. */
export interface Config {
  readonly databaseUrl: string;
  readonly sessionSecret: string;
  readonly host: string;
  readonly port: number;
  readonly publicUrl: URL | null;
  readonly webFolder: string;
  readonly clockAt: number | null;
  readonly demoPassword: string | null;
  readonly logLevel: z.infer<typeof environmentSchema>['LOG_LEVEL'];
}

/** Reads the environment; throws one message that names every variable that is wrong. */
export function readConfig(environment: Record<string, string | undefined>): Config {
  const read = environmentSchema.safeParse(environment);
  if (!read.success) {
    const faults = read.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`);
    throw new Error(`the environment is not usable:\n  ${faults.join('\n  ')}`);
  }
  const { data } = read;
  return {
    databaseUrl: data.DATABASE_URL,
    sessionSecret: data.SESSION_SECRET,
    host: data.HOST,
    port: data.PORT,
    publicUrl: data.PUBLIC_URL === undefined ? null : new URL(data.PUBLIC_URL),
    webFolder: data.WEB_FOLDER,
    clockAt: data.CLOCK_AT === undefined ? null : Date.parse(data.CLOCK_AT),
    demoPassword: data.DEMO_PASSWORD ?? null,
    logLevel: data.LOG_LEVEL,
  };
}
