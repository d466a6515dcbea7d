/** A workspace of the studio: what is described of it outside its own folder. */
export interface Workspace {
  /** What people call it. */
  name: string
  /** It is reached by one’s own mark at the right of the top bar, not by a tab. */
  apart?: true
  /** Its pages, the one that it begins with first. What is open stands in the address, as `:open?`. */
  pages: { path: `/${string}`; component: `./${string}.vue` }[]
  /** Its keys, as the sheet of keys tells them. */
  keys: KeyGroup[]
}

export interface KeyGroup {
  name: string
  keys: [keys: string, does: string][]
}
