import { expect, it } from 'vitest'
import type { DeliveredOffer, DeliveredSection } from './contract/pages'
import { zoneBlocks } from './zoneBlocks'

const section = (key: string, zone: string) => ({ key, zone }) as DeliveredSection
const offer = (key: string, zone: string, sectionsAbove: number) => ({ key, zone, sectionsAbove }) as DeliveredOffer

it('puts sections and offers of a zone in the order in which they stand on the page', () => {
  const page = {
    sections: [section('a', 'top'), section('b', 'foot'), section('c', 'foot')],
    offers: [offer('x', 'top', 1), offer('y', 'foot', 1), offer('z', 'foot', 2), offer('last', 'foot', 3)],
  }
  const idsIn = (zone?: string) => zoneBlocks(page, zone).map(each => each.id)
  expect(idsIn('top')).toEqual(['section a', 'offer x'])
  expect(idsIn('foot')).toEqual(['offer y', 'section b', 'offer z', 'section c', 'offer last'])
  expect(idsIn()).toHaveLength(7)
  expect(zoneBlocks({ sections: [section('a', 'top')] }, 'top')).toHaveLength(1)
})
