import { platform, setPriority } from 'node:os'

/** How much a thread gives way to others, on Linux's scale from 0 to 19. */
const niceness = 5

/**
 * For a thread whose work can wait: those that answer go first, but not so far that on a busy machine it never comes on.
 * Only on Linux is a priority a thread's own.
 */
export function giveWay(): void {
  if (platform() === 'linux') setPriority(niceness)
}
