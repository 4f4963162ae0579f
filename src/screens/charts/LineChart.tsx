'use client';
import { Chart, chartText } from './Chart';
import { labelShifts, scaleOf, ticksOf, type ChartSeries } from './chart-scale';

export type { ChartSeries };

/** Room above and below the curves for the axis' name and the angles, pixels. */
const TOP = 24;
const BOTTOM = 34;

/** A line chart on paper tone: labels stand at the lines' ends, a hairline shows where the figure is now. */
export function LineChart({
  label,
  height,
  series,
  x,
  y,
  now,
  bands = [],
}: {
  label: string;
  height: number;
  series: readonly ChartSeries[];
  x: { name: string; min: number; max: number };
  y: { name: string };
  now: number;
  /** Stretches of x that are shaded, with their word. */
  bands?: readonly { from: number; to: number; word: string }[];
}) {
  const wanted = { series: [...series], x, y, now, bands: [...bands], height };
  return <Chart label={label} height={height} input={wanted} optionOf={optionOf} />;
}

interface ChartInput {
  series: ChartSeries[];
  x: { name: string; min: number; max: number };
  y: { name: string };
  now: number;
  bands: { from: number; to: number; word: string }[];
  height: number;
}

/** Options of the chart library for what is to be shown; colours come from the page's variables. */
function optionOf({ series, x, y, now, bands, height }: ChartInput, style: CSSStyleDeclaration) {
  const colour = (name: string): string => style.getPropertyValue(name).trim();
  const text = chartText(style);
  const hairline = { lineStyle: { color: colour('--line'), width: 1 } };
  const scale = scaleOf(series);
  const shifts = labelShifts(series, (height - TOP - BOTTOM) / Math.max(1e-9, scale.max - scale.min));
  const ticks = ticksOf(x.min, x.max);
  return {
    animation: false,
    grid: { left: 34, right: 112, top: TOP, bottom: BOTTOM },
    xAxis: {
      type: 'value',
      min: x.min,
      max: x.max,
      name: x.name,
      nameLocation: 'middle',
      nameGap: 20,
      nameTextStyle: text,
      axisLabel: { ...text, formatter: '{value}°', customValues: ticks },
      axisLine: { onZero: true, lineStyle: { color: colour('--contour') } },
      axisTick: { show: true, customValues: ticks, lineStyle: { color: colour('--contour') } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      name: y.name,
      nameTextStyle: { ...text, align: 'left', padding: [0, 0, 0, -28] },
      axisLabel: text,
      splitLine: hairline,
      min: scale.min,
      max: scale.max,
      interval: scale.step,
    },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: number) => value.toFixed(1),
      axisPointer: { label: { show: false } },
    },
    series: series.map((s, i) => ({
      type: 'line',
      name: s.name,
      data: s.points,
      showSymbol: false,
      lineStyle: { color: colour(s.colour), width: 2, type: s.dashed ? 'dashed' : 'solid' },
      itemStyle: { color: colour(s.colour) },
      endLabel: { show: true, formatter: '{a}', ...text, color: colour('--ink'), offset: [0, shifts[i]] },
      markLine:
        i === 0
          ? {
              symbol: 'none',
              silent: true,
              label: { show: false },
              lineStyle: { color: colour('--act'), type: 'solid', width: 1.5 },
              data: [{ xAxis: now }],
            }
          : undefined,
      markArea:
        i === 0
          ? {
              silent: true,
              itemStyle: { color: colour('--line'), opacity: 0.45 },
              label: { ...text, position: 'insideBottom' },
              data: bands.map((b) => [{ name: b.word, xAxis: b.from }, { xAxis: b.to }]),
            }
          : undefined,
      markPoint: {
        symbol: 'circle',
        symbolSize: 9,
        itemStyle: { color: colour('--surface'), borderColor: colour('--ink'), borderWidth: 1.5 },
        label: { ...text, position: 'top', distance: 4, color: colour('--ink') },
        data: (s.marks ?? []).map((m) => ({ coord: m.at, value: m.word })),
      },
    })),
  };
}
