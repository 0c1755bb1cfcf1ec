/** An error whose message is a sentence for the person at the keyboard; shown without a stack. */
export declare class SayError extends Error {
}
