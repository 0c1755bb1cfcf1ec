import type { Db } from '../db/client.ts';
/** The team's plays, their trash and their kept versions. */
export declare function playRoutes(db: Db, teamId: string): import("hono/hono-base").HonoBase<import("hono/types").BlankEnv, {
    "/": {
        $get: {
            input: {
                query: {
                    trash?: "true" | "false" | undefined;
                };
            };
            output: {
                id: string;
                revision: number;
                updatedAt: string;
                deletedAt: string | null;
                summary: {
                    name: string;
                    call: string;
                    signal: string;
                    against: string[];
                    frames: number;
                    endings: number;
                    seconds: number;
                    alignment: string | null;
                    alignmentName: string | null;
                };
                card: import("hono/utils/types").JSONValue;
            }[];
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
} & {
    "/:id": {
        $get: {
            input: {
                param: {
                    id: string;
                };
            };
            output: {
                id: string;
                revision: number;
                updatedAt: string;
                deletedAt: string | null;
                document: import("hono/utils/types").JSONValue;
            };
            outputFormat: "json";
            status: 200;
        };
    };
} & {
    "/:id": {
        $put: {
            input: {
                param: {
                    id: string;
                };
            } & {
                json: {
                    revision: number;
                    sitting: string;
                    document: unknown;
                };
            };
            output: {
                id: string;
                revision: number;
                updatedAt: string;
            };
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
} & {
    "/:id": {
        $delete: {
            input: {
                param: {
                    id: string;
                };
            };
            output: {
                id: string;
                revision: number;
                updatedAt: string;
                deletedAt: string | null;
                document: import("hono/utils/types").JSONValue;
            };
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
} & {
    "/:id/restore": {
        $post: {
            input: {
                param: {
                    id: string;
                };
            };
            output: {
                id: string;
                revision: number;
                updatedAt: string;
                deletedAt: string | null;
                document: import("hono/utils/types").JSONValue;
            };
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
} & {
    "/:id/versions": {
        $get: {
            input: {
                param: {
                    id: string;
                };
            };
            output: {
                id: number;
                revision: number;
                name: string | null;
                savedAt: string;
                frames: number;
            }[];
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
} & {
    "/:id/versions/:version": {
        $get: {
            input: {
                param: {
                    id: string;
                    version: string;
                };
            };
            output: {
                id: string;
                revision: number;
                updatedAt: string;
                deletedAt: string | null;
                document: import("hono/utils/types").JSONValue;
            };
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
} & {
    "/:id/versions/:version": {
        $patch: {
            input: {
                param: {
                    id: string;
                    version: string;
                };
            } & {
                json: {
                    name: string;
                };
            };
            output: {
                id: number;
                revision: number;
                name: string | null;
                savedAt: string;
                frames: number;
            }[];
            outputFormat: "json";
            status: import("hono/utils/http-status").ContentfulStatusCode;
        };
    };
}, "/", "/:id/versions/:version">;
