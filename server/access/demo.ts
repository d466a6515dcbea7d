/** Whether everybody at this machine may try the demo without signing in: never when others can reach it. */
export function isDemo(): boolean {
  const { MANADA_DEMO, HOST } = process.env
  return MANADA_DEMO === '1' && ['127.0.0.1', 'localhost', '::1'].includes(HOST ?? '')
}

export const demoMerchandiser = { name: 'Demo merchandiser', email: 'merchandiser@demo.example', role: 'publisher' } as const
