import type { TestProject } from 'vitest/node';
import { MIGRATIONS } from '../../src/cluster/installation.ts';
import { startThrowaway } from '../../src/cluster/throwaway.ts';
import { setUpDatabase } from '../../src/server/db/setup.ts';
import { loadDemoOnce } from '../../src/demo/load.ts';
import { CLOCK_AT, DEMO_PASSWORD, DEMO_TEMPLATE, PASSWORDS, TEMPLATE } from './fixed.ts';

declare module 'vitest' {
  interface ProvidedContext {
    /** The superuser's address of the throwaway cluster, ending in its template database. */
    adminUrl: string;
  }
}

/** One throwaway cluster for a run, with two templates that test files copy: a migrated one, and one with the demo homes in it. */
export default async function setUp(project: TestProject): Promise<() => Promise<void>> {
  // Nothing in it outlives the run, so nothing need be flushed to disk.
  const cluster = await startThrowaway('test', '-c fsync=off -c full_page_writes=off -c max_connections=200');
  const adminUrl = cluster.adminUrl(TEMPLATE);
  await setUpDatabase(adminUrl, PASSWORDS, MIGRATIONS);
  const demo = await setUpDatabase(cluster.adminUrl(DEMO_TEMPLATE), PASSWORDS, MIGRATIONS);
  await loadDemoOnce(demo.app, DEMO_PASSWORD, Date.parse(CLOCK_AT));
  project.provide('adminUrl', adminUrl);
  return () => cluster.end();
}
