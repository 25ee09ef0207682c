import { inField, written } from '@/words/locale'
import { t } from '@/words'
import type { EChartsCoreOption } from 'echarts/core'
import { rowsOf, together } from '@/parts/labels'
import type { Taste } from '@/parts/units'
import { clock, number, symbol, toTaste } from '@/parts/units'

/** One line of temperatures over time. */
export interface CurveLine {
  name: string
  timeS: number[]
  celsius: number[]
  /** Drawn thin and broken, beside the one that matters. */
  beside?: boolean
}

/** Crystals along a curve, per cent of the fat. */
export interface CurveLane {
  timeS: number[]
  stable: number[]
  stableLow?: number[]
  stableHigh?: number[]
  unstable: number[]
}

export interface CurveDrawing {
  lines: CurveLine[]
  lane?: CurveLane | null
  /** The working window, °C. */
  window?: { low: number; high: number } | null
  phases?: { words: string; startS: number; endS: number }[]
  marks?: { words: string; timeS: number }[]
  /** Seconds of the end that are shown; everything where left out. */
  lastS?: number
  /** Every point is drawn as it comes: no thinning, no movement. */
  live?: boolean
}

/** Colours as the page has them at the moment. */
export interface Ink {
  ink: string
  quiet: string
  line: string
  good: string
  off: string
  tight: string
  simulated: string
}

/** Less than a hundredth of a per cent cannot be told from nothing. */
const FLOOR = 0.01
const FLOOR_LOG = Math.log10(FLOOR)
const TOP_PERCENT = 40

/** Place of a share on the lane, whose steps are powers of ten. */
export function lanePlace(percent: number): number {
  return Math.log10(Math.max(percent, FLOOR)) - FLOOR_LOG
}

function laneLabel(place: number): string {
  const percent = 10 ** (place + FLOOR_LOG)
  return percent < FLOOR * 1.01 ? '0' : inField(Number(percent.toPrecision(1)))
}

/** What the chart shows, for the drawing library. */
export function curveOption(
  drawing: CurveDrawing,
  taste: Taste,
  ink: Ink,
  fontPx: number,
): EChartsCoreOption {
  const shown = (c: number) => toTaste(c, 'CELSIUS', taste)
  const last = Math.max(0, ...drawing.lines.map((l) => l.timeS[l.timeS.length - 1] ?? 0))
  const min = drawing.lastS === undefined ? 0 : Math.max(0, last - drawing.lastS)
  const xAxis = (grid: number, labels: boolean) => ({
    type: 'value',
    gridIndex: grid,
    min,
    max: Math.max(min + 60, last),
    interval: tickS(Math.max(60, last - min)),
    axisLabel: {
      show: labels,
      color: ink.quiet,
      fontSize: fontPx,
      formatter: clock,
      hideOverlap: true,
    },
    axisLine: { lineStyle: { color: ink.line } },
    splitLine: { show: false },
  })
  const withLane = Boolean(drawing.lane)
  const span = Math.max(60, last - min)
  const rows = rowsOf(drawing.phases ?? [], span, fontPx)
  // Words of phases stand in rows above the drawing, which makes room for them.
  const top = 34 + Math.max(0, ...rows.map((row) => row ?? 0)) * (fontPx + 4)
  return {
    animation: false,
    // Single quotes: saved as SVG, the name stands inside an attribute.
    textStyle: { fontFamily: "'Source Sans 3', system-ui, sans-serif", color: ink.ink },
    grid: withLane
      ? [
          { left: 52, right: 96, top, bottom: '41%' },
          { left: 52, right: 96, top: '68%', bottom: 30 },
        ]
      : [{ left: 52, right: 96, top, bottom: 30 }],
    xAxis: withLane ? [xAxis(0, false), xAxis(1, true)] : [xAxis(0, true)],
    yAxis: [
      {
        type: 'value',
        scale: true,
        min: (at: { min: number }) =>
          Math.floor(Math.min(at.min, shown((drawing.window?.low ?? 1e9) - 1))),
        max: (at: { max: number }) =>
          Math.ceil(Math.max(at.max, shown((drawing.window?.high ?? -1e9) + 1))),
        gridIndex: 0,
        name: symbol('CELSIUS', taste),
        nameTextStyle: { color: ink.quiet, fontSize: fontPx, align: 'right' },
        axisLabel: { color: ink.quiet, fontSize: fontPx },
        splitLine: { lineStyle: { color: ink.line, opacity: 0.6 } },
      },
      ...(withLane
        ? [
            {
              type: 'value',
              gridIndex: 1,
              min: 0,
              max: lanePlace(TOP_PERCENT),
              interval: 1,
              name: t('crystals, % of the fat'),
              nameLocation: 'end',
              nameTextStyle: { color: ink.quiet, fontSize: fontPx, align: 'left' },
              axisLabel: { color: ink.quiet, fontSize: fontPx, formatter: laneLabel },
              splitLine: { lineStyle: { color: ink.line, opacity: 0.6 } },
            },
          ]
        : []),
    ],
    tooltip: {
      trigger: 'axis',
      axisPointer: { type: 'line', lineStyle: { color: ink.quiet } },
      formatter: (at: { seriesName: string; value: [number, number] }[]) =>
        at[0]
          ? `${clock(at[0].value[0])}<br>` +
            at
              .filter((p) => drawing.lines.some((l) => l.name === p.seriesName))
              .map((p) => `${p.seriesName}: ${written(p.value[1], 1)} ${symbol('CELSIUS', taste)}`)
              .join('<br>')
          : '',
    },
    series: [
      ...drawing.lines.map((line, i) =>
        lineSeries(line, i, drawing, shown, taste, ink, fontPx, rows, span),
      ),
      ...(drawing.lane ? laneSeries(drawing.lane, ink, fontPx) : []),
    ],
  }
}

