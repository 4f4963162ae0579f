'use client';
import Box from '@mui/material/Box';
import type { EChartsCoreOption } from 'echarts/core';
import { useEffect, useRef } from 'react';

/**
 * A chart of the chart library, drawn anew when its input, its size or the light changes. `optionOf` must not close
 * over anything.
 */
export function Chart<T>({
  label,
  height,
  input,
  optionOf,
}: {
  /** What it shows, for those who do not see it. */
  label: string;
  height: number;
  /** Plain data; compared by its text. */
  input: T;
  /** The library's options; colours come from the page's variables. */
  optionOf: (input: T, style: CSSStyleDeclaration) => EChartsCoreOption;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const wanted = JSON.stringify(input);
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    let stop = () => {};
    let gone = false;
    void import('./echarts').then(({ init }) => {
      if (gone) return;
      const chart = init(element, undefined, { renderer: 'svg' });
      const draw = () => chart.setOption(optionOf(JSON.parse(wanted) as T, getComputedStyle(element)), true);
      draw();
      const resized = new ResizeObserver(() => chart.resize());
      resized.observe(element);
      // Day and night change the colours behind the variables.
      const scheme = new MutationObserver(draw);
      scheme.observe(document.documentElement, { attributeFilter: ['data-mui-color-scheme'] });
      stop = () => {
        resized.disconnect();
        scheme.disconnect();
        chart.dispose();
      };
    });
    return () => {
      gone = true;
      stop();
    };
  }, [wanted, optionOf]);
  // What is drawn never holds the page wide when the window is made narrower.
  return (
    <Box sx={{ position: 'relative', width: '100%', height, overflow: 'hidden' }}>
      <Box ref={frame} role="img" aria-label={label} sx={{ position: 'absolute', inset: 0 }} />
    </Box>
  );
}

/** Letters of every chart. */
export const chartText = (style: CSSStyleDeclaration) => ({
  color: style.getPropertyValue('--ink-2').trim(),
  fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif',
  fontSize: 12,
});
