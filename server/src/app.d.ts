import { Hono } from 'hono';
import type { Logger } from 'pino';
import type { Db } from './db/client.ts';
export interface AppOptions {
    readonly db: Db;
    readonly log: Logger;
    readonly teamId: string;
    /** The built web app; without it only the API is served. */
    readonly webRoot?: string;
}
type Vars = {
    Variables: {
        requestId: string;
    };
};
/** The whole service: the API under /api and the app everywhere else. */
export declare function createApp({ db, log, teamId, webRoot }: AppOptions): Hono<Vars>;
export {};
