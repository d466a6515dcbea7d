/**
 * The check digit of a GTIN, by the standard modulo-10 calculation: from the right, digits count three times and once in turn;
 * the check digit lifts the sum to the next multiple of ten.
 * Source: GS1 General Specifications, section 7.9.1, "Standard check digit calculations for GS1 data structures".
 * @param digits the GTIN without its last digit
 */
export function gtinCheckDigit(digits: string): number {
  let sum = 0
  for (let i = 0; i < digits.length; i++) {
    const weight = (digits.length - i) % 2 === 1 ? 3 : 1
    sum += weight * Number(digits[i])
  }
  return (10 - (sum % 10)) % 10
}

/**
 * Whether a text is a valid GTIN-8, GTIN-12, GTIN-13 or GTIN-14: only digits, a known length and the right check digit.
 * @param gtin the digits as printed under the bar code, without blanks
 */
export function isGtin(gtin: string): boolean {
  return /^(\d{8}|\d{12,14})$/.test(gtin) && gtinCheckDigit(gtin.slice(0, -1)) === Number(gtin.at(-1))
}
