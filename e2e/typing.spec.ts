import { expect, test } from './test'
import { undoAll } from './undoAll'

test('words that somebody is typing stay theirs when a colleague saves, and both are asked about', async ({ page, request }) => {
  await page.goto('/sections/related')
  const says = page.getByRole('region', { name: 'Section', exact: true })
  const name = says.getByLabel('Name in the studio')
  const saved = async () =>
    ((await (await request.get('/api/drafts')).json()) as { sections: { key: string; draft: { internalName: string } }[] }).sections.find(
      each => each.key === 'related',
    )!.draft.internalName
  const colleague = (settings: object) =>
    request.post('/api/commands', { data: { type: 'changeSection', key: 'related', settings, seen: {} } })

  await test.step('another field is saved: nothing happens to the words', async () => {
    await name.fill('Neighbours of it')
    await colleague({ places: 3 })
    await expect(says.getByRole('group', { name: 'Places' })).toContainText('3')
    await expect(name).toHaveValue('Neighbours of it')
  })
  await test.step('the same field is saved: both are there, and nothing is overwritten', async () => {
    await colleague({ internalName: 'Alike' })
    const asked = says.getByRole('status').filter({ hasText: 'A colleague saved “Alike” meanwhile.' })
    await expect(asked).toBeVisible()
    await expect(name).toHaveValue('Neighbours of it')
    await name.press('Enter')
    expect(await saved()).toBe('Alike')
    await asked.getByRole('button', { name: 'Keep mine' }).click()
    await expect.poll(saved).toBe('Neighbours of it')
    await expect(asked).toBeHidden()
  })
  await test.step('or what the colleague saved is taken', async () => {
    await name.fill('Something else')
    await colleague({ internalName: 'Alike' })
    await says.getByRole('button', { name: 'Take that' }).click()
    await expect(name).toHaveValue('Alike')
    expect(await saved()).toBe('Alike')
  })
  await test.step('a heading that is emptied stays as it was, also when an answer comes meanwhile', async () => {
    await page.goto('/offers/to-light-it-with')
    const heading = page.getByRole('region', { name: 'Together offer', exact: true }).getByLabel('Heading, en')
    await heading.fill('')
    await heading.press('Enter')
    await request.post('/api/commands', { data: { type: 'changeOffer', key: 'to-light-it-with', settings: { limit: 3 }, seen: {} } })
    await expect(page.getByLabel('How often in one cart')).toHaveValue('3')
    await expect(heading).toHaveValue('To light it with')
  })
  await undoAll(page.request)
  await undoAll(request)
})
