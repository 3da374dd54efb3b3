<script setup lang="ts">
import { BarChart, LineChart, ScatterChart } from 'echarts/charts';
import { AriaComponent, GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components';
import { use, type EChartsCoreOption } from 'echarts/core';
import { LabelLayout } from 'echarts/features';
import { SVGRenderer } from 'echarts/renderers';
import { computed } from 'vue';
import VChart from 'vue-echarts';
import { useInks, type Inks } from './inks.ts';

/** A chart in the colors of the page. Its numbers stand beside it in a table: to a screen reader it says what it shows in a sentence. */
const props = defineProps<{
  build: (inks: Inks) => EChartsCoreOption;
  label: string;
  /** Rows of text high: 15 unless it is given. */
  height?: number;
}>();

use([
  BarChart,
  LineChart,
  ScatterChart,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  AriaComponent,
  LabelLayout,
  SVGRenderer,
]);

const inks = useInks();
const option = computed(() => ({ animation: false, aria: { enabled: false }, ...props.build(inks.value) }));
const high = computed(() => ({ height: `${props.height ?? 15}rem` }));
</script>

<template>
  <div role="img" :aria-label="label" class="chart" :style="high" data-chart>
    <VChart
      :option="option"
      :init-options="{ renderer: 'svg' }"
      :update-options="{ notMerge: true }"
      autoresize
    />
  </div>
</template>

<style scoped>
/* Until it is drawn anew after a change of width, it must not push the page aside. */
.chart {
  overflow: hidden;
  width: 100%;
  break-inside: avoid;
}
</style>
