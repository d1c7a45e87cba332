import createClient from 'openapi-fetch'
import type { components, paths } from './generated/schema'

type Schemas = components['schemas']
export type BoxPlan = Schemas['BoxPlan']
export type Answer = Schemas['Answer']
export type Damaged = Schemas['Damaged']
export type Figure = Schemas['Figure']
export type Dimension = Schemas['Dimension']
export type NumberView = Schemas['NumberView']
export type VerdictView = Schemas['VerdictView']
export type FixView = Schemas['FixView']
export type WorkingView = Schemas['WorkingView']
export type RungView = Schemas['RungView']
export type LadderFigure = Schemas['LadderFigure']
export type Station = Schemas['Station']
export type KeptBox = Schemas['KeptBox']
export type KeptTestCut = Schemas['KeptTestCut']
export type NewTestCut = Schemas['Readings']
export type Felt = NonNullable<NewTestCut['felt']>
export type RoundView = Schemas['RoundView']
export type PracticePlaceView = Schemas['PracticePlaceView']
export type DrillView = Schemas['DrillView']
export type DrillResult = Schemas['DrillResult']
export type Act = Schemas['Act']
export type BookEntry = Schemas['BookEntry']
export type JointGapView = Schemas['JointGapView']
export type CalendarView = Schemas['CalendarView']
export type ShopHoursView = Schemas['ShopHoursView']
export type FinishedView = Schemas['FinishedView']
export type Today = Schemas['Today']
export type KeptFinish = Schemas['KeptFinish']
export type Recipe = Schemas['Recipe']
export type KeptMachine = Schemas['KeptMachine']
export type MachineKind = Schemas['MachineKindView']
export type MachineMeasure = Schemas['MeasureView']['measure']
export type SquareView = Schemas['SquareView']
export type SquareRead = Schemas['SquareRead']
export type JigMakes = Schemas['Makes']
export type LidKind = Schemas['Kind']
export type BuildOrNot = Schemas['BuildOrNot']
export type BoxOnJig = Schemas['BoxOnJig']
export type SquareKept = Schemas['SquareKept']
export type FirstCutAct = Schemas['ActView']
export type BackupsView = Schemas['BackupsView']
export type HistoryChange = Schemas['ChangeView']
export type EarlierState = Schemas['StateView']
export type AheadView = Schemas['AheadView']
export type Asking = Schemas['Asking']
export type DoorView = Schemas['DoorView']
export type May = Schemas['DoorView']['may']
export type Found = Schemas['Found']
export type MadeOf = Schemas['MadeOf']
export type WhatIf = Schemas['WhatIfView']
export type WhatIfsOf = Schemas['WhatIfsOf']
export type JigOnRung = Schemas['JigOnRung']
export type JigToBuild = Schemas['JigToBuildView']
export type GlueClockView = Schemas['GlueClockView']
export type BookPage = Schemas['BookPage']
export type KeptJig = Schemas['KeptJig']
export type RackJig = Schemas['RackJig']
export type ReadingDoubt = Schemas['Doubt']
export type ShelfBox = Schemas['ShelfBox']
export type WoodView = Schemas['WoodView']
export type Wish = Schemas['Wish']
export type Mark = Schemas['Mark']
export type BoardFigure = Schemas['BoardFigure']
export type Blank = Schemas['Blank']
export type Defect = Schemas['Defect']
export type KeptBlank = Schemas['KeptBlank']
export type BreakdownView = Schemas['BreakdownView']
export type SheetAnswer = Schemas['SheetAnswer']
export type CutPlanView = Schemas['CutPlanView']
export type BreakdownAnswer = Schemas['BreakdownAnswer']
export type RuleView = Schemas['RuleView']
export type ClimateView = Schemas['ClimateView']
export type LogRead = Schemas['LogRead']
export type CornerView = Schemas['CornerView']
export type KeptCutter = Schemas['KeptCutter']
export type Cutter = Schemas['Cutter']
export type CallView = Schemas['CallView']
export type HintView = Schemas['HintView']
export type HintCall = HintView['call']
export type PrintedView = Schemas['PrintedView']
export type RunView = Schemas['RunView']
export type SawEvent = Schemas['SawEvent']
export type LengthDisplay = BoxPlan['display']
/** What a decision begins with when it is opened. */
export type FirstGuess = paths['/api/work/begun/{guess}']['post']['parameters']['path']['guess']

/** What the server refused, and where. */
export interface Problem {
  status: number
  detail: string
  field?: string
  currentRevision?: number
  /** bad lines of a file that was brought in */
  lines?: { line: number; detail: string }[]
}

export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

export const api = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? 'http://localhost',
  // what changes something says so even when there is nothing to send: no other page can
  headers: { 'Content-Type': 'application/json' },
  fetch: (request) => globalThis.fetch(request)
})

/** What is done when the shop does not know this device; who starts the application says what. */
export const stranger: { asked: () => Promise<void> } = { asked: () => Promise.resolve() }

interface Reply<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The reply's data, or a Refusal that says what was wrong. */
export async function answer<T>(reply: Promise<Reply<T>>): Promise<T> {
  let got: Reply<T>
  try {
    got = await reply
  } catch {
    throw new Refusal({
      status: 0,
      detail: 'The server does not answer. What you typed is still here; start it again and go on.'
    })
  }
  if (!got.response.ok) {
    const problem = (got.error ?? {}) as Partial<Problem>
    if (got.response.status === 401) void stranger.asked()
    throw new Refusal({
      ...problem,
      status: got.response.status,
      detail: problem.detail ?? 'That did not work.'
    })
  }
  return got.data as T
}

/** Sends a file as it is; what comes back is read as the API says. */
export async function sendFile<T>(address: string, file: Blob, kind = 'text/csv'): Promise<T> {
  const reply = globalThis.fetch(address, {
    method: 'POST',
    headers: { 'Content-Type': kind },
    body: file
  })
  return answer<T>(
    reply.then(async (response) => {
      const body: unknown = await response.json().catch(() => undefined)
      return response.ok ? { data: body as T, response } : { error: body, response }
    })
  )
}

export function problemOf(error: unknown): Problem {
  if (error instanceof Refusal) return error.problem
  return { status: 0, detail: error instanceof Error ? error.message : String(error) }
}
