<script setup lang="ts">
// Temperature over time with the window, and beside it what is in the bowl. Drawn to be saved too.
import { LineChart } from 'echarts/charts'
import {
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer, SVGRenderer } from 'echarts/renderers'
import { computed, ref } from 'vue'
import VChart from 'vue-echarts'
import { useTheme } from 'vuetify'
import { curveOption, type CurveDrawing, type Ink } from '@/parts/curve'
import { useHouse } from '@/parts/house'

use([
  LineChart,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
  CanvasRenderer,
  SVGRenderer,
])

const props = defineProps<{ drawing: CurveDrawing; spoken: string; svg?: boolean }>()
const { taste } = useHouse()
const theme = useTheme()
const chart = ref<InstanceType<typeof VChart> | null>(null)

const ink = computed<Ink>(() => {
  const colors = theme.current.value.colors
  const dark = theme.current.value.dark
  return {
    ink: String(colors['on-background']),
    quiet: dark ? '#a9b4b1' : '#56625f',
    line: dark ? '#3b4649' : '#cfd4ce',
    good: String(colors.success),
    off: String(colors.error),
    tight: String(colors.warning),
    simulated: String(colors.info),
  }
})
const option = computed(() => curveOption(props.drawing, taste.value, ink.value, 14))

/** Address of the picture as it stands. */
function picture(type: 'png' | 'svg'): string {
  return (
    chart.value?.getDataURL({
      type,
      pixelRatio: 2,
      backgroundColor: String(theme.current.value.colors.background),
    }) ?? ''
  )
}
defineExpose({ picture })
</script>

<template>
  <figure class="trace" role="img" :aria-label="spoken">
    <v-chart
      ref="chart"
      :option="option"
      :init-options="{ renderer: svg ? 'svg' : 'canvas' }"
      :update-options="{ notMerge: true }"
      autoresize
    />
  </figure>
</template>

<style scoped>
.trace {
  width: 100%;
  height: 100%;
  min-height: 260px;
}
</style>
