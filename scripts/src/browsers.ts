/** Browsers that test beside each other: one a core of the machine the tests are made for. */
export const BROWSERS = 2;
