import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { answer, api } from './client'

interface Range {
  least: number
  most: number
}

/** Until the bounds have come nothing is kept out here; what is wrong is then refused where it is kept. */
const OPEN: Range = { least: -20000, most: 20000 }

/** Between what every field must lie. The records of the server say it; no screen has bounds of its own. */
export const useBounds = defineStore('bounds', () => {
  const all = shallowRef<Record<string, Range>>({})

  async function load() {
    all.value = await answer(api.GET('/api/bounds'))
  }

  /** Bounds of a field by its place, its number in a list included: `fingers.widths.3`. */
  function of(field: string): Range {
    return all.value[field.replace(/(^|\.)\d+(?=\.|$)/g, '$1*')] ?? OPEN
  }

  return { all, load, of }
})
