import { t } from '@/words'
import { heard } from '@/words/heard'
import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

type Schemas = components['schemas']

export type Figure = Schemas['FigureView']
export type Band = Schemas['BandView']
export type BandStatus = Figure['bandStatus']
export type Unit = Figure['unit']
export type Sentence = Schemas['SentenceView']
export type House = Schemas['HouseView']
export type Houses = Schemas['HousesView']
export type HouseDraft = Schemas['HouseDraft']
export type Piece = Schemas['PieceView']
export type PieceRow = Schemas['PieceRowView']
export type Needs = Schemas['NeedsView']
export type SolidPiece = Schemas['SolidPieceView']
export type SolidPieceDraft = Schemas['SolidPieceDraft']
export type MouldedPiece = Schemas['MouldedPieceView']
export type MouldedPieceDraft = Schemas['MouldedPieceDraft']
export type PieceDraft = Schemas['PieceDraft']
export type LoosePiece = Extract<Piece, { asked: unknown }>
export type LooseDraft = LoosePiece['asked']
export type Fillings = NonNullable<Schemas['BatchOrder']['fillings']>
export type Batch = Schemas['BatchView']
export type BatchSummary = Schemas['BatchSummaryView']
export type Step = Schemas['StepView']
export type EntryDraft = Schemas['EntryDraft']
export type Ingredient = Schemas['IngredientView']
export type IngredientName = Schemas['IngredientNameView']
export type IngredientDraft = Schemas['IngredientDraft']
export type Mould = Schemas['MouldView']
export type ColourStock = Schemas['ColourStockView']
export type ColourDraft = Schemas['ColourDraft']
export type Mixture = Schemas['MixtureView']
export type Moisture = Schemas['MoistureView']
export type BagLabel = Schemas['BagLabelView']
export type BagLabelDraft = Schemas['BagLabelDraft']
export type Found = Schemas['FoundView']
export type SampleOffer = Schemas['Offer']
export type MouldDraft = Schemas['MouldDraft']
export type MouldShape = Schemas['ShapeView']
export type Brought = Schemas['Brought']
export type HouseLabel = Schemas['Label']
export type Curve = Schemas['CurveView']
export type Method = Curve['method']
export type TemperBowl = Schemas['TemperBowlView']
export type BowlSummary = Schemas['SummaryView']
export type BowlDraft = Schemas['BowlDraft']
export type BowlEventDraft = Schemas['BowlEventDraft']
export type BowlEventKind = BowlEventDraft['kind']
export type Chart = Schemas['ChartView']
export type ReadBack = Schemas['ReadBackView']
export type TracePreview = Schemas['PreviewView']
export type Exercise = Schemas['ExerciseView']
export type RehearsalPlay = Schemas['RehearsalView']
export type RehearsalAct = Schemas['ActView']
export type ColourPlan = Schemas['ColourView']
export type Coating = Schemas['CoatingView']
export type BowlFault = Schemas['BowlFaultView']
export type BenchWords = Schemas['BenchWordsView']
export type OperationKind = Schemas['OperationDraft']['kind']
export type OperationDraft = Schemas['OperationDraft']
export type RecipeDraft = Schemas['RecipeDraft']
export type RecipeView = Schemas['RecipeView']
export type RecipeLineDraft = Schemas['RecipeLineDraft']
export type FillingSummary = Schemas['FillingSummaryView']
export type Sheet = Schemas['SheetView']
export type Quality = Schemas['QualityView']['quality']
export type BalanceAnswer = Schemas['BalanceView']
export type ConstraintDraft = Schemas['ConstraintDraft']
export type ReadRecipe = Schemas['ReadRecipeView']
export type Question = Schemas['SolveRequest']['question']

/** What refusals are told apart by: the last part of the address in their `type`. */
export type RefusalType =
  | 'taken'
  | 'stale'
  | 'at-once'
  | 'not-now'
  | 'in-the-way'
  | 'impossible'
  | 'not-here'
  | (string & {})

/** What the server refuses, and why: a problem detail after RFC 9457. */
export class Refusal extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
    readonly allowed?: string,
    /** Empty where nothing answered. */
    readonly type: RefusalType = '',
  ) {
    super(message)
  }
}

/** Whether something was refused for such a reason. */
export function isRefused(problem: unknown, ...types: RefusalType[]): problem is Refusal {
  return problem instanceof Refusal && types.includes(problem.type)
}

const UNREACHABLE = t(
  'The workshop server does not answer. What you typed is still here; try again in a moment.',
)

// Looked up at each call: nothing is sent before it is asked for.
export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request: Request) => globalThis.fetch(request),
})

/** The answer, or a Refusal that can be shown as it is. */
export async function ask<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let answer
  try {
    answer = await call
  } catch {
    throw new Refusal(UNREACHABLE, 0)
  }
  if (answer.response.ok) {
    return heard(answer.data as T)
  }
  throw refusal(answer.error, answer.response.status)
}

export function refusal(problem: unknown, status: number): Refusal {
  const p = heard(
    (typeof problem === 'object' && problem !== null ? problem : {}) as Record<string, unknown>,
  )
  const detail = typeof p.detail === 'string' ? p.detail : UNREACHABLE
  return new Refusal(
    detail,
    status,
    typeof p.field === 'string' ? p.field : undefined,
    typeof p.allowed === 'string' ? p.allowed : undefined,
    typeof p.type === 'string' ? p.type.replace('/problems/', '') : '',
  )
}

/** What to show of anything that went wrong. */
export function words(problem: unknown): string {
  return problem instanceof Error ? problem.message : String(problem)
}
