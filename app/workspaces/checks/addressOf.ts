import type { Finding } from '../../../core/checks/check'
import { isBundleCheck, isProductCheck } from '../../../core/checks/check'
import { pageKindSchema } from '../../../core/pagePlans/pagePlan'

/** The address where a finding is mended: the bundle, the product's bench, or the section, on the page that it is about. */
export function addressOf({ check, source, kind }: Finding): string {
  if (isBundleCheck(check)) return `/bundles/${encodeURIComponent(source)}`
  if (isProductCheck(check)) return `/products/${encodeURIComponent(source)}`
  return pageKindSchema.safeParse(kind).success ? `/sections/${source}?page=${kind}` : `/sections/${source}`
}
