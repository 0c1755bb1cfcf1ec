import type { PlaySummary } from '@corkscrew/core';
export declare const teams: import("drizzle-orm/pg-core").PgTableWithColumns<{
    name: "teams";
    schema: undefined;
    columns: {
        id: import("drizzle-orm/pg-core").PgColumn<{
            name: "id";
            tableName: "teams";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: true;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        name: import("drizzle-orm/pg-core").PgColumn<{
            name: "name";
            tableName: "teams";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        createdAt: import("drizzle-orm/pg-core").PgColumn<{
            name: string;
            tableName: "teams";
            dataType: "date";
            columnType: "PgTimestamp";
            data: Date;
            driverParam: string;
            notNull: true;
            hasDefault: true;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
    };
    dialect: "pg";
}>;
/** Players and staff; no screen uses them yet. */
export declare const people: import("drizzle-orm/pg-core").PgTableWithColumns<{
    name: "people";
    schema: undefined;
    columns: {
        id: import("drizzle-orm/pg-core").PgColumn<{
            name: "id";
            tableName: "people";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: true;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        teamId: import("drizzle-orm/pg-core").PgColumn<{
            name: "team_id";
            tableName: "people";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        name: import("drizzle-orm/pg-core").PgColumn<{
            name: "name";
            tableName: "people";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        role: import("drizzle-orm/pg-core").PgColumn<{
            name: "role";
            tableName: "people";
            dataType: "string";
            columnType: "PgText";
            data: "player" | "coach" | "assistant";
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: ["coach", "assistant", "player"];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
    };
    dialect: "pg";
}>;
/** The document beside what lists need, derived from it on every save. */
export declare const plays: import("drizzle-orm/pg-core").PgTableWithColumns<{
    name: "plays";
    schema: undefined;
    columns: {
        id: import("drizzle-orm/pg-core").PgColumn<{
            name: "id";
            tableName: "plays";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: true;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        teamId: import("drizzle-orm/pg-core").PgColumn<{
            name: "team_id";
            tableName: "plays";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        revision: import("drizzle-orm/pg-core").PgColumn<{
            name: "revision";
            tableName: "plays";
            dataType: "number";
            columnType: "PgInteger";
            data: number;
            driverParam: string | number;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        document: import("drizzle-orm/pg-core").PgColumn<{
            name: "document";
            tableName: "plays";
            dataType: "json";
            columnType: "PgJsonb";
            data: {
                format: "corkscrew-play";
                version: 1;
                id: string;
                name: string;
                court: "nfhs" | "ncaa" | "fiba" | "usPro" | "custom";
                level: "youth" | "highSchool" | "college" | "pro";
                against: string[];
                situation: string[];
                start: {
                    places: {
                        '1': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '2': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '3': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '4': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '5': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                    };
                    ball: "1" | "2" | "3" | "4" | "5";
                    alignment?: string | undefined;
                    throwIn?: "baseline" | "sidelineLeft" | "sidelineRight" | undefined;
                };
                frames: {
                    id: string;
                    parent: string | null;
                    actions: ({
                        does: "pass";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "chest" | "bounce" | "lob" | "skip" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "cut";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "replace" | "basket" | "back" | "face" | "giveAndGo" | "curl" | "straight" | "fade" | "pop" | "slip" | "roll" | "shortRoll" | "shuffle" | "rub" | "overTheTop" | "shallow" | "zip" | "flash" | "lCut" | "vCut" | "duckIn" | "postUp" | "lift" | "drift" | "fill" | "exchange" | "clear" | "cut45" | "circleUnder" | "loop" | "space" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "dribble";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "drive" | "attack" | "retreat" | "dribbleAt" | "advance" | "reject" | "weave" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "screen";
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        for: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        kind?: "zone" | "onBall" | "back" | "stepUp" | "drag" | "ghost" | "rescreen" | "pinDown" | "widePin" | "flare" | "cross" | "stagger" | "double" | "elevator" | "baseline" | "seal" | undefined;
                        angle?: number | undefined;
                        hold?: number | undefined;
                        slip?: boolean | undefined;
                        back?: boolean | undefined;
                        called?: boolean | undefined;
                        on?: "x1" | "x2" | "x3" | "x4" | "x5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "handoff";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "shot";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "layup" | "jumper" | "floater" | "three" | "hook" | "dunk" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "fake";
                        of: "screen" | "pass" | "shot" | "handoff";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        to?: "1" | "2" | "3" | "4" | "5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "hold";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        seconds?: number | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "seal";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        path?: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    })[];
                    read?: {
                        does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                        who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        note?: string | undefined;
                    } | undefined;
                    looks?: {
                        id: string;
                        player: "1" | "2" | "3" | "4" | "5";
                        kind: "drive" | "pass" | "shot";
                        order: number;
                        after?: string | undefined;
                        note?: string | undefined;
                    }[] | undefined;
                    title?: string | undefined;
                    caption?: string | undefined;
                }[];
                call?: {
                    word?: string | undefined;
                    signal?: string | undefined;
                } | undefined;
                series?: string | undefined;
                customCourt?: {
                    base: "nfhs" | "ncaa" | "fiba" | "usPro";
                    name?: string | undefined;
                    changes?: {
                        [x: string]: number;
                    } | undefined;
                } | undefined;
                women?: boolean | undefined;
                defences?: {
                    id: string;
                    name: string;
                    type: "zone" | "man";
                    matchup?: {
                        [x: string]: "1" | "2" | "3" | "4" | "5";
                    } | undefined;
                    zone?: string | undefined;
                    onBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    offBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    post?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    help?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    overrides?: {
                        [x: string]: {
                            does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                            who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        };
                    } | undefined;
                }[] | undefined;
                silenced?: {
                    code: string;
                    reason: string;
                    at?: string | undefined;
                }[] | undefined;
                notes?: string | undefined;
            };
            driverParam: unknown;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {
            $type: {
                format: "corkscrew-play";
                version: 1;
                id: string;
                name: string;
                court: "nfhs" | "ncaa" | "fiba" | "usPro" | "custom";
                level: "youth" | "highSchool" | "college" | "pro";
                against: string[];
                situation: string[];
                start: {
                    places: {
                        '1': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '2': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '3': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '4': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '5': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                    };
                    ball: "1" | "2" | "3" | "4" | "5";
                    alignment?: string | undefined;
                    throwIn?: "baseline" | "sidelineLeft" | "sidelineRight" | undefined;
                };
                frames: {
                    id: string;
                    parent: string | null;
                    actions: ({
                        does: "pass";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "chest" | "bounce" | "lob" | "skip" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "cut";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "replace" | "basket" | "back" | "face" | "giveAndGo" | "curl" | "straight" | "fade" | "pop" | "slip" | "roll" | "shortRoll" | "shuffle" | "rub" | "overTheTop" | "shallow" | "zip" | "flash" | "lCut" | "vCut" | "duckIn" | "postUp" | "lift" | "drift" | "fill" | "exchange" | "clear" | "cut45" | "circleUnder" | "loop" | "space" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "dribble";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "drive" | "attack" | "retreat" | "dribbleAt" | "advance" | "reject" | "weave" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "screen";
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        for: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        kind?: "zone" | "onBall" | "back" | "stepUp" | "drag" | "ghost" | "rescreen" | "pinDown" | "widePin" | "flare" | "cross" | "stagger" | "double" | "elevator" | "baseline" | "seal" | undefined;
                        angle?: number | undefined;
                        hold?: number | undefined;
                        slip?: boolean | undefined;
                        back?: boolean | undefined;
                        called?: boolean | undefined;
                        on?: "x1" | "x2" | "x3" | "x4" | "x5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "handoff";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "shot";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "layup" | "jumper" | "floater" | "three" | "hook" | "dunk" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "fake";
                        of: "screen" | "pass" | "shot" | "handoff";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        to?: "1" | "2" | "3" | "4" | "5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "hold";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        seconds?: number | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "seal";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        path?: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    })[];
                    read?: {
                        does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                        who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        note?: string | undefined;
                    } | undefined;
                    looks?: {
                        id: string;
                        player: "1" | "2" | "3" | "4" | "5";
                        kind: "drive" | "pass" | "shot";
                        order: number;
                        after?: string | undefined;
                        note?: string | undefined;
                    }[] | undefined;
                    title?: string | undefined;
                    caption?: string | undefined;
                }[];
                call?: {
                    word?: string | undefined;
                    signal?: string | undefined;
                } | undefined;
                series?: string | undefined;
                customCourt?: {
                    base: "nfhs" | "ncaa" | "fiba" | "usPro";
                    name?: string | undefined;
                    changes?: {
                        [x: string]: number;
                    } | undefined;
                } | undefined;
                women?: boolean | undefined;
                defences?: {
                    id: string;
                    name: string;
                    type: "zone" | "man";
                    matchup?: {
                        [x: string]: "1" | "2" | "3" | "4" | "5";
                    } | undefined;
                    zone?: string | undefined;
                    onBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    offBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    post?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    help?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    overrides?: {
                        [x: string]: {
                            does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                            who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        };
                    } | undefined;
                }[] | undefined;
                silenced?: {
                    code: string;
                    reason: string;
                    at?: string | undefined;
                }[] | undefined;
                notes?: string | undefined;
            };
        }>;
        summary: import("drizzle-orm/pg-core").PgColumn<{
            name: "summary";
            tableName: "plays";
            dataType: "json";
            columnType: "PgJsonb";
            data: PlaySummary;
            driverParam: unknown;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {
            $type: PlaySummary;
        }>;
        card: import("drizzle-orm/pg-core").PgColumn<{
            name: "card";
            tableName: "plays";
            dataType: "json";
            columnType: "PgJsonb";
            data: {
                format: "corkscrew-play";
                version: 1;
                id: string;
                name: string;
                court: "nfhs" | "ncaa" | "fiba" | "usPro" | "custom";
                level: "youth" | "highSchool" | "college" | "pro";
                against: string[];
                situation: string[];
                start: {
                    places: {
                        '1': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '2': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '3': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '4': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '5': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                    };
                    ball: "1" | "2" | "3" | "4" | "5";
                    alignment?: string | undefined;
                    throwIn?: "baseline" | "sidelineLeft" | "sidelineRight" | undefined;
                };
                frames: {
                    id: string;
                    parent: string | null;
                    actions: ({
                        does: "pass";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "chest" | "bounce" | "lob" | "skip" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "cut";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "replace" | "basket" | "back" | "face" | "giveAndGo" | "curl" | "straight" | "fade" | "pop" | "slip" | "roll" | "shortRoll" | "shuffle" | "rub" | "overTheTop" | "shallow" | "zip" | "flash" | "lCut" | "vCut" | "duckIn" | "postUp" | "lift" | "drift" | "fill" | "exchange" | "clear" | "cut45" | "circleUnder" | "loop" | "space" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "dribble";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "drive" | "attack" | "retreat" | "dribbleAt" | "advance" | "reject" | "weave" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "screen";
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        for: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        kind?: "zone" | "onBall" | "back" | "stepUp" | "drag" | "ghost" | "rescreen" | "pinDown" | "widePin" | "flare" | "cross" | "stagger" | "double" | "elevator" | "baseline" | "seal" | undefined;
                        angle?: number | undefined;
                        hold?: number | undefined;
                        slip?: boolean | undefined;
                        back?: boolean | undefined;
                        called?: boolean | undefined;
                        on?: "x1" | "x2" | "x3" | "x4" | "x5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "handoff";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "shot";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "layup" | "jumper" | "floater" | "three" | "hook" | "dunk" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "fake";
                        of: "screen" | "pass" | "shot" | "handoff";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        to?: "1" | "2" | "3" | "4" | "5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "hold";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        seconds?: number | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "seal";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        path?: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    })[];
                    read?: {
                        does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                        who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        note?: string | undefined;
                    } | undefined;
                    looks?: {
                        id: string;
                        player: "1" | "2" | "3" | "4" | "5";
                        kind: "drive" | "pass" | "shot";
                        order: number;
                        after?: string | undefined;
                        note?: string | undefined;
                    }[] | undefined;
                    title?: string | undefined;
                    caption?: string | undefined;
                }[];
                call?: {
                    word?: string | undefined;
                    signal?: string | undefined;
                } | undefined;
                series?: string | undefined;
                customCourt?: {
                    base: "nfhs" | "ncaa" | "fiba" | "usPro";
                    name?: string | undefined;
                    changes?: {
                        [x: string]: number;
                    } | undefined;
                } | undefined;
                women?: boolean | undefined;
                defences?: {
                    id: string;
                    name: string;
                    type: "zone" | "man";
                    matchup?: {
                        [x: string]: "1" | "2" | "3" | "4" | "5";
                    } | undefined;
                    zone?: string | undefined;
                    onBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    offBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    post?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    help?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    overrides?: {
                        [x: string]: {
                            does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                            who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        };
                    } | undefined;
                }[] | undefined;
                silenced?: {
                    code: string;
                    reason: string;
                    at?: string | undefined;
                }[] | undefined;
                notes?: string | undefined;
            };
            driverParam: unknown;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {
            $type: {
                format: "corkscrew-play";
                version: 1;
                id: string;
                name: string;
                court: "nfhs" | "ncaa" | "fiba" | "usPro" | "custom";
                level: "youth" | "highSchool" | "college" | "pro";
                against: string[];
                situation: string[];
                start: {
                    places: {
                        '1': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '2': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '3': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '4': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '5': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                    };
                    ball: "1" | "2" | "3" | "4" | "5";
                    alignment?: string | undefined;
                    throwIn?: "baseline" | "sidelineLeft" | "sidelineRight" | undefined;
                };
                frames: {
                    id: string;
                    parent: string | null;
                    actions: ({
                        does: "pass";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "chest" | "bounce" | "lob" | "skip" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "cut";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "replace" | "basket" | "back" | "face" | "giveAndGo" | "curl" | "straight" | "fade" | "pop" | "slip" | "roll" | "shortRoll" | "shuffle" | "rub" | "overTheTop" | "shallow" | "zip" | "flash" | "lCut" | "vCut" | "duckIn" | "postUp" | "lift" | "drift" | "fill" | "exchange" | "clear" | "cut45" | "circleUnder" | "loop" | "space" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "dribble";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "drive" | "attack" | "retreat" | "dribbleAt" | "advance" | "reject" | "weave" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "screen";
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        for: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        kind?: "zone" | "onBall" | "back" | "stepUp" | "drag" | "ghost" | "rescreen" | "pinDown" | "widePin" | "flare" | "cross" | "stagger" | "double" | "elevator" | "baseline" | "seal" | undefined;
                        angle?: number | undefined;
                        hold?: number | undefined;
                        slip?: boolean | undefined;
                        back?: boolean | undefined;
                        called?: boolean | undefined;
                        on?: "x1" | "x2" | "x3" | "x4" | "x5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "handoff";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "shot";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "layup" | "jumper" | "floater" | "three" | "hook" | "dunk" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "fake";
                        of: "screen" | "pass" | "shot" | "handoff";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        to?: "1" | "2" | "3" | "4" | "5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "hold";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        seconds?: number | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "seal";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        path?: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    })[];
                    read?: {
                        does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                        who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        note?: string | undefined;
                    } | undefined;
                    looks?: {
                        id: string;
                        player: "1" | "2" | "3" | "4" | "5";
                        kind: "drive" | "pass" | "shot";
                        order: number;
                        after?: string | undefined;
                        note?: string | undefined;
                    }[] | undefined;
                    title?: string | undefined;
                    caption?: string | undefined;
                }[];
                call?: {
                    word?: string | undefined;
                    signal?: string | undefined;
                } | undefined;
                series?: string | undefined;
                customCourt?: {
                    base: "nfhs" | "ncaa" | "fiba" | "usPro";
                    name?: string | undefined;
                    changes?: {
                        [x: string]: number;
                    } | undefined;
                } | undefined;
                women?: boolean | undefined;
                defences?: {
                    id: string;
                    name: string;
                    type: "zone" | "man";
                    matchup?: {
                        [x: string]: "1" | "2" | "3" | "4" | "5";
                    } | undefined;
                    zone?: string | undefined;
                    onBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    offBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    post?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    help?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    overrides?: {
                        [x: string]: {
                            does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                            who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        };
                    } | undefined;
                }[] | undefined;
                silenced?: {
                    code: string;
                    reason: string;
                    at?: string | undefined;
                }[] | undefined;
                notes?: string | undefined;
            };
        }>;
        createdAt: import("drizzle-orm/pg-core").PgColumn<{
            name: string;
            tableName: "plays";
            dataType: "date";
            columnType: "PgTimestamp";
            data: Date;
            driverParam: string;
            notNull: true;
            hasDefault: true;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        updatedAt: import("drizzle-orm/pg-core").PgColumn<{
            name: string;
            tableName: "plays";
            dataType: "date";
            columnType: "PgTimestamp";
            data: Date;
            driverParam: string;
            notNull: true;
            hasDefault: true;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        deletedAt: import("drizzle-orm/pg-core").PgColumn<{
            name: string;
            tableName: "plays";
            dataType: "date";
            columnType: "PgTimestamp";
            data: Date;
            driverParam: string;
            notNull: false;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
    };
    dialect: "pg";
}>;
export declare const playVersions: import("drizzle-orm/pg-core").PgTableWithColumns<{
    name: "play_versions";
    schema: undefined;
    columns: {
        id: import("drizzle-orm/pg-core").PgColumn<{
            name: "id";
            tableName: "play_versions";
            dataType: "number";
            columnType: "PgSerial";
            data: number;
            driverParam: number;
            notNull: true;
            hasDefault: true;
            isPrimaryKey: true;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        playId: import("drizzle-orm/pg-core").PgColumn<{
            name: "play_id";
            tableName: "play_versions";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        revision: import("drizzle-orm/pg-core").PgColumn<{
            name: "revision";
            tableName: "play_versions";
            dataType: "number";
            columnType: "PgInteger";
            data: number;
            driverParam: string | number;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        sitting: import("drizzle-orm/pg-core").PgColumn<{
            name: "sitting";
            tableName: "play_versions";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        name: import("drizzle-orm/pg-core").PgColumn<{
            name: "name";
            tableName: "play_versions";
            dataType: "string";
            columnType: "PgText";
            data: string;
            driverParam: string;
            notNull: false;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: [string, ...string[]];
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        frames: import("drizzle-orm/pg-core").PgColumn<{
            name: "frames";
            tableName: "play_versions";
            dataType: "number";
            columnType: "PgInteger";
            data: number;
            driverParam: string | number;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        document: import("drizzle-orm/pg-core").PgColumn<{
            name: "document";
            tableName: "play_versions";
            dataType: "json";
            columnType: "PgJsonb";
            data: {
                format: "corkscrew-play";
                version: 1;
                id: string;
                name: string;
                court: "nfhs" | "ncaa" | "fiba" | "usPro" | "custom";
                level: "youth" | "highSchool" | "college" | "pro";
                against: string[];
                situation: string[];
                start: {
                    places: {
                        '1': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '2': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '3': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '4': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '5': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                    };
                    ball: "1" | "2" | "3" | "4" | "5";
                    alignment?: string | undefined;
                    throwIn?: "baseline" | "sidelineLeft" | "sidelineRight" | undefined;
                };
                frames: {
                    id: string;
                    parent: string | null;
                    actions: ({
                        does: "pass";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "chest" | "bounce" | "lob" | "skip" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "cut";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "replace" | "basket" | "back" | "face" | "giveAndGo" | "curl" | "straight" | "fade" | "pop" | "slip" | "roll" | "shortRoll" | "shuffle" | "rub" | "overTheTop" | "shallow" | "zip" | "flash" | "lCut" | "vCut" | "duckIn" | "postUp" | "lift" | "drift" | "fill" | "exchange" | "clear" | "cut45" | "circleUnder" | "loop" | "space" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "dribble";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "drive" | "attack" | "retreat" | "dribbleAt" | "advance" | "reject" | "weave" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "screen";
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        for: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        kind?: "zone" | "onBall" | "back" | "stepUp" | "drag" | "ghost" | "rescreen" | "pinDown" | "widePin" | "flare" | "cross" | "stagger" | "double" | "elevator" | "baseline" | "seal" | undefined;
                        angle?: number | undefined;
                        hold?: number | undefined;
                        slip?: boolean | undefined;
                        back?: boolean | undefined;
                        called?: boolean | undefined;
                        on?: "x1" | "x2" | "x3" | "x4" | "x5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "handoff";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "shot";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "layup" | "jumper" | "floater" | "three" | "hook" | "dunk" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "fake";
                        of: "screen" | "pass" | "shot" | "handoff";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        to?: "1" | "2" | "3" | "4" | "5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "hold";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        seconds?: number | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "seal";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        path?: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    })[];
                    read?: {
                        does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                        who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        note?: string | undefined;
                    } | undefined;
                    looks?: {
                        id: string;
                        player: "1" | "2" | "3" | "4" | "5";
                        kind: "drive" | "pass" | "shot";
                        order: number;
                        after?: string | undefined;
                        note?: string | undefined;
                    }[] | undefined;
                    title?: string | undefined;
                    caption?: string | undefined;
                }[];
                call?: {
                    word?: string | undefined;
                    signal?: string | undefined;
                } | undefined;
                series?: string | undefined;
                customCourt?: {
                    base: "nfhs" | "ncaa" | "fiba" | "usPro";
                    name?: string | undefined;
                    changes?: {
                        [x: string]: number;
                    } | undefined;
                } | undefined;
                women?: boolean | undefined;
                defences?: {
                    id: string;
                    name: string;
                    type: "zone" | "man";
                    matchup?: {
                        [x: string]: "1" | "2" | "3" | "4" | "5";
                    } | undefined;
                    zone?: string | undefined;
                    onBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    offBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    post?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    help?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    overrides?: {
                        [x: string]: {
                            does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                            who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        };
                    } | undefined;
                }[] | undefined;
                silenced?: {
                    code: string;
                    reason: string;
                    at?: string | undefined;
                }[] | undefined;
                notes?: string | undefined;
            };
            driverParam: unknown;
            notNull: true;
            hasDefault: false;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {
            $type: {
                format: "corkscrew-play";
                version: 1;
                id: string;
                name: string;
                court: "nfhs" | "ncaa" | "fiba" | "usPro" | "custom";
                level: "youth" | "highSchool" | "college" | "pro";
                against: string[];
                situation: string[];
                start: {
                    places: {
                        '1': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '2': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '3': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '4': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                        '5': {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                        };
                    };
                    ball: "1" | "2" | "3" | "4" | "5";
                    alignment?: string | undefined;
                    throwIn?: "baseline" | "sidelineLeft" | "sidelineRight" | undefined;
                };
                frames: {
                    id: string;
                    parent: string | null;
                    actions: ({
                        does: "pass";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "chest" | "bounce" | "lob" | "skip" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "cut";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "replace" | "basket" | "back" | "face" | "giveAndGo" | "curl" | "straight" | "fade" | "pop" | "slip" | "roll" | "shortRoll" | "shuffle" | "rub" | "overTheTop" | "shallow" | "zip" | "flash" | "lCut" | "vCut" | "duckIn" | "postUp" | "lift" | "drift" | "fill" | "exchange" | "clear" | "cut45" | "circleUnder" | "loop" | "space" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        does: "dribble";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "drive" | "attack" | "retreat" | "dribbleAt" | "advance" | "reject" | "weave" | undefined;
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        stretches?: {
                            to: number;
                            tempo: "walk" | "jog" | "cut" | "sprint";
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "screen";
                        path: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[];
                        for: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        tempo?: "walk" | "jog" | "cut" | "sprint" | undefined;
                        kind?: "zone" | "onBall" | "back" | "stepUp" | "drag" | "ghost" | "rescreen" | "pinDown" | "widePin" | "flare" | "cross" | "stagger" | "double" | "elevator" | "baseline" | "seal" | undefined;
                        angle?: number | undefined;
                        hold?: number | undefined;
                        slip?: boolean | undefined;
                        back?: boolean | undefined;
                        called?: boolean | undefined;
                        on?: "x1" | "x2" | "x3" | "x4" | "x5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "handoff";
                        to: "1" | "2" | "3" | "4" | "5";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "shot";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        kind?: "layup" | "jumper" | "floater" | "three" | "hook" | "dunk" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "fake";
                        of: "screen" | "pass" | "shot" | "handoff";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        to?: "1" | "2" | "3" | "4" | "5" | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "hold";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        seconds?: number | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    } | {
                        does: "seal";
                        id: string;
                        by: "1" | "2" | "3" | "4" | "5";
                        path?: {
                            x: number;
                            y: number;
                            spot?: string | undefined;
                            plant?: boolean | undefined;
                        }[] | undefined;
                        facing?: number | undefined;
                        note?: string | undefined;
                        cue?: {
                            on: string;
                            event?: "at" | "start" | "set" | "release" | "catch" | "used" | "firstDribble" | "pickUp" | "end" | undefined;
                            at?: number | undefined;
                            delay?: number | undefined;
                        } | undefined;
                        background?: boolean | undefined;
                    })[];
                    read?: {
                        does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                        who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        note?: string | undefined;
                    } | undefined;
                    looks?: {
                        id: string;
                        player: "1" | "2" | "3" | "4" | "5";
                        kind: "drive" | "pass" | "shot";
                        order: number;
                        after?: string | undefined;
                        note?: string | undefined;
                    }[] | undefined;
                    title?: string | undefined;
                    caption?: string | undefined;
                }[];
                call?: {
                    word?: string | undefined;
                    signal?: string | undefined;
                } | undefined;
                series?: string | undefined;
                customCourt?: {
                    base: "nfhs" | "ncaa" | "fiba" | "usPro";
                    name?: string | undefined;
                    changes?: {
                        [x: string]: number;
                    } | undefined;
                } | undefined;
                women?: boolean | undefined;
                defences?: {
                    id: string;
                    name: string;
                    type: "zone" | "man";
                    matchup?: {
                        [x: string]: "1" | "2" | "3" | "4" | "5";
                    } | undefined;
                    zone?: string | undefined;
                    onBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    offBall?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    post?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    help?: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own" | undefined;
                    overrides?: {
                        [x: string]: {
                            does: "level" | "top" | "drop" | "show" | "under" | "switch" | "trap" | "push" | "trail" | "topLock" | "bump" | "stay" | "deny" | "front" | "none" | "weakCorner" | "strongCorner" | "rotation" | "goes" | "stays" | "own";
                            who?: ("x1" | "x2" | "x3" | "x4" | "x5")[] | undefined;
                        };
                    } | undefined;
                }[] | undefined;
                silenced?: {
                    code: string;
                    reason: string;
                    at?: string | undefined;
                }[] | undefined;
                notes?: string | undefined;
            };
        }>;
        startedAt: import("drizzle-orm/pg-core").PgColumn<{
            name: string;
            tableName: "play_versions";
            dataType: "date";
            columnType: "PgTimestamp";
            data: Date;
            driverParam: string;
            notNull: true;
            hasDefault: true;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
        savedAt: import("drizzle-orm/pg-core").PgColumn<{
            name: string;
            tableName: "play_versions";
            dataType: "date";
            columnType: "PgTimestamp";
            data: Date;
            driverParam: string;
            notNull: true;
            hasDefault: true;
            isPrimaryKey: false;
            isAutoincrement: false;
            hasRuntimeDefault: false;
            enumValues: undefined;
            baseColumn: never;
            identity: undefined;
            generated: undefined;
        }, {}, {}>;
    };
    dialect: "pg";
}>;
