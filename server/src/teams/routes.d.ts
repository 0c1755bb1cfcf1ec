import type { Db } from '../db/client.ts';
/** The one team of this server. */
export declare function teamRoutes(db: Db, teamId: string): import("hono/hono-base").HonoBase<import("hono/types").BlankEnv, {
    "/": {
        $get: {
            input: {};
            output: {
                id: string;
                name: string;
            };
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
}, "/", "/">;
export declare function ensureTeam(db: Db, id: string, name: string): Promise<void>;