/** Seconds between two labels: whole minutes a clock would have. */
export function tickS(spanS: number): number {
  const steps = [10, 30, 60, 120, 300, 600, 900, 1800, 3600, 7200]
  return steps.find((s) => spanS / s <= 9) ?? Math.ceil(spanS / 9 / 3600) * 3600
}

type Point = [number, number]

function all(line: CurveLine): Point[] {
  return line.timeS.map((t, i) => [t, line.celsius[i]!])
}

/** More points than this no screen can show side by side. */
const MOST_POINTS = 1200

/**
 * A long line with its highs and lows kept: of each short stretch the lowest and the highest point,
 * in their order. Drawing stays as quick however long a bowl is followed.
 */
export function thinned(line: CurveLine, lastS?: number): Point[] {
  const n = line.timeS.length
  const from = lastS === undefined ? 0 : firstAfter(line.timeS, line.timeS[n - 1]! - lastS)
  if (n - from <= MOST_POINTS) return all(line).slice(Math.max(0, from - 1))
  const stretch = Math.ceil((n - from) / (MOST_POINTS / 2))
  const kept: Point[] = []
  // Stretches begin at whole multiples, so that points do not dance while new ones come.
  for (let start = from - (from % stretch); start < n; start += stretch) {
    let low = start
    let high = start
    for (let i = start + 1; i < Math.min(n, start + stretch); i++) {
      if (line.celsius[i]! < line.celsius[low]!) low = i
      if (line.celsius[i]! > line.celsius[high]!) high = i
    }
    const ends = low === high ? [low] : low < high ? [low, high] : [high, low]
    ends.forEach((i) => kept.push([line.timeS[i]!, line.celsius[i]!]))
  }
  return kept
}

/** Place of the first time that is not before a moment; times rise. */
function firstAfter(timeS: number[], moment: number): number {
  let low = 0
  let high = timeS.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (timeS[middle]! < moment) low = middle + 1
    else high = middle
  }
  return low
}

