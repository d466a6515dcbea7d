/** Somebody was asked before something was done, and left it. */
export class DeclinedError extends Error {}
