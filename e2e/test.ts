import type { Page } from '@playwright/test'
import { expect, test as base } from '@playwright/test'
import { firstPort } from '../playwright.config'
import { asAdmin, DemoServer } from './demoServer'
import type { SignedInRole } from './signIn'
import { signIn } from './signIn'

interface Shop {
  /** Serves the demo shop as `npm run demo` makes it, whatever the tests before did. */
  demoShop: DemoServer
  freshShop: DemoServer
  /** What whoever is signed in in the browser may do; null: nobody is. */
  role: SignedInRole
}

/** The tests' `test`: each begins with the demo shop as it was made, on a server that its worker has to itself. */
export const test = base.extend<Pick<Shop, 'freshShop' | 'role'>, Pick<Shop, 'demoShop'>>({
  demoShop: [
    async ({}, use, { parallelIndex }) => {
      const server = new DemoServer(firstPort + 2 * parallelIndex, `test-results/shop-data-${parallelIndex}`)
      await use(server)
      await server.stop()
    },
    { scope: 'worker', timeout: 90_000 },
  ],
  baseURL: async ({ demoShop }, use) => use(demoShop.url),
  // Another editor than the one in the browser, who may do everything.
  request: async ({ playwright, baseURL }, use) => {
    const request = await playwright.request.newContext({ baseURL, extraHTTPHeaders: asAdmin })
    await use(request)
    await request.dispose()
  },
  // In the browser somebody is signed in from the start.
  role: ['publisher', { option: true }],
  context: async ({ context, role, freshShop }, use) => {
    await signIn(context, freshShop, role)
    await use(context)
  },
  // A page that comes from the server takes clicks only when its scripts have taken it over; and nobody leaves while an edit is on its way:
  // the page would ask.
  page: async ({ page }, use) => {
    const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)]
    page.goto = async (...where) => {
      await everythingSent(page)
      const answer = await goto(...where)
      await takenOver(page)
      return answer
    }
    page.reload = async (...how) => {
      await everythingSent(page)
      const answer = await reload(...how)
      await takenOver(page)
      return answer
    }
    await use(page)
  },
  freshShop: [
    async ({ demoShop }, use) => {
      await demoShop.serveFresh()
      await use(demoShop)
    },
    { auto: true, timeout: 90_000 },
  ],
})

/** Waits until the page would let a person leave without asking. */
async function everythingSent(page: Page): Promise<void> {
  await page.waitForFunction(() => window.dispatchEvent(new Event('beforeunload', { cancelable: true })))
}

async function takenOver(page: Page): Promise<void> {
  await page.waitForFunction(() => {
    const { useNuxtApp } = window as { useNuxtApp?: () => { isHydrating: boolean } }
    return !document.querySelector('#__nuxt') || useNuxtApp?.().isHydrating === false
  })
}

export { expect }
