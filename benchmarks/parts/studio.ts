import { chromium } from '@playwright/test'
import type { Page } from '@playwright/test'
import tests from '../../playwright.config'
import type { Part } from '../part'
import { ms, row } from '../part'
import { percentile } from '../statistics'

/** Milliseconds of every task that kept the page's thread for more than 50 ms (W3C Long Tasks) while something was done. */
async function longTasks(page: Page, work: () => Promise<void>): Promise<number[]> {
  // As text: what the compiler adds to functions is not known in the page.
  await page.evaluate(`{
    const seen = window.longTasksSeen = []
    new PerformanceObserver(list => seen.push(...list.getEntries().map(entry => entry.duration))).observe({ type: 'longtask' })
  }`)
  await work()
  await page.waitForTimeout(500)
  return page.evaluate<number[]>('window.longTasksSeen')
}

/** Milliseconds from a change of a section's draft, its look in turns, to the shop's page beside it. */
async function changesToShop(page: Page, server: string, sku: string): Promise<number[]> {
  await page.evaluate(`localStorage.setItem('manada-tried', '${sku}'); localStorage.setItem('manada-try-view', 'page')`)
  await page.goto(`${server}/sections/related`)
  const shown = page.frameLocator('iframe').locator('[data-section="related"] .frame')
  const looks = page.getByRole('region', { name: 'Section', exact: true }).getByRole('group', { name: 'Look' })
  await shown.waitFor()
  const styleOf = () =>
    shown.evaluate(frame => {
      const { backgroundColor, borderTopStyle, borderRadius } = getComputedStyle(frame)
      return [backgroundColor, borderTopStyle, borderRadius].join()
    })
  const changes: number[] = []
  for (const name of ['Tray', 'Framed', 'Dusk', 'Plain', 'Tray', 'Framed', 'Dusk', 'Plain']) {
    const before = await styleOf()
    const start = performance.now()
    await looks.getByRole('button', { name }).click()
    while ((await styleOf()) === before) if (performance.now() - start > 5000) break
    changes.push(performance.now() - start)
  }
  return changes
}

/** The first products whose pages show two related ones at least, so that one of them can be taken away. */
async function withRelated(server: string, skus: readonly string[], count: number): Promise<string[]> {
  const found: string[] = []
  for (const sku of skus) {
    const answer = await fetch(`${server}/api/shop/v1/pages/product/${sku}`)
    const { sections } = (await answer.json()) as { sections: { key: string; items: unknown[] }[] }
    if ((sections.find(each => each.key === 'related')?.items.length ?? 0) > 1) found.push(sku)
    if (found.length === count) break
  }
  return found
}

/** What a merchandiser feels on the bench: long tasks while typing and scrolling, and from an edit to the shop view. */
async function measureStudio(server: string, skus: readonly string[]) {
  const browser = await chromium.launch(tests.use!.launchOptions)
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.request.post(`${server}/api/sign-in/demo`, { data: {} })
    await page.goto(`${server}/products/${skus[0]!}`)
    const list = page.getByRole('region', { name: 'Products', exact: true })
    await list.locator('[data-sku]').first().waitFor()

    const typing = await longTasks(page, async () => {
      for (const words of ['smoker', 'blue jar', 'P0012']) {
        await list.getByRole('searchbox').fill('')
        await list.getByRole('searchbox').pressSequentially(words, { delay: 60 })
        await page.waitForTimeout(400)
      }
      await list.getByRole('searchbox').fill('')
      await page.waitForTimeout(400)
    })
    const scrolling = await longTasks(page, async () => {
      // About 150 rows a second: as fast as a hand on a wheel or a trackpad.
      await list.locator('[data-sku]').first().hover()
      for (let i = 0; i < 90; i++) {
        await page.mouse.wheel(0, 300)
        await page.waitForTimeout(40)
      }
    })

    await page.getByRole('button', { name: 'Find and shop view side by side' }).click()
    const related = page.frameLocator('iframe').locator('[data-section="related"] [data-sku]')
    const edits: number[] = []
    const [shown, ...edited] = await withRelated(server, skus, 9)
    for (const sku of edited) {
      await page.goto(`${server}/products/${sku}`)
      const lane = page.getByRole('region', { name: 'Bench' }).getByRole('region', { name: 'Related' })
      await lane.locator('[data-target]').nth(1).waitFor()
      await related.first().waitFor()
      const before = await related.evaluateAll(cards => cards.map(card => card.getAttribute('data-sku')).join())
      await lane.locator('[data-target]').first().focus()
      const start = performance.now()
      await page.keyboard.press('Delete')
      while ((await related.evaluateAll(cards => cards.map(card => card.getAttribute('data-sku')).join())) === before) {
        if (performance.now() - start > 5000) break
      }
      edits.push(performance.now() - start)
    }
    return {
      changeToShop: percentile(await changesToShop(page, server, shown!), 50),
      typing: Math.max(0, ...typing),
      scrolling: Math.max(0, ...scrolling),
      editToShop: percentile(edits, 50),
    }
  } finally {
    await browser.close()
  }
}

export const studio: Part = {
  name: 'studio',
  async measure({ server, skus }) {
    const measured = await measureStudio((await server()).address, skus)
    return [
      row('longest task in the browser while typing into the search', ms(measured.typing), 'none > 50 ms'),
      row('longest task in the browser while scrolling the list', ms(measured.scrolling), 'none > 50 ms'),
      row('from an edit on the bench to the shop view, median', ms(measured.editToShop), '≤ 300 ms'),
      row('from a change of a section’s draft to the shop’s page, median', ms(measured.changeToShop), '≤ 300 ms'),
    ]
  },
}
