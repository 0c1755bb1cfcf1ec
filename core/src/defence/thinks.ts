/** Defenders move sixty times a second, and look and decide thirty times: no man does so faster. */
export const THINKS_EVERY = 2;

/** Whether they look and decide in step k; in the first they already stand where they want to be. */
export const thinks = (k: number): boolean => k % THINKS_EVERY === 1;
