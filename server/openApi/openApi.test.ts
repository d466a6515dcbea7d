import { createConfig, lintFromString } from '@redocly/openapi-core'
import { expect, it } from 'vitest'
import { openApi } from './openApi'

it('has nothing in it that a general linter of OpenAPI documents finds wrong', async () => {
  const config = await createConfig({ extends: ['recommended'] })
  const found = await lintFromString({ source: JSON.stringify(openApi), config })
  expect(found.map(({ severity, ruleId, message, location }) => `${severity} ${ruleId}: ${message} (${location[0]!.pointer})`)).toEqual([])
})

it('names every operation, and none twice', () => {
  const names = Object.values(openApi.paths!).flatMap(path =>
    Object.values(path).map(each => (each as { operationId: string }).operationId),
  )
  expect(names).toHaveLength(Object.keys(openApi.paths!).length)
  expect(new Set(names).size).toBe(names.length)
})
