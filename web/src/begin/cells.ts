/** Boxes on the cells of a grid; columns count from the left, rows from the front. */
export interface Lies {
  column: number
  row: number
  columns: number
  rows: number
}

const one = (column: number, row: number): Lies => ({ column, row, columns: 1, rows: 1 })

/** A box on every cell. */
export function singles(columns: number, rows: number): Lies[] {
  return Array.from({ length: columns * rows }, (_, i) => one(i % columns, Math.floor(i / columns)))
}

export function holds(box: Lies, column: number, row: number) {
  return (
    column >= box.column && column < box.column + box.columns && row >= box.row && row < box.row + box.rows
  )
}

function meets(a: Lies, b: Lies) {
  return (
    a.column < b.column + b.columns &&
    b.column < a.column + a.columns &&
    a.row < b.row + b.rows &&
    b.row < a.row + a.rows
  )
}

/** One box over these cells; what it takes cells from falls apart into single ones. */
export function joined(boxes: readonly Lies[], over: Lies): Lies[] {
  const apart = boxes
    .filter((b) => meets(b, over))
    .flatMap((b) => singles(b.columns, b.rows).map((c) => one(b.column + c.column, b.row + c.row)))
  return [...boxes, ...apart].filter((b) => !meets(b, over)).concat(over)
}

/** A box over several cells falls apart; a single one is taken out, unless it is the last; on an empty cell one is put. */
export function pressed(boxes: readonly Lies[], column: number, row: number): Lies[] {
  const here = boxes.find((b) => holds(b, column, row))
  if (!here) return [...boxes, one(column, row)]
  if (here.columns * here.rows > 1) return joined(boxes, one(column, row))
  return boxes.length > 1 ? boxes.filter((b) => b !== here) : [...boxes]
}
