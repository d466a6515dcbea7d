import type { H3Event } from 'h3'
import type { Need } from '../../core/access/access'
import { access } from '../../core/access/access'
import type { PageQuery } from '../../core/delivery/contract/pages'
import type { DraftQuery } from '../../core/delivery/contract/values'
import { useShop } from '../running/useShop'
import { Problem } from '../utils/problem'
import { refuseUnless } from './admit'
import { askerOf } from './askerOf'
import { isPreviewToken } from '../access/previewToken'

const toRead: Exclude<Need, 'nothing'> = { role: 'viewer', scope: 'draft:read' }
const toLook: Exclude<Need, 'nothing'> = { ...toRead, guests: true }

/**
 * Lets somebody see what is drafted, or why each product is shown or not; of what shoppers may see, nobody is asked.
 * @throws Problem when they may not, or when parts of what is drafted are asked for without it
 */
export async function admitDraft(
  event: H3Event,
  { draft, only, release, preview, plan, foot, offer, explain = false }: DraftQuery & Partial<Pick<PageQuery, 'plan' | 'foot' | 'explain'>>,
): Promise<void> {
  const withoutDraft = Object.entries({ only, release, plan, foot, offer }).find(([, value]) => value !== undefined && value !== '')?.[0]
  if (!draft && withoutDraft)
    throw new Problem(400, 'draft-only', 'Something is missing', `Ask for \`${withoutDraft}\` together with \`draft=1\`.`)
  if (!draft && !explain) return
  event.context.isPrivate = true
  const asker = await askerOf(event)
  const need = explain ? toRead : toLook
  if (access(need, asker) === 'yes') return
  if (preview === undefined) return refuseUnless(access(need, asker), need, asker)
  const { access: book } = await useShop()
  const isGuest = isPreviewToken(book.secret, preview, Date.now())
  if (!isGuest) throw new Problem(401, 'preview-over', 'Not any more', 'This look at what is drafted is over. Ask for another link.')
  refuseUnless(access(need, { kind: 'guest' }), need, { kind: 'guest' })
}
