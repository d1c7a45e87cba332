/** The ways lengths are shown. */
export const displays = [
  { value: 'METRIC', label: 'millimetres' },
  { value: 'DECIMAL_INCH', label: 'inches, decimal' },
  { value: 'FRACTION_64', label: 'inches, 1/64' },
  { value: 'FRACTION_32', label: 'inches, 1/32' },
  { value: 'FRACTION_16', label: 'inches, 1/16' }
]
