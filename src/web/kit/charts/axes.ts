import type { Inks } from './inks.ts';

/** The frame all charts have in common: room for the axes, and the letters of the page. */
export const frame = ({ soft, face }: Inks) => ({
  textStyle: { fontFamily: face, color: soft, fontSize: 12 },
  grid: { left: 8, right: 16, top: 28, bottom: 8, containLabel: true },
});

/** An axis of values with round numbers and hairlines. `name` stands over it. */
export const valueAxis = (inks: Inks, name: string, number: (value: number) => string) => ({
  type: 'value' as const,
  name,
  nameTextStyle: { color: inks.soft, align: 'left' as const, padding: [0, 0, 0, -8] },
  axisLabel: { color: inks.soft, formatter: number },
  splitLine: { lineStyle: { color: inks.rule } },
});

/** An axis of names. */
export const nameAxis = (inks: Inks, names: readonly string[]) => ({
  type: 'category' as const,
  data: [...names],
  axisLine: { lineStyle: { color: inks.soft } },
  axisTick: { show: false },
  axisLabel: { color: inks.soft, hideOverlap: true },
});
