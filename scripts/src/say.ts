/** An error whose message is a sentence for the person at the keyboard; shown without a stack. */
export class SayError extends Error {}
