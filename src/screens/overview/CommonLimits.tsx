import { say } from '@/core/languages/spoken';
import { GROUP_WORDS } from '@/core/body/words';
import type { CommonLimit } from '@/core/overview/studio-overview';
import { Chart, chartText } from '../charts/Chart';

interface Input {
  names: string[];
  left: number[];
  both: number[];
  right: number[];
}

/** Height of a bar with the room round it, and of the axis below, pixels. */
const BAR = 30;
const AXIS = 44;

/** How many students each group limits, left, both sides and right. */
export function CommonLimits({ limits }: { limits: readonly CommonLimit[] }) {
  // The chart library counts from below.
  const list = [...limits].reverse();
  const input: Input = {
    names: list.map((l) => say(GROUP_WORDS[l.group].name)),
    left: list.map((l) => l.left),
    both: list.map((l) => l.both),
    right: list.map((l) => l.right),
  };
  const told = limits.map((l) => `${say(GROUP_WORDS[l.group].name)}: ${l.who.join(', ')}`).join('; ');
  return (
    <Chart
      label={say('Students limited, by muscle group. {{told}}.', { told })}
      height={limits.length * BAR + AXIS}
      input={input}
      optionOf={optionOf}
    />
  );
}

function optionOf({ names, left, both, right }: Input, style: CSSStyleDeclaration) {
  const colour = (name: string): string => style.getPropertyValue(name).trim();
  const text = chartText(style);
  const bar = (name: string, data: number[], fill: string) => ({
    name,
    type: 'bar',
    stack: 'all',
    barWidth: 16,
    data: data.map((v) => (v === 0 ? null : v)),
    itemStyle: { color: colour(fill), borderColor: colour('--act'), borderWidth: 1 },
    label: { show: true, position: 'inside', formatter: name === 'both sides' ? '◁▷' : name === 'left' ? '◁' : '▷' },
  });
  return {
    animation: false,
    grid: { left: 8, right: 24, top: 4, bottom: 24, containLabel: true },
    xAxis: { type: 'value', minInterval: 1, axisLabel: text, splitLine: { lineStyle: { color: colour('--line') } } },
    yAxis: { type: 'category', data: names, axisLabel: { ...text, fontSize: 14 }, axisTick: { show: false } },
    series: [
      bar('left', left, '--act-pale'),
      bar(say('both sides'), both, '--contour'),
      bar('right', right, '--act-pale'),
    ],
  };
}
