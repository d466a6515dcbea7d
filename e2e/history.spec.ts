import { Studio, pressLetter } from './studio'
import { expect, test } from './test'

const command = (body: object) => ({ headers: { 'content-type': 'application/json' }, data: body })

test('a change is taken back on its own, unless something later depends on it', async ({ page, request }) => {
  const studio = new Studio(page)
  await studio.open('CLIP-1')
  for (const [words, sku] of [
    ['queen cage', 'CAGE-I'],
    ['marking pen', 'PEN'],
  ] as const) {
    await (await studio.findTarget(words, sku)).click()
    await studio.find.getByRole('button', { name: sku === 'PEN' ? 'Link as accessory' : 'Link as upsell' }).click()
    await studio.expectTargets(sku === 'PEN' ? 'Accessories' : 'Upsells', [sku])
  }
  await pressLetter(page, 'h')
  const history = page.getByRole('region', { name: 'History' })
  const entries = history.locator('[data-entry]')
  await expect(entries.nth(0)).toContainText('as accessory')
  await expect(entries.nth(0)).toContainText('by you')
  await expect(entries.nth(1)).toContainText('as upsell')

  // The older one goes; the newer stays.
  await entries
    .nth(1)
    .getByRole('button', { name: /Take back/ })
    .click()
  await studio.expectTargets('Upsells', [])
  await studio.expectTargets('Accessories', ['PEN'])
  await expect(entries.nth(0)).toContainText('Taken back: Linked')
  await expect(entries.nth(2).getByRole('button')).toHaveCount(0)

  // Someone else adds to the lane: what it built on can't be taken back any more.
  const theirs = await request.post(
    '/api/commands',
    command({ type: 'link', kind: 'accessory', on: [{ source: 'CLIP-1', seen: ['PEN'] }], targets: ['LOUPE-1'] }),
  )
  expect(theirs.status()).toBe(200)
  await expect(entries.nth(0)).toContainText('by the admin token')
  await entries
    .nth(2)
    .getByRole('button', { name: /Take back/ })
    .click()
  await expect(studio.message).toContainText('can’t be taken back: the same lane was changed later (“Linked')
  await studio.expectTargets('Accessories', ['PEN', 'LOUPE-1'])

  // But the later one can, whoever made it; and taking back can be undone.
  await entries
    .nth(0)
    .getByRole('button', { name: /Take back/ })
    .click()
  await studio.expectTargets('Accessories', ['PEN'])
  await page.keyboard.press('Control+z')
  await studio.expectTargets('Accessories', ['PEN', 'LOUPE-1'])

  await history.getByRole('button', { name: 'Whole shop' }).click()
  await expect(history.getByRole('button', { name: 'Show older' })).toBeVisible()
  await history.getByRole('button', { name: 'Show older' }).click()
  await expect.poll(() => entries.count()).toBeGreaterThan(60)
})

test('what is unknown or no longer in force is refused in words', async ({ request }) => {
  const unknown = await request.post('/api/history/revert', command({ entry: 999_999 }))
  expect([unknown.status(), (await unknown.json()).detail]).toEqual([404, 'There is no entry 999999 in the history.'])
  const linked = { type: 'link', kind: 'upsell', on: [{ source: 'LOUPE-1' }], targets: ['PEN'] }
  await request.post('/api/commands', command(linked))
  const { entries } = await (await request.get('/api/history?sku=LOUPE-1')).json()
  expect(entries[0]).toMatchObject({ mine: true, inForce: true, lanes: 1, undone: false })
  expect((await request.post('/api/history/revert', command({ entry: entries[0].id }))).status()).toBe(200)
  const again = await request.post('/api/history/revert', command({ entry: entries[0].id }))
  expect([again.status(), (await again.json()).detail]).toEqual([409, expect.stringContaining('is not in force any more')])
  expect((await request.post('/api/history/revert', command({ entry: 'x' }))).status()).toBe(400)
})
