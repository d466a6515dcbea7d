import type { APIRequestContext } from '@playwright/test'
import { linkStep } from '../core/fillSteps/fillStep'
import { expect } from './test'

/** Has a section show nothing but what is linked by hand, to shoppers too: no rule fills up where links are missing. */
export async function byHandAlone(request: APIRequestContext, section: string, ...step: Parameters<typeof linkStep>): Promise<void> {
  const change = { type: 'changeSection', key: section, settings: { steps: [linkStep(...step)] }, seen: {} }
  for (const data of [change, { type: 'publish', sections: [section], plans: [] }])
    expect((await request.post('/api/commands', { data })).status()).toBe(200)
}
