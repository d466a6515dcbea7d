/** Media types of pictures by the endings of their files. */
export const pictureTypes: Record<string, string> = {
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.jpg': 'image/jpeg',
  '.jpeg': 'image/jpeg',
  '.webp': 'image/webp',
  '.avif': 'image/avif',
}

/**
 * What a picture that is opened on its own may do: an SVG is a document, and whoever uploads one could have it run scripts, ask for a
 * password in a form, or send the window elsewhere. In a sandbox it shows what it draws, and no more.
 */
export const picturePolicy = "default-src 'none'; img-src data:; style-src 'unsafe-inline'; form-action 'none'; sandbox"
