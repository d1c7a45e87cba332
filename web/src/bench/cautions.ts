import type { BoxPlan } from '../api/client'

type Way = BoxPlan['jig']['way']

const FIRST = 'Your machine’s manual, local rules and trained people come first.'
const TABLE =
  'Guard block where the cutter comes out, travel stop, hands out of the line. After a cut clear the cutter, hold the work tight, and only then bring it back.'
const ROUTER =
  'Feed against the bit’s turn, guard round the bit, hands behind the jig. After a cut clear the bit, hold the work tight, and only then bring it back.'
const BAND =
  'Guard down to just over the work, hands beside the line. Withdraw straight from a cut; if the blade binds, switch off first.'

/** How to come out of a cut in one piece, for each way of indexing: they differ. */
const ways: Record<NonNullable<Way>, string> = {
  SLED_KEY: TABLE,
  ROD_KEY: TABLE,
  SHIM_FENCE: TABLE,
  SCREW: TABLE,
  SPACERS: TABLE,
  STOPS: TABLE,
  ROUTER_SLED: ROUTER,
  BAND_SAW: BAND,
  HAND: 'Part held fast in the vice, both hands behind the edge, chisel away from you.'
}

export function caution(way: Way): string {
  const chosen = way ?? 'SLED_KEY'
  return chosen === 'HAND' ? ways.HAND : `Unplug before you set or measure. ${ways[chosen]} ${FIRST}`
}
