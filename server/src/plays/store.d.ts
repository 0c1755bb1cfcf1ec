import { type PlayRow, type Save, type Saved, type StoredPlay, type VersionRow } from '@corkscrew/core';
import type { Db } from '../db/client.ts';
/** All plays of a team, newest change first: only what cards need leaves the database. */
export declare function listPlays(db: Db, teamId: string, trash: boolean): Promise<PlayRow[]>;
export declare function getPlay(db: Db, teamId: string, id: string): Promise<StoredPlay>;
/**
 * Keeps a play. The save names the revision it is based on: when another save came first, nothing is
 * written and the answer is 409 with the other document. Saving the same document twice is harmless.
 */
export declare function savePlay(db: Db, teamId: string, id: string, save: Save): Promise<Saved>;
/** Moves a play to the trash, or back out of it. */
export declare function setTrashed(db: Db, teamId: string, id: string, trashed: boolean): Promise<StoredPlay>;
export declare function listVersions(db: Db, teamId: string, id: string): Promise<VersionRow[]>;
export declare function getVersion(db: Db, teamId: string, id: string, version: number): Promise<StoredPlay>;
export declare function nameVersion(db: Db, teamId: string, id: string, version: number, name: string): Promise<void>;
export declare const countPlays: (db: Db) => Promise<number>;
