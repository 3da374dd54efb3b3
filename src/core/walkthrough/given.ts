/** Answers to read from: what was said, else what the kind of house makes likely. Anything not answered reads as nothing. */
export class Given {
  constructor(private readonly answers: Readonly<Record<string, unknown>>) {}

  /** The choice made; null where nobody knows or nothing was asked. */
  choice(code: string): string | null {
    const value = this.answers[code];
    return typeof value === 'string' ? value : null;
  }

  isOneOf(code: string, ...options: readonly string[]): boolean {
    const value = this.choice(code);
    return value !== null && options.includes(value);
  }

  yes(code: string): boolean {
    return this.answers[code] === true;
  }

  /** Yes, no, or null where nobody knows. */
  known(code: string): boolean | null {
    const value = this.answers[code];
    return typeof value === 'boolean' ? value : null;
  }

  count(code: string): number {
    const value = this.answers[code];
    return typeof value === 'number' ? value : 0;
  }

  chosen(code: string): readonly string[] {
    const value = this.answers[code];
    return Array.isArray(value) ? value.filter((one): one is string => typeof one === 'string') : [];
  }

  has(code: string, option: string): boolean {
    return this.chosen(code).includes(option);
  }
}
