import { computed, shallowRef } from 'vue'
import { answer, api, type Asking } from '../api/client'

/** Who this window is to the shop: the machine it is on, or a device that was let in over its network. */
export const asking = shallowRef<Asking>()

/** Only over the shop's network there is anything to ask; at the machine itself everything may be done. */
const overNetwork = globalThis.location?.protocol === 'https:'

export async function lookWhoAsks() {
  if (overNetwork) asking.value = await answer(api.GET('/api/join'))
}

/** Whether what is decided here is kept. */
export const mayDecide = computed(() => !overNetwork || !asking.value || asking.value.may === 'ALL')
/** Whether who else comes in is decided here. */
export const isHere = computed(() => !overNetwork)
