import { shallowRef } from 'vue'

/** A file of a whole shop that was let go over the window, until it is looked at. */
export const brought = shallowRef<File>()
