import { explain } from '../src/cluster/explain.ts';
import { dataFolder, openInstallation, withDatabase } from '../src/cluster/installation.ts';
import { readSettings } from '../src/server/config.ts';
import { buildAll } from './build.ts';
import { requireFreePort, serve } from './serving.ts';

// npm run serve: one more server process of the same installation, on a port of its own, beside npm start and behind the same proxy.
try {
  const settings = readSettings(process.env);
  await requireFreePort(settings);
  const installation = openInstallation();
  await buildAll();
  process.exitCode = await withDatabase(installation, ({ app }) => serve(app, installation, settings));
} catch (error) {
  console.error(explain(error, dataFolder()));
  process.exit(1);
}
