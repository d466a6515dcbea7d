export type Device = 'phone' | 'tablet' | 'desktop'

/** How wide pages are on them, in CSS pixels. */
export const deviceWidths: Record<Device, number> = { phone: 390, tablet: 820, desktop: 1180 }
