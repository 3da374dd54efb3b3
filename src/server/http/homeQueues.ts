import pLimit, { type LimitFunction } from 'p-limit';
import { Failure } from '../services/failure.ts';

/** Requests of one home worked on at once: fewer than there are connections, so that one home cannot take them all. */
const AT_ONCE = 4;
/** Requests of one home that are worked on or wait; more are told to come again. */
const MOST_WAITING = 100;

interface Queue {
  readonly writes: LimitFunction;
  readonly all: LimitFunction;
  requests: number;
}

/**
 * Requests of one home wait for one another here, before any of them takes a connection: writes one at a time, since each would only
 * hold its connection until the home's ledger is free.
 */
export class HomeQueues {
  private readonly homes = new Map<string, Queue>();

  /** Runs work on a home in its turn; refuses with `unavailable` where too much waits already. */
  async run<T>(homeId: string, kind: 'reads' | 'writes', work: () => Promise<T>): Promise<T> {
    const queue = this.homes.get(homeId) ?? { writes: pLimit(1), all: pLimit(AT_ONCE), requests: 0 };
    if (queue.requests >= MOST_WAITING) throw new Failure('unavailable');
    this.homes.set(homeId, queue);
    queue.requests += 1;
    try {
      return await (kind === 'writes' ? queue.writes(() => queue.all(work)) : queue.all(work));
    } finally {
      queue.requests -= 1;
      if (queue.requests === 0) this.homes.delete(homeId);
    }
  }
}
