import { elementsWords } from './words'

const say = elementsWords.labelSplitters
/** Tells assistive technology how wide what stands before each splitter is. */
export async function labelSplitters(): Promise<void> {
  await nextTick()
  for (const splitter of document.querySelectorAll('.splitpanes__splitter')) {
    const before = splitter.getBoundingClientRect().left
    splitter.setAttribute('aria-label', say.widthOfThePanes)
    splitter.setAttribute('aria-valuenow', String(Math.round((before * 100) / innerWidth)))
  }
}
