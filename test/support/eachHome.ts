import { eachHomeOf } from '../../src/cli/homes/eachHome.ts';

// Works on every home of a database: owner's address, app's address, work, moment, number of processes.
const [owner = '', app = '', work, at = '', lanes] = process.argv.slice(2);
if (work !== 'rebuild' && work !== 'verify') throw new Error(`no work is called ${String(work)}`);
const done = await eachHomeOf({ owner, app }, work, Date.parse(at), { lanes: Number(lanes) });
process.stdout.write(JSON.stringify(done));
