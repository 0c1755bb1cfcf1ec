/** An error and what caused it, those of several tries included. */
function* chain(error: unknown): Generator<Error & { code?: string }> {
  for (let e: unknown = error; e instanceof Error; e = e.cause) {
    yield e;
    if (e instanceof AggregateError) for (const one of e.errors) yield* chain(one);
  }
}

const some = (error: unknown, is: (e: Error & { code?: string }) => boolean): boolean =>
  [...chain(error)].some(is);

/** PostgreSQL did not answer in time. */
export class TooLate extends Error {
  constructor() {
    super('The database did not answer in time.');
  }
}

/** Whether an error says that PostgreSQL is not there, or hangs. */
export const isDatabaseDown = (error: unknown): boolean =>
  some(
    error,
    (e) =>
      e instanceof TooLate ||
      /^(ECONN|EPIPE|ENOTFOUND|ETIMEDOUT|57P|57014|08)/.test(e.code ?? '') ||
      /timeout|Connection terminated/i.test(e.message),
  );

/** Whether an error says that there is no room left, on the database's disk or ours. */
export const isDiskFull = (error: unknown): boolean =>
  some(error, (e) => e.code === '53100' || e.code === 'ENOSPC');
