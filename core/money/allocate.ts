/**
 * Shares an amount out by weights, to the unit: every share is the exact one rounded down, and what is left over goes, a unit each,
 * to the shares that lost the most by that; of equal ones to the first. No share is greater than its weight as long as the amount is not
 * greater than all weights.
 *
 * The method of the largest remainder, after A. Hamilton (1792); M. L. Balinski and H. P. Young, Fair Representation, 1982.
 * @param amount whole minor units, not negative
 * @param weights whole numbers, not negative; when all are nothing, they count alike
 * @returns a share for each weight; they add up to the amount
 */
export function allocate(amount: number, weights: readonly number[]): number[] {
  if (!weights.length) return []
  const sum = weights.reduce((sum, weight) => sum + BigInt(weight), 0n)
  if (!sum)
    return allocate(
      amount,
      weights.map(() => 1),
    )
  const exact = weights.map(weight => BigInt(weight) * BigInt(amount))
  const shares = exact.map(each => Number(each / sum))
  const left = amount - shares.reduce((sum, share) => sum + share, 0)
  const byLoss = exact
    .map((each, i) => ({ i, lost: each % sum }))
    .sort((a, b) => Number(b.lost > a.lost) - Number(b.lost < a.lost) || a.i - b.i)
  for (const { i } of byLoss.slice(0, left)) shares[i]!++
  return shares
}
