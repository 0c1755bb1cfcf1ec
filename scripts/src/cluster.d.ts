export interface Cluster {
    readonly url: (database: string) => string;
    readonly folder: string;
    readonly stop: () => void;
}
/** A PostgreSQL cluster of the project's own: own folder, own port, loopback only, never as root. */
export declare function startCluster(folder: string, options?: {
    throwAway?: boolean;
}): Promise<Cluster>;
/** A cluster for one run of the tests, in a folder of its own that goes when it stops. */
export declare const throwAwayCluster: () => Promise<Cluster>;
/** Makes a database when it is not there yet, and says its address. */
export declare function createDatabase(cluster: Cluster, name: string): Promise<string>;
/** The first port from `from` on that nobody listens on. */
export declare function freePort(from: number): Promise<number>;
export declare function isFree(port: number): Promise<boolean>;
