import { z } from 'zod';

/** Everything that can be wrong with a request, by name. Wording stands in the locales under `error.<code>`. */
export const ERROR_CODES = [
  'invalid',
  'not-signed-in',
  'wrong-credentials',
  'too-many-attempts',
  'cross-site',
  'demo-off-loopback',
  'not-found',
  'not-allowed',
  'email-taken',
  'id-taken',
  'seen-changed',
  'date-in-future',
  'date-after-correction',
  'reference-unknown',
  'already-succeeded',
  'not-outstanding',
  'practice-unknown',
  'code-differs',
  'acknowledgement-needed',
  'target-unknown',
  'target-not-correctable',
  'target-voided',
  'too-many-corrections',
  'field-not-in-kind',
  /** No longer sent; a device may still have one stored. */
  'no-account',
  'password-weak',
  'password-needed',
  'demo-account',
  'only-owner',
  'member-unknown',
  'other-address',
  'invitation-over',
  'too-many-invitations',
  'https-needed',
  'file-unreadable',
  'file-differs',
  'last-owner',
  'name-differs',
  'photo-unreadable',
  'too-many-photos',
  'walk-over',
  'run-over',
  'document-unreadable',
  'too-many-documents',
  'too-large',
  'unavailable',
  'internal',
] as const;
export const errorCodeSchema = z.enum(ERROR_CODES);
export type ErrorCode = z.infer<typeof errorCodeSchema>;

/** The fault of one value: a kind, and the numbers or words that say what would be right. */
export const problemSchema = z.strictObject({
  kind: z.string(),
  expected: z.string().optional(),
  minimum: z.number().optional(),
  maximum: z.number().optional(),
  options: z.array(z.string()).optional(),
  today: z.string().optional(),
  latest: z.string().optional(),
  names: z.array(z.string()).optional(),
});
export type Problem = z.infer<typeof problemSchema>;

/** The body of every answer that is not a success. `field` is a path in what was sent, such as `entries[0].date`. */
export const errorBodySchema = z.strictObject({
  code: errorCodeSchema,
  field: z.string().optional(),
  problem: problemSchema.optional(),
  logId: z.string(),
});
export type ErrorBody = z.infer<typeof errorBodySchema>;

/** A path as `a.b[0].c`. */
export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>((text, step) => {
    if (typeof step === 'number') return `${text}[${step}]`;
    return text === '' ? String(step) : `${text}.${String(step)}`;
  }, '');
}

/** The first thing wrong with a value, as data: where it is and what would be right there. */
export function firstProblem(error: z.ZodError): { field: string; problem: Problem } {
  const issue = error.issues[0];
  return issue ? problemOf(issue) : { field: '', problem: { kind: 'invalid' } };
}

/** One thing wrong with a value, as data. */
export function problemOf(issue: z.core.$ZodIssue): { field: string; problem: Problem } {
  if (issue.code === 'unrecognized_keys') {
    return { field: pathText([...issue.path, issue.keys[0] ?? '']), problem: { kind: 'unknown-field' } };
  }
  return { field: pathText(issue.path), problem: describe(issue) };
}

function describe(issue: z.core.$ZodIssue): Problem {
  switch (issue.code) {
    case 'invalid_type':
      return { kind: issue.input === undefined ? 'missing' : 'type', expected: issue.expected };
    case 'too_small':
      return { kind: issue.origin === 'string' ? 'too-short' : 'too-small', minimum: Number(issue.minimum) };
    case 'too_big':
      return { kind: issue.origin === 'string' ? 'too-long' : 'too-big', maximum: Number(issue.maximum) };
    case 'invalid_value':
      return { kind: 'option', options: issue.values.map(String) };
    case 'invalid_union':
      return {
        kind: 'option',
        ...('options' in issue && { options: (issue.options as unknown[]).map(String) }),
      };
    case 'invalid_format':
      return { kind: 'format', expected: issue.format };
    case 'custom': {
      const named: unknown = issue.params?.['problem'];
      return { kind: typeof named === 'string' ? named : 'invalid' };
    }
    default:
      return { kind: 'invalid' };
  }
}
