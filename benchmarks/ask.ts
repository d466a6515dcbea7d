/** What lets the benchmark do everything. */
export const adminToken = 'of-the-benchmark-and-of-nothing-else-at-all'
export const asAdmin = { authorization: `Bearer ${adminToken}` }

/** Asks as somebody who may do everything. */
export const ask = (url: string, options: RequestInit = {}) =>
  fetch(url, { ...options, headers: { ...(options.headers as Record<string, string>), ...asAdmin } })
