import { dropRun, finishRun, runOf, runsOf, saveRun } from '../../services/runs.ts';
import type { Handlers } from '../context.ts';

type Names = 'runs' | 'run' | 'saveRun' | 'dropRun' | 'finishRun';

export const runHandlers: Pick<Handlers, Names> = {
  runs: ({ tx, home }) => runsOf(tx, home),
  run: ({ tx, home, params }) => runOf(tx, home, params.runId),
  saveRun: ({ services: { clock }, tx, home, params, body }) =>
    saveRun(tx, home, params.runId, body, clock()),
  dropRun: async ({ tx, home, params }) => {
    await dropRun(tx, home, params.runId);
    return {};
  },
  finishRun: ({ services: { clock }, tx, home, personId, body }) =>
    finishRun(tx, home, body, { by: personId, now: clock() }),
};
