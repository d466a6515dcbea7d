import { z } from 'zod'
import type { PersonShown } from '../../core/access/people'
import { personSchema } from '../../core/access/people'
import { useMe } from './me'

const thereSchema = z.array(personSchema)

/** Who else has the studio open now. */
export const usePresence = defineStore('presence', () => {
  const me = useMe()
  const there = shallowRef<PersonShown[]>([])
  return {
    others: computed(() => there.value.filter(each => each.id !== me.person?.id)),
    /** @param data as the server's stream has it */
    hear: (data: string) => (there.value = thereSchema.parse(JSON.parse(data))),
  }
})
