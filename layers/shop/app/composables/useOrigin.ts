import type { InjectionKey } from 'vue'

const key: InjectionKey<string> = Symbol('what puts products into the cart')

/** Says for all that is inside a section what lines of the cart come from. @param origin `section:key` */
export const provideOrigin = (origin: string) => provide(key, origin)

/** What lines of the cart come from that are added here; undefined: it is no section. */
export const useOrigin = (): string | undefined => inject(key, undefined)
