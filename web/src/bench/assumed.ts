import type { BoxPlan } from '../api/client'

type Assumed = NonNullable<BoxPlan['assumed']>[number]

/** What of the plan each assumption is about. */
const about: Record<Assumed, (plan: BoxPlan) => unknown> = {
  LENGTH: (p) => [p.size.length, p.size.opening?.length, p.size.contents?.items.map((i) => i.length)],
  WIDTH: (p) => [p.size.width, p.size.opening?.width, p.size.contents?.items.map((i) => i.width)],
  HEIGHT: (p) => [p.size.height, p.size.opening?.height, p.size.contents?.items.map((i) => i.height)],
  WOOD: (p) => p.walls,
  THICKNESS: (p) => p.size.thickness,
  CUTTER: (p) => [p.fingers.kerf, p.fingers.cutter, p.fingers.tool, p.fingers.anyCutter],
  BOTTOM: (p) => p.bottom,
  LID: (p) => p.lid,
  HOME: (p) => p.seasons
}

/** What a change has touched is said, and assumed no more. */
export function sayTouched(before: BoxPlan, after: BoxPlan) {
  if (!after.assumed?.length) return
  after.assumed = after.assumed.filter(
    (a) => JSON.stringify(about[a](before)) === JSON.stringify(about[a](after))
  )
}
