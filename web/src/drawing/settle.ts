/** A box on the page, in pixels. */
export interface Ground {
  left: number
  top: number
  right: number
  bottom: number
}

/** Words that want to stand at a place. */
export interface Words {
  text: string
  x: number
  /** of the baseline of the first line */
  y: number
  anchor: 'start' | 'middle' | 'end'
  /** of its letters, pixels */
  size: number
}

/** Words where they stand: a line of text each, and whether they went so far that a line leads back to their place. */
export interface Settled {
  x: number
  y: number
  anchor: 'start' | 'middle' | 'end'
  lines: string[]
  led: boolean
}

const LINE = 1.15

/** What words cover, without the room over and under their letters. */
export function ground(words: Words, lines: string[], wide: (line: string) => number): Ground {
  const width = Math.max(...lines.map(wide))
  const left =
    words.anchor === 'start' ? words.x : words.anchor === 'end' ? words.x - width : words.x - width / 2
  return {
    left,
    right: left + width,
    top: words.y - words.size * 0.82,
    bottom: words.y + words.size * (0.2 + LINE * (lines.length - 1))
  }
}

function touches(a: Ground, b: Ground, apart: number) {
  return (
    a.left < b.right + apart &&
    b.left < a.right + apart &&
    a.top < b.bottom + apart &&
    b.top < a.bottom + apart
  )
}

/** One line, and two of about the same length, broken at a space. */
function broken(text: string): string[][] {
  const spaces = [...text.matchAll(/ /g)].map((m) => m.index)
  if (!spaces.length) return [[text]]
  const middle = text.length / 2
  const at = spaces.reduce((best, s) => (Math.abs(s - middle) < Math.abs(best - middle) ? s : best))
  return [[text], [text.slice(0, at), text.slice(at + 1)]]
}

/** Ways to step aside, the nearest first: up and down by half a line, sideways by a letter or so. */
const ASIDE = (() => {
  const ways: { dx: number; dy: number; far: number }[] = []
  for (let v = -8; v <= 8; v++) {
    for (let h = -8; h <= 8; h++) ways.push({ dx: h * 14, dy: v * 7, far: Math.hypot(h * 14, v * 7) })
  }
  return ways.sort((a, b) => a.far - b.far)
})()

/**
 * Finds every label a place as near to its own as there is one free: off the texts and lines that stand already, off the labels before it,
 * and inside the picture; on two lines where one is too long. What finds none stands where it wanted to, inside the picture.
 *
 * @param taken texts and lines that stand
 * @param within the picture
 * @param wide how wide a line of these words is, pixels
 */
export function settle(
  all: Words[],
  taken: readonly Ground[],
  within: Ground,
  wide: (words: Words, line: string) => number
): Settled[] {
  const standing = [...taken]
  return all.map((words) => {
    let found: { words: Words; lines: string[]; far: number; at: Ground } | undefined
    for (const lines of broken(words.text)) {
      const dear = (lines.length - 1) * 9
      for (const { dx, dy, far } of ASIDE) {
        if (found && far + dear >= found.far) break
        const moved = { ...words, x: words.x + dx, y: words.y + dy }
        const at = ground(moved, lines, (line) => wide(words, line))
        if (
          at.left < within.left ||
          at.right > within.right ||
          at.top < within.top ||
          at.bottom > within.bottom
        )
          continue
        if (standing.some((other) => touches(at, other, 1.5))) continue
        found = { words: moved, lines, far: far + dear, at }
        break
      }
    }
    if (found) {
      standing.push(found.at)
      return {
        x: found.words.x,
        y: found.words.y,
        anchor: words.anchor,
        lines: found.lines,
        led: Math.hypot(found.words.x - words.x, found.words.y - words.y) > 24
      }
    }
    const at = ground(words, [words.text], (line) => wide(words, line))
    const x = words.x + Math.max(0, within.left - at.left) - Math.max(0, at.right - within.right)
    const y = words.y + Math.max(0, within.top - at.top) - Math.max(0, at.bottom - within.bottom)
    standing.push(ground({ ...words, x, y }, [words.text], (line) => wide(words, line)))
    return { x, y, anchor: words.anchor, lines: [words.text], led: false }
  })
}