function lineSeries(
  line: CurveLine,
  place: number,
  drawing: CurveDrawing,
  shown: (c: number) => number,
  taste: Taste,
  ink: Ink,
  fontPx: number,
  rows: (number | null)[],
  spanS: number,
) {
  const first = place === 0
  const { window } = drawing
  return {
    type: 'line',
    name: line.name,
    data: (drawing.live ? thinned(line, drawing.lastS) : all(line)).map(([t, c]) => [t, shown(c)]),
    showSymbol: false,
    clip: true,
    lineStyle: {
      color: line.beside ? ink.simulated : ink.ink,
      width: line.beside ? 1.8 : 2.6,
      type: line.beside ? [7, 4] : 'solid',
    },
    endLabel: {
      show: true,
      formatter: line.name,
      color: line.beside ? ink.simulated : ink.ink,
      fontSize: fontPx,
      width: 90,
      lineHeight: fontPx + 1,
      overflow: 'break',
    },
    markArea:
      first && window
        ? {
            silent: true,
            data: [
              [
                {
                  yAxis: shown(window.low),
                  itemStyle: { color: ink.good, opacity: 0.16 },
                  label: {
                    show: true,
                    position: 'insideTopLeft',
                    offset: [4, -20],
                    formatter: t('window {low} – {high}', {
                      low: number(window.low, 'CELSIUS', taste),
                      high: number(window.high, 'CELSIUS', taste),
                    }),
                    color: ink.good,
                    fontSize: fontPx,
                  },
                },
                { yAxis: shown(window.high) },
              ],
            ],
          }
        : undefined,
    markLine: first
      ? {
          silent: true,
          symbol: 'none',
          data: [
            ...(drawing.phases ?? []).map((phase, i) => ({
              xAxis: phase.startS,
              lineStyle: { color: ink.line, type: 'solid', width: i === 0 ? 0 : 1 },
              label: {
                show: rows[i] !== null,
                formatter: phase.words,
                color: ink.quiet,
                fontSize: fontPx,
                align: 'left',
                distance: 4 + (rows[i] ?? 0) * (fontPx + 4),
              },
            })),
            ...together(drawing.marks ?? [], spanS, fontPx).map((mark) => ({
              xAxis: mark.timeS,
              lineStyle: { color: ink.tight, type: [3, 4], width: 1.4 },
              label: {
                formatter: mark.words,
                color: ink.tight,
                fontSize: fontPx,
                position: 'insideStartTop',
              },
            })),
          ],
        }
      : undefined,
  }
}

/** Whether the ends of both lines lie far enough apart for a word each. */
function apart(lane: CurveLane): boolean {
  const end = lane.timeS.length - 1
  if (end < 0) return false
  return Math.abs(lanePlace(lane.stable[end]!) - lanePlace(lane.unstable[end]!)) > 0.6
}

function laneSeries(lane: CurveLane, ink: Ink, fontPx: number) {
  const at = (values: number[]) => lane.timeS.map((t, i) => [t, lanePlace(values[i]!)])
  const base = { type: 'line', xAxisIndex: 1, yAxisIndex: 1, showSymbol: false, silent: true }
  const margin =
    lane.stableLow && lane.stableHigh
      ? [
          {
            ...base,
            name: t('margin from'),
            stack: 'margin',
            data: at(lane.stableLow),
            lineStyle: { opacity: 0 },
          },
          {
            ...base,
            name: t('margin to'),
            stack: 'margin',
            data: lane.timeS.map((t, i) => [
              t,
              lanePlace(lane.stableHigh![i]!) - lanePlace(lane.stableLow![i]!),
            ]),
            lineStyle: { opacity: 0 },
            areaStyle: { color: ink.good, opacity: 0.22 },
          },
        ]
      : []
  const label = (words: string, color: string) => ({
    show: true,
    formatter: words,
    color,
    fontSize: fontPx,
    width: 90,
    overflow: 'break',
  })
  return [
    ...margin,
    {
      ...base,
      name: t('stable'),
      data: at(lane.stable),
      lineStyle: { color: ink.good, width: 2.6 },
      endLabel: label(t('stable'), ink.good),
      markLine: {
        silent: true,
        symbol: 'none',
        data: [
          {
            yAxis: lanePlace(0.3),
            lineStyle: { color: ink.good, type: [2, 4], width: 1 },
            label: { show: false },
          },
        ],
      },
    },
    {
      ...base,
      name: t('unstable'),
      data: at(lane.unstable),
      lineStyle: { color: ink.off, width: 2, type: [6, 4] },
      // While there is next to nothing of either their words would lie on each other.
      endLabel: { ...label(t('unstable'), ink.off), show: apart(lane) },
    },
  ]
}
