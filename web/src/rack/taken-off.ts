import { ref, shallowRef } from 'vue'
import { problemOf } from '../api/client'

/**
 * What was taken off a shelf of the rack last, and can be put back.
 *
 * @param remove takes one off, by its id
 * @param restore puts it back
 * @param shown is told which one is looked at then; nothing after one was taken off
 */
export function useTakenOff<T>(of: {
  id: (item: T) => string
  remove: (id: string) => Promise<unknown>
  restore: (id: string) => Promise<unknown>
  shown: (id: string) => void
  load: () => Promise<void>
}) {
  const gone = shallowRef<T>()
  const refused = ref('')
  async function tried(act: () => Promise<void>) {
    try {
      await act()
      refused.value = ''
    } catch (error) {
      refused.value = problemOf(error).detail
    }
  }
  const takeOff = (item: T | undefined) =>
    tried(async () => {
      if (!item) return
      await of.remove(of.id(item))
      gone.value = item
      of.shown('')
      await of.load()
    })
  const putBack = () =>
    tried(async () => {
      if (!gone.value) return
      const id = of.id(gone.value)
      await of.restore(id)
      of.shown(id)
      gone.value = undefined
      await of.load()
    })
  return { gone, refused, takeOff, putBack }
}
