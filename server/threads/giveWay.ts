import { platform, setPriority } from 'node:os'

/** How much a thread gives way to others, on Linux's scale from 0 to 19. */
const niceness = 10

/** For a thread whose work nobody waits for: those that answer go first. Only on Linux is a priority a thread's own. */
export function giveWay(): void {
  if (platform() === 'linux') setPriority(niceness)
}
