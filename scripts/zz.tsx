import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { postureFrom } from '../src/core/body';
import { anglesAt, LIBRARY, reachFor } from '../src/core/poses';
import { sceneProps } from '../src/figure/scene-props';
import { Figure } from '../src/figure/Figure';
const [, , out, ids, depthText] = process.argv;
const pick = ids === 'all' ? null : ids.split(',');
const depths = (depthText ?? '1').split(',').map(Number);
const css = `:root{--paper:#F4F7F6;--surface:#fff;--ink:#14303B;--ink-2:#3F5A64;--line:#C9D6D8;--contour:#8FA5AA;--act:#0B5C74;--flesh:#f4efe6;--prop:#dfe6e4;}
body{margin:0;font:11px sans-serif;display:flex;flex-wrap:wrap;background:#fff;width:1280px}div.c{width:158px;height:133px;border:1px solid #ddd;box-sizing:border-box}div.c svg{height:108px!important}`;
const cells = LIBRARY.filter((s) => !pick || pick.includes(s.id)).flatMap((shape) =>
  shape.rungs.flatMap((rung, i) =>
    depths.map((d) => {
      const yaw = shape.yaw ?? 12;
      const svg = renderToStaticMarkup(
        createElement(Figure, {
          posture: postureFrom(anglesAt(rung, 'right', d)),
          reach: reachFor(rung, 'right'),
          props: sceneProps(rung, 'right'),
          view: { yaw, pitch: shape.pitch ?? 12 },
          label: 'x',
          height: 108,
          coarse: true,
        } as never),
      );
      return `<div class=c>${svg}${shape.id} ${i + 1} ${d === 1 ? '' : d}</div>`;
    }),
  ),
);
const per = 48;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
for (let k = 0; k * per < cells.length; k++) {
  const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
  await p.setContent(`<style>${css}</style>${cells.slice(k * per, (k + 1) * per).join('')}`);
  await p.screenshot({ path: `${out}-${k}.png` });
}
await b.close();
