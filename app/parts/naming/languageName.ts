const names = new Intl.DisplayNames('en', { type: 'language' })

/** What a language is called: “German”; of a tag that has no name, the tag. @param tag BCP 47 */
export const languageName = (tag: string): string => names.of(tag) ?? tag
