/** A label over the place it belongs to. */
export interface Wanted {
  /** where its leader stands */
  at: number
  /** how wide its text is */
  wide: number
}

/** Where it stands: its left edge, and how many lanes under the top. */
export interface Standing {
  from: number
  lane: number
}

const GAP = 6

function apart(a: Wanted & Standing, b: Wanted & Standing): boolean {
  if (a.lane === b.lane) return a.from + a.wide + GAP <= b.from || b.from + b.wide + GAP <= a.from
  // the leader of the upper one runs down past the lower one's text
  const [upper, lower] = a.lane < b.lane ? [a, b] : [b, a]
  return upper.at < lower.from - 3 || upper.at > lower.from + lower.wide + 3
}

/**
 * Lays labels out over a bar: to the right, to the left or over their place, in lanes, so that no text touches another or another's leader.
 * The fewest lanes that do it; when none does, each stands in the lane that is freest.
 */
export function layOut(wanted: Wanted[], width: number, mostLanes: number): Standing[] {
  const order = wanted.map((_, i) => i).sort((a, b) => (wanted[a]?.at ?? 0) - (wanted[b]?.at ?? 0))
  for (let lanes = 1; lanes <= mostLanes; lanes++) {
    const found = search(wanted, order, width, lanes)
    if (found) return found
  }
  return wanted.map((w, i) => ({
    from: Math.max(0, Math.min(w.at - 8, width - w.wide)),
    lane: i % mostLanes
  }))
}

function search(wanted: Wanted[], order: number[], width: number, lanes: number): Standing[] | undefined {
  const stand: Standing[] = []
  const placed: (Wanted & Standing)[] = []
  let tries = 0
  const place = (turn: number): boolean => {
    const i = order[turn]
    const w = i === undefined ? undefined : wanted[i]
    if (i === undefined || !w) return true
    for (let lane = lanes - 1; lane >= 0; lane--) {
      for (const from of [w.at - 8, w.at - w.wide + 8, w.at - w.wide / 2, w.at - w.wide - 4, w.at + 4]) {
        const one = { ...w, from, lane }
        if (from < 0 || from + w.wide > width || ++tries > 20000) continue
        if (!placed.every((other) => apart(one, other))) continue
        placed.push(one)
        stand[i] = { from, lane }
        if (place(turn + 1)) return true
        placed.pop()
      }
    }
    return false
  }
  return place(0) ? stand : undefined
}

/**
 * Where the middle of a word comes to stand within a stretch so that it lies on nothing that is taken: as near to the stretch's own middle as
 * may be, and there when there is no room beside what is taken.
 *
 * @param half of the word's width
 */
export function standsClear(from: number, to: number, half: number, taken: [number, number][]) {
  const middle = (from + to) / 2
  const lies = (at: number) => taken.some(([a, b]) => at + half > a && at - half < b)
  const places = [middle, ...taken.flatMap(([a, b]) => [a - half, b + half])]
  return (
    places
      .filter((at) => at - half >= from && at + half <= to && !lies(at))
      .sort((one, other) => Math.abs(one - middle) - Math.abs(other - middle))[0] ?? middle
  )
}
