/** How a wood looks: ground, grain line, end grain. Only a tint; nothing is worked out from it. */
const looks: [RegExp, [string, string, string]][] = [
  [/walnut|butternut/, ['#a98061', '#7d5a40', '#7a573d']],
  [/cherry|mahogany|redwood|redcedar|alder/, ['#e0ad83', '#c48a5b', '#b98050']],
  [/oak|ash|hickory|elm|chestnut|hackberry/, ['#dcc08f', '#b8965f', '#ab8750']],
  [
    /maple|birch|basswood|aspen|holly|poplar|cottonwood|beech|sycamore|spruce|fir|hemlock/,
    ['#ead2a6', '#cfae78', '#c09b63']
  ],
  [/plywood|hardboard|mdf/, ['#dbbd91', '#b9935f', '#a27f4e']],
  [/pine|larch|tamarack|cedar/, ['#ebc78d', '#cf9f5a', '#bd8b48']]
]

export function woodTint(id: string): Record<string, string> {
  const dark = document.documentElement.classList.contains('dark')
  const [wood, line, end] = looks.find(([names]) => names.test(id))?.[1] ?? ['#e3b98b', '#c8935c', '#b98752']
  const shade = (colour: string) => (dark ? `color-mix(in srgb, ${colour} 70%, #1a1208)` : colour)
  return { '--wood': shade(wood), '--wood-line': shade(line), '--wood-end': shade(end) }
}
