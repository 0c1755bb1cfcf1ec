import type { StoredPlay } from '@corkscrew/core';
import type { Context } from 'hono';
/** An answer that is not the one hoped for, with a sentence that a coach understands. */
export declare class ProblemError extends Error {
    readonly status: 400 | 404 | 409 | 413 | 415 | 422 | 503;
    readonly title: string;
    readonly theirs: StoredPlay | undefined;
    constructor(status: ProblemError['status'], title: string, detail: string, theirs?: StoredPlay);
}
export declare const notFound: (what: string) => ProblemError;
export declare function problemResponse(c: Context, status: number, title: string, detail: string, theirs?: StoredPlay): Response;
