import type { Locator, Page } from '@playwright/test'
import { expect } from '@playwright/test'

/** The studio as a person sees it: its parts by the names on the screen. */
export class Studio {
  readonly page: Page
  readonly list: Locator
  readonly bench: Locator
  readonly find: Locator
  readonly shopView: ReturnType<Page['frameLocator']>
  readonly message: Locator

  constructor(page: Page) {
    this.page = page
    this.list = page.getByRole('region', { name: 'Products', exact: true })
    this.bench = page.getByRole('region', { name: 'Bench' })
    this.find = page.getByRole('region', { name: 'Find targets to link' })
    this.shopView = page.frameLocator('iframe')
    this.message = page.locator('.message-bar')
  }

  /** Puts several products on the bench together. */
  async openTogether(...skus: string[]): Promise<void> {
    await this.page.goto(`/products/${skus.join(',')}`)
    await expect(this.bench.getByRole('heading', { level: 1 })).toHaveText(`${skus.length} products together`)
  }

  async open(sku: string): Promise<void> {
    await this.page.goto(`/products/${encodeURIComponent(sku)}`)
    await expect(this.bench.locator('.mono').first()).toHaveText(sku)
  }

  lane(name: string): Locator {
    return this.bench.getByRole('region', { name })
  }

  /** The SKUs of a lane's targets in their order. */
  async targets(name: string): Promise<string[]> {
    return this.lane(name)
      .locator('[data-target]')
      .evaluateAll(cards => cards.map(card => card.getAttribute('data-target')!))
  }

  async expectTargets(name: string, targets: string[]): Promise<void> {
    await expect.poll(() => this.targets(name), { message: `targets in ${name}` }).toEqual(targets)
  }

  card(lane: string, sku: string): Locator {
    return this.lane(lane).locator(`[data-target="${sku}"]`)
  }

  async findTarget(words: string, sku: string): Promise<Locator> {
    await this.find.getByRole('searchbox', { name: 'Find targets' }).fill(words)
    await expect(this.find.getByRole('listbox')).toHaveAttribute('aria-busy', 'false')
    const row = this.find.locator(`[data-sku="${sku}"]`)
    await expect(row).toBeVisible()
    return row
  }
}

/** Where drafts go to shoppers: what is ticked, and what is to be said of it. */
export const publishRoom = (page: Page) => page.getByRole('region', { name: 'Publish', exact: true })
/** Beside it: what that does to pages. */
export const effectsOf = (page: Page) => page.getByRole('region', { name: 'What shoppers see then' })

/** Presses a letter as somebody who has let go of the button pressed last: letters alone act in lists, or where nothing has the focus. */
export async function pressLetter(page: Page, letter: string): Promise<void> {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
  await page.keyboard.press(letter)
}
