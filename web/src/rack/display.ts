import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { LengthDisplay } from '../api/client'

/** How lengths are shown on the rack, which belongs to no box. */
export const rackDisplay = useLocalStorage<LengthDisplay>('rack-lengths', 'METRIC')
export const rackUnit = computed(() => (rackDisplay.value === 'METRIC' ? 'MILLIMETRE' : 'INCH'))
