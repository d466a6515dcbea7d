const stop = new AbortController()

/** Says when the server is being stopped: what is done piece by piece ends between two pieces, and what is tried ends at once. */
export const stopping = stop.signal

export const beginStopping = () => stop.abort()
