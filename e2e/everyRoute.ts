import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { pageKinds, pageTypes } from '../core/pageTypes/registry'

export interface Route {
  method: string
  /** Parts that stand for something are in square brackets. */
  path: string
}

const served = { 'server/api': '/api', 'server/routes': '' }

/** Every route of the server, as its files say it: the path, its parameters in square brackets, and the method before the ending. */
export function everyRoute(): Route[] {
  const files = Object.entries(served).flatMap(([folder, base]) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter(file => file.endsWith('.ts') && !/\.(test|testing)\.ts$/.test(file))
      .map(file => join(base || '/', file)),
  )
  const ofFiles = files.map((file): Route => {
    const [, path, method] = /^(.*?)(?:\.(get|post|put|patch|delete|head))?\.ts$/.exec(file)!
    return { method: (method ?? 'get').toUpperCase(), path: path!.replace(/\/index$/, '') }
  })
  // Pages of the delivery contract are answered at the door.
  const pages = pageKinds.map((kind): Route => {
    const { name } = pageTypes[kind].address
    return { method: 'GET', path: `/api/shop/v1/pages/${kind}${name ? `/[${name}]` : ''}` }
  })
  return [...ofFiles, ...pages]
}
