import { execFileSync } from 'node:child_process'

/** The demo shop as it is after `npm run demo`; each test server begins with a copy of it. */
export const demoData = 'test-results/demo-data'

export default function fillDemoShop(): void {
  execFileSync(process.execPath, ['--import', 'tsx', 'demo/fill.ts', '--fresh'], {
    env: { ...process.env, MANADA_DATA: demoData },
    stdio: 'inherit',
  })
}
