import type { RackJig } from '../api/client'

/** Ways of indexing, as the rack calls them. */
export const ways: { value: RackJig['jig']['way']; label: string }[] = [
  { value: 'SLED_KEY', label: 'fixed key on a sled or mitre gauge' },
  { value: 'ROUTER_SLED', label: 'fixed key on a router sled' },
  { value: 'ROD_KEY', label: 'key from a rod or drill shank' },
  { value: 'SHIM_FENCE', label: 'fence set with leaves' },
  { value: 'SCREW', label: 'screw advance' },
  { value: 'SPACERS', label: 'spacers against a fence' },
  { value: 'STOPS', label: 'stop on a scale' },
  { value: 'HAND', label: 'by hand, with dividers' },
  { value: 'BAND_SAW', label: 'band saw, flip and shim' }
]
