import { t } from '@/words'
import type { Band, BandStatus } from '@/api/client'

/** Where the pegs stand, in units of the drawing. */
export interface Frame {
  left: number
  right: number
  baseline: number
}

/** The string as it is drawn. */
export interface Drawing {
  /** Path of the string; in two pieces when it is broken. */
  path: string
  /** The good stretch, from and to. */
  stretch: [number, number]
  /** Where the value plucks the string. */
  bead: { x: number; y: number } | null
  /** The spread of the value, from and to. */
  spread: [number, number] | null
}

const LIFT_IN_BAND = 3
const LIFT_TIGHT = 12
const LIFT_LIMIT = 26
const BEYOND = 16
const GAP = 11

/** The bandStatus of a value against a band, as the core tells it. */
export function bandStatusOf(value: number, band: Band): BandStatus {
  if (value >= band.low && value <= band.high) return 'IN_BAND'
  return value >= band.lowLimit && value <= band.highLimit ? 'TIGHT' : 'OFF'
}

/** How far outside the good stretch, signed; 0 inside. */
export function outBy(value: number, band: Band): number {
  if (value < band.low) return value - band.low
  return value > band.high ? value - band.high : 0
}

/** A place along the string; beyond a peg it stays near it. */
export function along(value: number, band: Band, frame: Frame): number {
  const width = band.highLimit - band.lowLimit
  if (width <= 0) return (frame.left + frame.right) / 2
  const x = frame.left + ((value - band.lowLimit) / width) * (frame.right - frame.left)
  return Math.min(frame.right + BEYOND, Math.max(frame.left - BEYOND, x))
}

/** How far the value pulls the string out of true: hardly in the band, hard at a limit. */
export function lift(value: number, band: Band): number {
  const bandStatus = bandStatusOf(value, band)
  if (bandStatus === 'IN_BAND') return LIFT_IN_BAND
  if (bandStatus === 'OFF') return LIFT_LIMIT
  const slack = value < band.low ? band.low - band.lowLimit : band.highLimit - band.high
  const part = slack > 0 ? Math.abs(outBy(value, band)) / slack : 1
  return LIFT_TIGHT + (LIFT_LIMIT - 4 - LIFT_TIGHT) * part
}

/** The whole drawing for a value, or for a string nobody has touched. */
export function draw(
  band: Band,
  frame: Frame,
  value: number | null,
  spread: [number, number] | null = null,
): Drawing {
  const { left, right, baseline } = frame
  const stretch: [number, number] = [along(band.low, band, frame), along(band.high, band, frame)]
  const range: [number, number] | null = spread && [
    along(spread[0], band, frame),
    along(spread[1], band, frame),
  ]
  if (value === null) {
    return { path: `M${left} ${baseline}H${right}`, stretch, bead: null, spread: range }
  }
  const x = along(value, band, frame)
  const y = baseline - lift(value, band)
  const path =
    bandStatusOf(value, band) === 'OFF' ? broken(x, y, frame) : plucked(x, y, baseline, left, right)
  return { path, stretch, bead: { x, y }, spread: range }
}

/** From peg to value to peg, drawn as a plucked string: straight runs, a soft point. */
function plucked(x: number, y: number, base: number, left: number, right: number): string {
  const near = Math.max(left + 1, Math.min(right - 1, x))
  const a = near - (near - left) * 0.12
  const b = near + (right - near) * 0.12
  const ya = base + (y - base) * 0.88
  return `M${left} ${base}L${r(a)} ${r(ya)}Q${r(near)} ${r(y - 1)} ${r(b)} ${r(ya)}L${right} ${base}`
}

/** Two loose ends with a gap where the value has torn it. */
function broken(x: number, y: number, frame: Frame): string {
  const { left, right, baseline } = frame
  const high = x > (left + right) / 2
  const tear = high ? right - GAP * 2 : left + GAP * 2
  const long = high ? left : right
  const peg = high ? right : left
  const turn = high ? 1 : -1
  return (
    `M${long} ${baseline}L${r(tear - turn * GAP)} ${baseline}` +
    `q${turn * GAP} 0 ${turn * GAP * 1.3} ${r((y - baseline) * 0.45)}` +
    `M${peg} ${baseline}q${-turn * GAP * 0.4} 1 ${-turn * GAP * 0.6} ${r((baseline - y) * 0.5)}`
  )
}

function r(n: number): number {
  return Math.round(n * 10) / 10
}

/** The state in words, never left to colour alone. */
export function bandStatusWords(bandStatus: BandStatus): string {
  return { IN_BAND: t('in band'), TIGHT: t('near the limit'), OFF: t('out of range') }[bandStatus]
}
