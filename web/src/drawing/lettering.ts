/** How large the words of a role are, pixels; the same as in figure-roles.css. */
const SIZES: Record<string, number> = {
  pencil: 19,
  corner: 16,
  'content-name': 13,
  scale: 13,
  'gap-label': 16,
  held: 16,
  test: 18,
  'test-last': 22,
  display: 26,
  'part-letter': 34
}
const MONO = new Set(['scale', 'gap-label', 'held', 'display'])
const MONO_WIDE = 0.61
const SANS_WIDE = 0.55

export function sizeOf(role: string): number {
  return SIZES[role] ?? 14
}

let brush: CanvasRenderingContext2D | null | undefined
const known = new Map<string, number>()

/** How wide a line is in the letters of its role, pixels: measured where there is a page to measure on, else by the letter. */
export function textWidth(line: string, role: string): number {
  const size = sizeOf(role)
  if (MONO.has(role)) return line.length * size * MONO_WIDE
  const key = `${size} ${line}`
  const before = known.get(key)
  if (before !== undefined) return before
  brush ??= typeof document === 'undefined' ? null : document.createElement('canvas').getContext('2d')
  if (!brush) return line.length * size * SANS_WIDE
  brush.font = `700 ${size}px ${getComputedStyle(document.documentElement).getPropertyValue('--sans') || 'sans-serif'}`
  const wide = brush.measureText(line).width
  // before the font is there the line is measured in another, and again later
  if (document.fonts?.status === 'loaded') known.set(key, wide)
  return wide
}

/** How wide a number on a dimension line is: a fraction's figures are smaller and its space is thin. */
export function numberWidth(text: string): number {
  const fraction = /^(.*?)\s?(\d+)\/(\d+)(.*)$/.exec(text)
  if (!fraction) return text.length * 15 * MONO_WIDE
  const [, whole = '', over = '', under = '', rest = ''] = fraction
  return (
    (whole.length + rest.length + 1) * 15 * MONO_WIDE + (over.length + under.length) * 10.5 * MONO_WIDE + 3
  )
}
