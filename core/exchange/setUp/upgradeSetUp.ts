import { z } from 'zod'
import { layoutSchema } from '../../sections/display'
import type { OlderOffer } from '../../offers/upgradeOffer'
import { upgradeOffer } from '../../offers/upgradeOffer'
import { upgradePlan } from '../../pagePlans/upgradePlan'
import { upgradeSection } from '../../sections/upgradeSection'
import type { Section } from '../../sections/section'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { pageKindSchema } from '../../pagePlans/pagePlan'
import { setUpSchema } from './setUp'

/** What has to be there so that a part can be brought up to date; whether it is right is said by the schema of today. */
const olderSectionSchema = z.looseObject({
  layout: layoutSchema,
  display: z.looseObject({ heading: z.looseObject({ size: z.enum(['small', 'medium', 'large']) }) }).optional(),
})
const olderPlanSchema = z.looseObject({
  page: pageKindSchema,
  zones: z.array(z.looseObject({ key: z.string(), sections: z.array(z.string()) })),
})
const olderOfferSchema = z.looseObject({ trigger: z.looseObject({}).nullable() })
const olderFileSchema = z.looseObject({
  kinds: z.array(z.unknown()).optional(),
  sections: z.array(z.unknown()).optional(),
  offers: z.array(z.unknown()).optional(),
  plans: z.array(z.unknown()).optional(),
})

/** A set-up file of any version of Manada, in today's form. What is wrong with it is left for the schema to say. */
export function upgradeSetUp(file: unknown): unknown {
  const { success, data } = olderFileSchema.safeParse(file)
  if (!success) return file
  const { kinds, sections, offers, plans, ...rest } = data
  return {
    ...rest,
    ...(kinds && { kinds: kinds.map(each => (isObject(each) ? { retired: false, ...each } : each)) }),
    ...(sections && {
      sections: sections.map(each => (olderSectionSchema.safeParse(each).success ? upgradeSection(each as Section) : each)),
    }),
    ...(offers && {
      offers: offers.map(each => (olderOfferSchema.safeParse(each).success ? upgradeOffer(each as OlderOffer) : each)),
    }),
    ...(plans && { plans: plans.map(each => (olderPlanSchema.safeParse(each).success ? upgradePlan(each as PagePlan) : each)) }),
  }
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null && !Array.isArray(value)

/** A set-up file, as it comes in. */
export const setUpFileSchema = z.unknown().transform(upgradeSetUp).pipe(setUpSchema)
