/** The folder of PostgreSQL's programs, installed if need be. */
export declare function postgresBin(): string;
/** Debian's Chromium, for tests and screenshots only. */
export declare function chromium(): string;
