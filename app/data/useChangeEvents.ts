import { z } from 'zod'
import type { ChangeEvent } from '../../core/workbench/workbench'
import { changeEventSchema } from '../../core/workbench/workbench'
import { useChecks } from './checks'
import { usePresence } from './presence'
import { troubles } from './serverState'

const troublesSchema = z.array(z.string())

/**
 * Calls back after every change that anyone makes in any window, those too that were made while a connection was broken; null: too many, or
 * not known.
 */
export function useChangeEvents(onChange: (change: ChangeEvent | null) => void): void {
  const checks = useChecks()
  const presence = usePresence()
  let source: EventSource | undefined
  onMounted(() => {
    source = new EventSource('/api/events')
    source.onmessage = ({ data }) => {
      checks.outdate()
      onChange(changeEventSchema.parse(JSON.parse(data)))
    }
    source.addEventListener('there', ({ data }: MessageEvent<string>) => presence.hear(data))
    source.addEventListener('troubles', ({ data }: MessageEvent<string>) => (troubles.value = troublesSchema.parse(JSON.parse(data))))
    source.addEventListener('missed', () => onChange(null))
  })
  onBeforeUnmount(() => source?.close())
}
