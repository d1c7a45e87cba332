/** One piece of a number as shown: plain text, or the over and under of a fraction. */
export interface Piece {
  text: string
  kind: 'plain' | 'over' | 'under'
}

/** A whole number and its fraction are one number: no line ends between them. */
export function together(text: string): string {
  return text.replace(/(\d) (?=\d+\/\d)/g, '$1\u00a0')
}

/** Splits `3 17/32 in` so that the fraction can be set as one. */
export function pieces(text: string): Piece[] {
  const found: Piece[] = []
  let rest = together(text)
  for (let match = /(\d+)\/(\d+)/.exec(rest); match; match = /(\d+)\/(\d+)/.exec(rest)) {
    const before = rest.slice(0, match.index)
    if (before) found.push({ text: before, kind: 'plain' })
    found.push(
      { text: match[1] ?? '', kind: 'over' },
      { text: '⁄', kind: 'plain' },
      { text: match[2] ?? '', kind: 'under' }
    )
    rest = rest.slice(match.index + match[0].length)
  }
  if (rest) found.push({ text: rest, kind: 'plain' })
  return found
}
