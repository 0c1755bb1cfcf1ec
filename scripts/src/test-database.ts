import type { TestProject } from 'vitest/node';
import { createDatabase, throwAwayCluster, type Cluster } from './cluster.ts';

/** For the server tests: a cluster of their own, gone when they end. */
export default async function setup(project: TestProject): Promise<() => void> {
  const given = process.env.TEST_DATABASE_URL;
  let cluster: Cluster | undefined;
  if (!given) cluster = await throwAwayCluster();
  project.provide('databaseUrl', given ?? (await createDatabase(cluster!, 'server_tests')));
  return () => cluster?.stop();
}

declare module 'vitest' {
  export interface ProvidedContext {
    databaseUrl: string;
  }
}
