/** Whether the stand-in shop takes orders, which lower the stock: in the demo, or where it is wanted (MANADA_CHECKOUT). */
export function isCheckoutOn(): boolean {
  const { MANADA_CHECKOUT, MANADA_DEMO } = process.env
  return MANADA_CHECKOUT ? MANADA_CHECKOUT === 'on' : MANADA_DEMO === '1'
}
