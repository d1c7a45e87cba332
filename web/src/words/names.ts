/** The longest a box may be called; a finish of the shop is called shorter. */
const LONGEST = 80

/**
 * A name with something before or behind it, shortened where that would be too long. No letter is cut in two: what is written in two
 * halves, and marks on a letter, stay with it.
 */
export function named(name: string, more: { before?: string; behind?: string }, most = LONGEST): string {
  const { before = '', behind = '' } = more
  return before + beginning(name, most - before.length - behind.length) + behind
}

function beginning(text: string, most: number): string {
  if (text.length <= most) return text
  let end = most
  while (end > 0 && (/^[\uDC00-\uDFFF]/.test(text.slice(end)) || /^\p{M}/u.test(text.slice(end)))) end--
  return text.slice(0, end).trimEnd()
}
