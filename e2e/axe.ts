import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

/**
 * Nothing that axe finds stands in anybody's way. Of what is in a frame it says nothing: the shop's pages are looked at by themselves.
 * @param within a part of the page, by its selector
 */
export async function hasNoViolations(page: Page, within?: string): Promise<void> {
  const axe = new AxeBuilder({ page }).exclude('iframe')
  if (within) axe.include(within)
  const { violations } = await axe.analyze()
  expect(violations.map(each => `${each.id}: ${each.nodes[0]?.html}`)).toEqual([])
}
