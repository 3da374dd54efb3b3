import { pino, type DestinationStream, type Logger } from 'pino';
import type { Config } from './config.ts';

/** Lines of one kind in this time; more are counted and told with the next. So a full disk is not filled by its own log. */
const QUIET_MS = 10_000;

/** Errors whose message holds what someone sent: a statement with its parameters, a row, a text that could not be read. */
const tellsContent = (error: Error): boolean =>
  'query' in error ||
  'severity' in error ||
  'issues' in error ||
  error instanceof SyntaxError ||
  error instanceof URIError;

/** The part of an error that is logged: where it happened and PostgreSQL's own codes, and no text that came from outside. */
export function errorLine(error: unknown): Record<string, unknown> {
  if (!(error instanceof Error)) return { type: typeof error };
  const { stack = '', cause } = error;
  const message = tellsContent(error) ? {} : { message: error.message };
  const codes = Object.fromEntries(
    (['code', 'severity', 'routine', 'schema', 'table', 'constraint'] as const).flatMap((key) => {
      const value: unknown = (error as unknown as Record<string, unknown>)[key];
      return typeof value === 'string' ? [[key, value]] : [];
    }),
  );
  const frames = stack.split('\n').filter((line) => line.startsWith('    at '));
  return {
    type: error.constructor.name,
    ...message,
    ...codes,
    at: frames.slice(0, 12).map((line) => line.trim()),
    ...(cause !== undefined && { cause: errorLine(cause) }),
  };
}

/** Where lines go: a file by its path or number. A line that cannot be written, on a full disk say, is lost and ends nothing. */
function destinationOf(file: string | number): DestinationStream {
  const stream = pino.destination({ dest: file, sync: true });
  stream.on('error', () => undefined);
  return stream;
}

/** The server's log: JSON lines without cookies, statement parameters, texts, addresses of people or hashes. */
export const createLog = (level: Config['logLevel'], to: string | number | DestinationStream = 1): Logger =>
  pino(
    { level, base: null, serializers: { err: errorLine } },
    typeof to === 'object' ? to : destinationOf(to),
  );

/** Lets one line of each kind through in ten seconds, and counts the others. */
export class Quiet {
  private readonly kinds = new Map<string, { since: number; held: number }>();

  /** Tells how many lines of the kind were held back since the last one, or null where this one is to be held back too. */
  admit(kind: string, now: number): number | null {
    const known = this.kinds.get(kind);
    if (known && now - known.since < QUIET_MS) {
      known.held += 1;
      return null;
    }
    this.kinds.set(kind, { since: now, held: 0 });
    return known?.held ?? 0;
  }
}
