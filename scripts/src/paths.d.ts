export declare const ROOT: string;
export declare const WEB: string;
export declare const WEB_DIST: string;
export declare const DEMO_PLAYS: string;
export declare const isRoot: () => boolean;
/**
 * Where the project's own data lives. PostgreSQL does not run as root, and its own user may not enter
 * a home or temporary folder: root therefore uses the system's state directory, one folder per project path.
 */
export declare function dataHome(name?: string): string;
