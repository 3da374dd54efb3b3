import { seededRandom } from '../../../src/core/basics/random.ts';

/** Seeded choices: the same seed makes the same ones. */
export class Luck {
  private readonly next: () => number;

  constructor(seed: number) {
    this.next = seededRandom(seed);
  }

  chance(of: number): boolean {
    return this.next() < of;
  }

  /** A whole number from `least` to `most`, both included. */
  whole(least: number, most: number): number {
    return least + Math.floor(this.next() * (most - least + 1));
  }

  one<T>(some: readonly T[]): T {
    const chosen = some[Math.floor(this.next() * some.length)];
    if (chosen === undefined) throw new Error('nothing to choose from');
    return chosen;
  }

  /** A UUID of version 7 made of these numbers. */
  uuid(): string {
    const hex = Array.from({ length: 32 }, () => this.whole(0, 15).toString(16)).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-7${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20)}`;
  }
}
