import { inject, provide } from 'vue'

const KEY = Symbol('reading')

/** In a form: what its length fields are still reading. Awaited, whatever was typed last counts. */
export function useReadings(): () => Promise<void> {
  const going = new Set<Promise<void>>()
  provide(KEY, going)
  return async () => {
    await Promise.all(going)
  }
}

/** Tells the form around a field, if there is one, that it is reading. */
export function tellsWhatItReads(): (reading: Promise<void>) => Promise<void> {
  const going = inject<Set<Promise<void>> | undefined>(KEY, undefined)
  return (reading) => {
    going?.add(reading)
    void reading.finally(() => going?.delete(reading))
    return reading
  }
}
