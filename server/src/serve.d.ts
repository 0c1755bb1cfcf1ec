export declare const TEAM: {
    readonly id: "team";
    readonly name: "Harrow Point";
};
export interface ServeOptions {
    readonly databaseUrl: string;
    readonly port: number;
    readonly webRoot?: string;
    /** Folder of play files put into an empty playbook. */
    readonly demoPlays?: string;
    readonly logFile?: string;
}
export interface Running {
    readonly port: number;
    readonly loaded: number;
    /** Lets requests under way finish, then closes the pool. */
    readonly stop: () => Promise<void>;
}
/** Migrates, fills an empty playbook and serves on loopback until stopped. */
export declare function startServer(options: ServeOptions): Promise<Running>;
