import { firstTables } from './0001-first-tables'
import { linkDetails } from './0002-link-details'
import { dismissed } from './0003-dismissed'
import { retiredKinds } from './0004-retired-kinds'
import { neighbours } from './0005-neighbours'
import { switchedOff } from './0006-switched-off'
import { sections } from './0007-sections'
import { putAside } from './0008-put-aside'
import { otherHeadings } from './0009-other-headings'
import { planScopes } from './0010-plan-scopes'
import { displays } from './0011-display'
import { releases } from './0012-releases'
import { looks } from './0013-looks'
import { relatedCategories } from './0014-related-categories'
import { brandMarks } from './0015-brand-marks'
import { bundles } from './0016-bundles'
import { offers } from './0017-offers'
import type { Migration } from './migration'
import { records } from './0018-records'
import { changeLog } from './0019-change-log'
import { admissions } from './0020-admissions'
import { orderKeys } from './0021-order-keys'
import { journalPieces } from './0022-journal-pieces'
import { offerDrafts } from './0023-offer-drafts'
import { offerBlocks } from './0024-offer-blocks'
import { bundleDrafts } from './0025-bundle-drafts'
import { orderFacts } from './0026-order-facts'
import { untrackedStock } from './0027-untracked-stock'

/** All steps of the database's structure, in their order. */
export const migrations: Migration[] = [
  firstTables,
  linkDetails,
  dismissed,
  retiredKinds,
  neighbours,
  switchedOff,
  sections,
  putAside,
  otherHeadings,
  planScopes,
  displays,
  releases,
  looks,
  relatedCategories,
  brandMarks,
  bundles,
  offers,
  records,
  changeLog,
  admissions,
  orderKeys,
  journalPieces,
  offerDrafts,
  offerBlocks,
  bundleDrafts,
  orderFacts,
  untrackedStock,
]
