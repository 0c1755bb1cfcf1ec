/** Headless Chromium without the services that would look for a network; as root it has no sandbox. */
export declare const CHROMIUM_FLAGS: string[];
