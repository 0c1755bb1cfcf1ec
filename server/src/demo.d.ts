import type { Db } from './db/client.ts';
/** Puts the play files of a folder into an empty playbook; does nothing when there is any play, even in the trash. */
export declare function loadPlays(db: Db, teamId: string, folder: string): Promise<number>;
