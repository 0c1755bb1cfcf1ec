/** What was had lately, by its content: the oldest goes when there are too many. */
export class Lately<T> {
  readonly #most: number;
  readonly #kept = new Map<string, T>();

  constructor(most: number) {
    this.#most = most;
  }

  has(key: string): boolean {
    return this.#kept.has(key);
  }

  get(key: string): T | undefined {
    const value = this.#kept.get(key);
    if (value === undefined) return undefined;
    // Used again, it is the youngest.
    this.#kept.delete(key);
    this.#kept.set(key, value);
    return value;
  }

  set(key: string, value: T): void {
    this.#kept.delete(key);
    this.#kept.set(key, value);
    if (this.#kept.size > this.#most) this.#kept.delete(this.#kept.keys().next().value!);
  }

  /** What is kept, else what is made and kept from now on. */
  or(key: string, make: () => T): T {
    const kept = this.get(key);
    if (kept !== undefined) return kept;
    const made = make();
    this.set(key, made);
    return made;
  }
}
