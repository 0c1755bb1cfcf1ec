/** A record as the team keeps it. */
export interface Kept<T> {
  readonly id: string;
  readonly body: T;
}
