import type { ChangeEvent } from '../../core/bench/bench'
import { changeEvent } from '../../core/bench/bench'
import { useChecks } from '../stores/checks'

/** Calls back after every change that anyone makes in any window, and after a broken connection has come back. */
export function useChangeEvents(onChange: (change: ChangeEvent | null) => void): void {
  const checks = useChecks()
  let source: EventSource | undefined
  onMounted(() => {
    let opened = false
    source = new EventSource('/api/events')
    source.onmessage = ({ data }) => {
      checks.outdate()
      onChange(changeEvent.parse(JSON.parse(data)))
    }
    source.onopen = () => {
      // What happened while the connection was broken is not known.
      if (opened) onChange(null)
      opened = true
    }
  })
  onBeforeUnmount(() => source?.close())
}
