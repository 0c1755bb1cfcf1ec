import { createDatabase, throwAwayCluster } from './cluster.ts';

/** For the server tests: a cluster of their own, gone when they end, unless TEST_DATABASE_URL names one. */
export default async function setup(): Promise<(() => void) | undefined> {
  if (process.env.TEST_DATABASE_URL) return undefined;
  const cluster = await throwAwayCluster();
  process.env.TEST_DATABASE_URL = await createDatabase(cluster, 'server_tests');
  return () => cluster.stop();
}
