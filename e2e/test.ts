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
  page: async ({ page }, use, testInfo) => {
    const heard = listenTo(page)
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
    // A test that fails on one machine and not on another leaves no more than this behind.
    if (testInfo.status !== testInfo.expectedStatus) console.warn(`“${testInfo.title}” ended at ${page.url()}`, heard.slice(-mostHeard))
  },
  freshShop: [
    async ({ demoShop }, use) => {
      await demoShop.serveFresh()
      await use(demoShop)
    },
    { auto: true, timeout: 90_000 },
  ],
})

const mostHeard = 20

/** Where a page goes, and what it says that it should not: errors, warnings, and requests that were refused or came to nothing. */
function listenTo(page: Page): string[] {
  const heard: string[] = []
  const note = (words: string) => heard.push(`${new Date().toISOString()} ${words}`)
  page.on('console', message => ['error', 'warning'].includes(message.type()) && note(message.text()))
  page.on('pageerror', error => note(error.message))
  page.on('requestfailed', request => note(`${request.method()} ${request.url()} ${request.failure()?.errorText}`))
  page.on('response', answer => answer.status() >= 400 && note(`${answer.status()} ${answer.url()}`))
  page.on('framenavigated', frame => frame === page.mainFrame() && note(`is at ${frame.url()}`))
  return heard
}

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
