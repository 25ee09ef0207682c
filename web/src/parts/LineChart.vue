<script setup lang="ts">
// A few plain lines with their names at their ends, a band and marks; no legend.
import { inField } from '@/words/locale'
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { LabelLayout } from 'echarts/features'
import { CanvasRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { useTheme } from 'vuetify'

use([LineChart, GridComponent, MarkAreaComponent, MarkLineComponent, LabelLayout, CanvasRenderer])

export interface PlainLine {
  name: string
  points: [number, number][]
  dashed?: boolean
  strong?: boolean
  /** Single readings: points without a line. */
  dots?: boolean
}
const props = defineProps<{
  lines: PlainLine[]
  xName: string
  yName: string
  band?: { from: number; to: number; name: string }
  marks?: { x: number; name: string }[]
  yMin?: number
  yMax?: number
  spoken: string
}>()
const theme = useTheme()

const option = computed(() => {
  const colors = theme.current.value.colors
  const ink = String(colors['on-background'])
  const quiet = theme.current.value.dark ? '#a9b4b1' : '#56625f'
  const grid = theme.current.value.dark ? '#3b4649' : '#cfd4ce'
  const font = "'Source Sans 3', sans-serif"
  const axis = {
    type: 'value' as const,
    axisLabel: {
      color: quiet,
      fontFamily: font,
      fontSize: 14,
      formatter: (at: number) => inField(at),
    },
    nameTextStyle: { color: quiet, fontFamily: font, fontSize: 14 },
    splitLine: { lineStyle: { color: grid } },
    scale: props.yMin === undefined,
  }
  return {
    animation: false,
    grid: { left: 56, right: 130, top: 30, bottom: 46 },
    xAxis: {
      ...axis,
      name: props.xName,
      nameLocation: 'middle' as const,
      nameGap: 30,
      splitLine: { show: false },
      max: Math.max(
        ...props.lines.filter((l) => !l.dots).map((l) => l.points[l.points.length - 1]?.[0] ?? 0),
      ),
    },
    yAxis: { ...axis, name: props.yName, min: props.yMin, max: props.yMax },
    series: props.lines.map((line, i) => ({
      type: 'line' as const,
      data: line.points,
      showSymbol: Boolean(line.dots),
      symbol: 'emptyCircle' as const,
      symbolSize: 11,
      itemStyle: line.dots ? { color: ink, borderWidth: 2.5 } : undefined,
      // Lines that end together keep their names apart.
      labelLayout: { moveOverlap: 'shiftY' as const },
      lineStyle: {
        color: line.strong ? String(colors.primary) : ink,
        width: line.dots ? 0 : line.strong ? 3.5 : 2,
        type: line.dashed ? ('dashed' as const) : ('solid' as const),
      },
      endLabel: {
        show: true,
        formatter: line.name,
        color: line.strong ? String(colors.primary) : ink,
        fontFamily: font,
        fontSize: 14,
        lineHeight: 17,
        width: 120,
        overflow: 'break' as const,
      },
      markArea:
        i === 0 && props.band
          ? {
              silent: true,
              itemStyle: { color: String(colors.warning), opacity: 0.13 },
              label: { color: quiet, fontFamily: font, fontSize: 14, position: 'insideTopLeft' },
              data: [[{ yAxis: props.band.from, name: props.band.name }, { yAxis: props.band.to }]],
            }
          : undefined,
      markLine:
        i === 0 && props.marks?.length
          ? {
              silent: true,
              symbol: 'none',
              lineStyle: { color: quiet, type: 'dotted' as const },
              label: {
                color: quiet,
                fontFamily: font,
                fontSize: 14,
                formatter: (p: { name: string }) => p.name,
              },
              data: props.marks.map((m) => ({ xAxis: m.x, name: m.name })),
            }
          : undefined,
    })),
  }
})
</script>

<template>
  <figure class="chart" role="img" :aria-label="spoken">
    <VChart :option="option" autoresize />
  </figure>
</template>

<style scoped>
.chart {
  height: 340px;
  margin: 0;
}
</style>
