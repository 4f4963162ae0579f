'use client';
import { say } from '@/core/languages/spoken';
import { dayWords } from '@/core/day-words';
import { readoutOf } from '@/core/assessment/battery';
import type { ReadingChange } from '@/core/progress/change';
import { Chart, chartText } from '../charts/Chart';

interface Input {
  points: [string, number][];
  first: number;
  detectable: number;
  typical: [number, number] | null;
  practised: string[];
  /** Straight line through all days, from the first compared to the last. */
  trend: [[string, number], [string, number]] | null;
  unit: string;
}

const UNITS = { deg: '°', cm: ' cm', s: ' s', reps: '×', grade: '', Nm_kg: '' } as const;

/**
 * Readings of a kind over time: the band of measuring error about the first, what is typical, and practice days along
 * the bottom.
 */
export function ChangeChart({ change, practised }: { change: ReadingChange; practised: readonly string[] }) {
  'use memo';
  const readout = readoutOf(change.test, change.readout);
  if (!readout) return null;
  const { first, points, detectable, typical, trend } = change;
  const last = points[points.length - 1];
  const input: Input = {
    points: points.map((p) => [p.day, p.value]),
    first: first.value,
    detectable,
    typical: typical && [typical.mean - typical.sd, typical.mean + typical.sd],
    practised: practised.filter((d) => d >= points[0].day && d <= last.day),
    trend: trend && [
      [first.day, trend.ends[0]],
      [last.day, trend.ends[1]],
    ],
    unit: UNITS[readout.unit],
  };
  const told = points.map((p) => `${dayWords(p.day)}: ${p.value.toFixed(0)}${input.unit}`).join(', ');
  return (
    <Chart
      label={say('{{name}} over time. {{told}}.', { name: say(readout.name), told })}
      height={150}
      input={input}
      optionOf={optionOf}
    />
  );
}

function optionOf({ points, first, detectable, typical, practised, trend, unit }: Input, style: CSSStyleDeclaration) {
  const colour = (name: string): string => style.getPropertyValue(name).trim();
  const text = chartText(style);
  const values = [...points.map(([, v]) => v), first - detectable, first + detectable, ...(typical ?? [])];
  const low = Math.floor(Math.min(...values) / 10) * 10,
    high = Math.ceil(Math.max(...values) / 10) * 10;
  const band = (
    [from, to]: readonly [number, number],
    word: string,
    { fill, opacity, at }: { fill: string; opacity: number; at: string },
  ) => [
    { name: word, yAxis: from, itemStyle: { color: colour(fill), opacity }, label: { ...text, position: at } },
    { yAxis: to },
  ];
  return {
    animation: false,
    grid: { left: 44, right: 16, top: 10, bottom: 26 },
    xAxis: {
      type: 'time',
      axisLabel: { ...text, hideOverlap: true, formatter: '{d} {MMM}' },
      axisLine: { lineStyle: { color: colour('--contour') } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: low,
      max: high,
      axisLabel: { ...text, formatter: `{value}${unit}` },
      splitLine: { lineStyle: { color: colour('--line') } },
    },
    series: [
      {
        type: 'line',
        data: points,
        symbol: 'circle',
        symbolSize: 9,
        itemStyle: { color: colour('--surface'), borderColor: colour('--ink'), borderWidth: 2 },
        lineStyle: { color: colour('--ink'), width: 1.5 },
        markArea: {
          silent: true,
          data: [
            ...(typical ? [band(typical, 'typical', { fill: '--sea-1', opacity: 0.45, at: 'insideBottomRight' })] : []),
            band([first - detectable, first + detectable], say('error of measuring'), {
              fill: '--land-1',
              opacity: 0.5,
              at: 'insideTopLeft',
            }),
          ],
        },
      },
      ...(trend
        ? [
            {
              type: 'line',
              data: trend,
              symbol: 'none',
              lineStyle: { color: colour('--ink-2'), width: 1.25, type: 'dashed' },
              silent: true,
            },
          ]
        : []),
      {
        type: 'scatter',
        data: practised.map((d) => [d, low]),
        symbol: 'rect',
        symbolSize: [2, 12],
        symbolOffset: [0, -6],
        itemStyle: { color: colour('--act') },
        silent: true,
      },
    ],
  };
}
