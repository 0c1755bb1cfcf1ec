import { serve } from '@hono/node-server';
import autocannon from 'autocannon';
import { Hono } from 'hono';
import pg from 'pg';
import { TEAM } from '../../../server/src/serve.ts';
import { freePort } from '../cluster.ts';
import { demo, type Row } from './row.ts';

const load = (url: string, options: Partial<autocannon.Options> = {}) =>
  autocannon({ url, connections: 50, duration: 6, ...options });

/** The list beside a bare handler that sends the same rows of the same query. */
export async function listThroughput(url: string, databaseUrl: string): Promise<Row[]> {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 10 });
  const bare = new Hono().get('/', async (c) => {
    const { rows } = await pool.query(
      'select id, revision, updated_at, deleted_at, summary, card from plays where team_id = $1 and deleted_at is null order by updated_at desc, id',
      [TEAM],
    );
    return c.json(rows);
  });
  const port = await freePort(4800);
  const server = serve({ fetch: bare.fetch, port, hostname: '127.0.0.1' });
  const packed = { 'accept-encoding': 'gzip' };
  const ours = await load(`${url}/api/plays`, { headers: packed });
  const { headers } = await fetch(`${url}/api/plays`);
  const unchanged = await load(`${url}/api/plays`, {
    headers: { ...packed, 'if-none-match': headers.get('ETag')! },
  });
  const theirs = await load(`http://127.0.0.1:${port}/`);
  const play = demo()[0]!;
  let n = 0;
  const saving = await load(`${url}/api/plays/bench`, {
    requests: [
      {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        setupRequest: (r) => {
          const id = `bench${n++}`;
          return {
            ...r,
            path: `/api/plays/${id}`,
            body: JSON.stringify({ revision: 0, sitting: 'bench', document: { ...play, id } }),
          };
        },
      },
    ],
  });
  server.close();
  await pool.end();
  const beside = (r: autocannon.Result) => `${(r.requests.average / theirs.requests.average).toFixed(1)} ×`;
  const line = (r: autocannon.Result) =>
    `${r.requests.average.toFixed(0)}/s, p50 ${r.latency.p50} ms, p99 ${r.latency.p99} ms`;
  return [
    { what: 'List of 500 plays, 50 connections', measured: line(ours), goal: '' },
    { what: 'The same list, unchanged since it was last asked for', measured: line(unchanged), goal: '' },
    { what: 'Bare Hono + pg, same query', measured: line(theirs), goal: '' },
    { what: 'Full list beside the bare query', measured: beside(ours), goal: '≥ 4 ×' },
    { what: 'Unchanged list beside the bare query', measured: beside(unchanged), goal: '≥ 10 ×' },
    {
      what: 'Save of a new play, 50 connections',
      measured: `${line(saving)}, ${saving.non2xx} refused`,
      goal: '',
    },
  ];
}
