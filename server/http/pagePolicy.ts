/**
 * What the scripts and frames of a page may do (W3C Content Security Policy Level 3). Scripts are those of the application's files, and
 * those that the server has written into the page with this nonce; nothing that somebody's text brings along.
 * @param nonce of this answer alone
 */
export const pagePolicy = (nonce: string) =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    // Components bring their styles along, and write widths and colours of looks into elements.
    "style-src 'self' 'unsafe-inline'",
    // A shop's pictures may be on any server.
    'img-src http: https: data: blob:',
    "font-src 'self' data:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    // The studio shows the shop's pages in a frame, also those that say that something is not there.
    "frame-ancestors 'self'",
  ].join('; ')

/** Gives the scripts of a part of a page the nonce: those that have a file are known by its address, and data are no scripts. */
export const withNonce = (part: string, nonce: string) => part.replace(/<script(?=[\s>])(?![^>]*\ssrc=)/g, `<script nonce="${nonce}"`)
