import { createConfig, lintFromString } from '@redocly/openapi-core'
import { describe, expect, it } from 'vitest'
import { deliveryApi } from './deliveryApi'
import { programsApi } from './programsApi'

const operations = (api: typeof deliveryApi) => Object.values(api.paths!).flatMap(path => Object.values(path) as { operationId: string }[])

describe.each([
  ['delivery', deliveryApi],
  ['programs', programsApi],
])('the OpenAPI document of %s', (_, api) => {
  it('has nothing in it that a general linter of such documents finds wrong', async () => {
    const config = await createConfig({ extends: ['recommended'] })
    const found = await lintFromString({ source: JSON.stringify(api), config })
    expect(found.map(({ severity, ruleId, message, location }) => `${severity} ${ruleId}: ${message} (${location[0]!.pointer})`)).toEqual(
      [],
    )
  })

  it('names every operation, and none twice', () => {
    const names = operations(api).map(each => each.operationId)
    expect(names.every(Boolean)).toBe(true)
    expect(new Set(names).size).toBe(names.length)
  })
})
