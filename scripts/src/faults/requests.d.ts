/** Asks a service; a real one over the network, or one in this process. */
export type Ask = (path: string, init: RequestInit) => Promise<Response>;
/** What came of asking for nonsense. */
export interface Fuzzed {
  readonly requests: number;
  /** Answers that say the service itself failed, with what was asked. */
  readonly failures: readonly string[];
  /** Refusals without a sentence. */
  readonly mute: readonly string[];
}
/** Asks for so much nonsense; what a client sends must never make the service fail. */
export declare function fuzzRequests(
  ask: Ask,
  count: number,
  seed: number,
  documents: readonly object[],
): Promise<Fuzzed>;
