import { fork } from 'node:child_process';
import { once } from 'node:events';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { openInstallation, withDatabase } from '../../cluster/installation.ts';
import type { DatabaseUrls } from '../../server/db/setup.ts';
import { everyHome } from '../../server/services/everyHome.ts';
import type { HomeWorkName } from './homeWork.ts';
import { workOn, type Lane, type LaneDone } from './lane.ts';

/** For fewer homes a process of their own takes longer to start than it saves. */
const HOMES_A_PROCESS = 100;

const LANE_PROCESS = fileURLToPath(new URL('laneProcess.ts', import.meta.url));

/**
 * Works on every home of the installation. One that cannot be worked on is named, with the reason, and the others are gone on with; the command
 * then ends with exit code 1.
 */
export function eachHome(work: HomeWorkName): Promise<LaneDone & { homes: number }> {
  return withDatabase(openInstallation(), async (urls) => {
    const done = await eachHomeOf(urls, work, Date.now());
    if (done.failed > 0) process.exitCode = 1;
    return done;
  });
}

interface Sharing {
  /** How many processes share the homes; unless given as many as the machine has cores, and fewer for few homes. */
  readonly lanes?: number;
  /** The program of a process. */
  readonly program?: string;
}

/** The same of a database. `now`: epoch milliseconds. */
export async function eachHomeOf(
  { owner, app }: Pick<DatabaseUrls, 'owner' | 'app'>,
  work: HomeWorkName,
  now: number,
  { lanes: wanted, program = LANE_PROCESS }: Sharing = {},
): Promise<LaneDone & { homes: number }> {
  const homes = await everyHome(owner);
  const lanes = wanted ?? lanesFor(homes.length);
  const shares = Array.from({ length: lanes }, (_, lane) => ({
    url: app,
    work,
    homes: homes.filter((_home, at) => at % lanes === lane),
    now,
  }));
  const done = await Promise.all(
    shares.map((share) => (lanes === 1 ? workOn(share) : inProcess(program, share))),
  );
  const sum = (count: keyof LaneDone): number => done.reduce((total, one) => total + one[count], 0);
  return { homes: homes.length, failed: sum('failed'), counted: sum('counted') };
}

const lanesFor = (homes: number): number =>
  Math.max(1, Math.min(availableParallelism(), Math.floor(homes / HOMES_A_PROCESS)));

async function inProcess(program: string, lane: Lane): Promise<LaneDone> {
  const child = fork(program);
  const [answered, ended] = [once(child, 'message'), once(child, 'exit')];
  child.send(lane);
  const answer = await Promise.race([
    answered.then(([done]) => done as LaneDone),
    ended.then(([code, signal]: unknown[]) => {
      throw new Error(
        `a process that worked on ${lane.homes.length} homes ended with ${String(code ?? signal)}`,
      );
    }),
  ]);
  child.disconnect();
  await ended;
  return answer;
}
