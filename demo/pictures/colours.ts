/** A colour of a drawing with its darker side and its light. */
export interface Tint {
  main: string
  dark: string
  light: string
}

const tint = (main: string, dark: string, light: string): Tint => ({ main, dark, light })

/** Colours that variants and materials come in. */
export const tints = {
  pine: tint('#dcb985', '#bd9257', '#ecd4ac'),
  cedar: tint('#c08a5c', '#99653c', '#d9aa80'),
  foam: tint('#e4e2d8', '#c4c1b2', '#f3f2ec'),
  steel: tint('#aeb9c0', '#7d8a93', '#cfd7db'),
  iron: tint('#5a6670', '#3c4650', '#7f8b94'),
  honey: tint('#e8b53a', '#c68d1c', '#f3d27c'),
  wax: tint('#edcf7c', '#cda84a', '#f6e3ab'),
  white: tint('#f4f1e8', '#d3ccba', '#ffffff'),
  cream: tint('#efe6d2', '#d0c3a4', '#faf5e8'),
  sage: tint('#a3b18a', '#7b8b62', '#c3cdb1'),
  olive: tint('#8a8f5e', '#686d42', '#adb182'),
  navy: tint('#4a6079', '#33465b', '#7289a1'),
  blue: tint('#5b8fae', '#3f6d89', '#8cb5cd'),
  sky: tint('#a9c8d6', '#7da5b7', '#cde0e8'),
  red: tint('#c2573f', '#97402c', '#d9836f'),
  clay: tint('#c4735c', '#9c543f', '#dc9a87'),
  yellow: tint('#e6bf45', '#bd9626', '#f1d87f'),
  green: tint('#6f8f4e', '#526e36', '#98b379'),
  violet: tint('#8b7bb0', '#67588c', '#b0a3cd'),
  rose: tint('#cf8fa0', '#a96c7d', '#e4b7c2'),
  black: tint('#3a414a', '#252b32', '#5b646e'),
  gold: tint('#d6a83c', '#aa801f', '#e9cb7d'),
  leather: tint('#b98755', '#8f6238', '#d2a87d'),
  glass: tint('#dbe7e8', '#b3c7ca', '#f1f7f7'),
  plum: tint('#81516d', '#5f374e', '#a67a94'),
  teal: tint('#4d8a8c', '#346a6c', '#7fb0b1'),
} satisfies Record<string, Tint>
export type TintName = keyof typeof tints

/** Grounds of the pictures, one for each aisle of the shop. */
export const grounds = {
  hives: '#f4eee1',
  frames: '#f5efdd',
  feeding: '#e4eadd',
  extraction: '#e9edee',
  clothing: '#dfe5de',
  tools: '#f0eae3',
  jars: '#f3ede4',
  queens: '#eae4ec',
  garden: '#eaf0e3',
  books: '#ece9e2',
  kits: '#f2ead9',
}
export type Ground = keyof typeof grounds
