<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { LineChart, ScatterChart } from 'echarts/charts';
import { AriaComponent, GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components';
import { init, use, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue';
import { chartOption, type ChartInput } from './chartOption.ts';

/** Readings over time against their band, drawn in the colours of the book. The same stands beside it as a table. */
const props = defineProps<{ chart: ChartInput; label: string }>();

use([
  LineChart,
  ScatterChart,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  AriaComponent,
  SVGRenderer,
]);

const paper = useTemplateRef<HTMLElement>('paper');
const { width } = useElementSize(paper);
let drawn: EChartsType | null = null;

/** The book's own ink, whatever the theme. */
function inks() {
  const style = getComputedStyle(document.documentElement);
  const ink = (name: string): string => style.getPropertyValue(name).trim();
  return {
    ink: ink('--ink'),
    soft: ink('--soft'),
    rule: ink('--rule'),
    brine: ink('--brine'),
    rust: ink('--rust'),
  };
}

const draw = (): void => {
  drawn?.setOption(chartOption(props.chart, inks()), { notMerge: true });
};
onMounted(() => {
  if (!paper.value) return;
  drawn = init(paper.value, null, { renderer: 'svg' });
  draw();
});
onBeforeUnmount(() => drawn?.dispose());
watch(() => props.chart, draw);
watch(width, () => drawn?.resize());
</script>

<template>
  <div ref="paper" class="chart" role="img" :aria-label="label"></div>
</template>

<style scoped>
.chart {
  width: 100%;
  height: 15rem;
}
</style>
