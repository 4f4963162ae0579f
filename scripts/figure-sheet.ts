/**
 * A contact sheet of figures as one picture: `npx tsx --tsconfig tsconfig.json scripts/figure-sheet.ts OUT.png COLUMNS
 * DETAIL WHAT…`, where WHAT is `pose/rung[@depth][:yaw,pitch][+muscle,…]` or `standing:yaw,pitch`. For the eye, not for
 * tests.
 */
import { chromium } from '@playwright/test';
import { buildOf, postureFrom, LINE_STRUCTURES, SIDES } from '@/core/body';
import { draw, type Detail, type Drawing, type Scene } from '@/figure/draw';
import { poseScene } from '@/figure/pose-scene';
import { lookOf } from '@/figure/palette';
import { n, UNIT } from '@/figure/projection';
import { DAY } from '@/figure/day';

const [out, columns, detail, ...wanted] = process.argv.slice(2);
const SIZE = Number(process.env.CELL ?? 300);

const STANDING = postureFrom(
  Object.fromEntries(
    SIDES.flatMap((s) => [
      [`shoulder_flexion_${s}`, 4],
      [`shoulder_adduction_${s}`, -11],
      [`hip_adduction_${s}`, -5],
      [`elbow_flexion_${s}`, 12],
    ]),
  ),
);

function sceneOf(what: string): Scene {
  const [, id, rung, depth, view, muscles, build] =
    /^([\w-]+)(?:\/(\d+))?(?:@([\d.]+))?(?::([-\d.]+,[-\d.]+))?(?:\+([\w,-]+))?(?:#([\d,]+))?$/.exec(what) ?? [];
  if (!id) throw new Error(`"${what}" is not understood.`);
  const seen = view?.split(',').map(Number);
  const scene =
    id === 'standing'
      ? { posture: STANDING, view: { yaw: 0, pitch: 4 } }
      : poseScene(id, Number(rung ?? 1), 'right', Number(depth ?? 1));
  if (!scene) throw new Error(`No pose is called "${id}".`);
  const names = muscles === 'all' ? LINE_STRUCTURES : (muscles?.split(',') ?? []);
  const [height_cm, mass_kg, pregnant] = build?.split(',').map(Number) ?? [];
  return {
    ...scene,
    view: seen ? { yaw: seen[0], pitch: seen[1] } : scene.view,
    tints: names.map((structure, i) => ({
      structure,
      side: 'right' as const,
      fill: ['#7dbfc4', '#34899b', '#ddb863', '#bfe0df'][i % 4],
    })),
    ...(height_cm && { build: { ...buildOf({ height_cm, mass_kg }), pregnant } }),
  };
}

/** A drawing as the text of a picture, by day. */
function svgOf({ box, paints }: Drawing): string {
  const paths = paints.map((p) => {
    const { fill, stroke, width, opacity = 1, dash } = lookOf(p);
    const line = stroke && width ? ` stroke="${DAY[stroke]}" stroke-width="${n(width)}" stroke-linejoin="round"` : '';
    const dashes = dash ? ` stroke-dasharray="${dash.map(n).join(' ')}"` : '';
    return `<path d="${p.path}" fill="${p.fill ?? (fill ? DAY[fill] : 'none')}" opacity="${opacity}"${line}${dashes}/>`;
  });
  const { x, y, width, height } = box;
  return `<svg viewBox="${x} ${y} ${width} ${height}"><g transform="scale(${UNIT})">${paths.join('')}</g></svg>`;
}

const cells = wanted.map((what) => {
  const start = performance.now();
  const drawing = draw(sceneOf(what), detail as Detail);
  const text = svgOf(drawing);
  const note = `${what} ${(text.length / 1000).toFixed(0)} kB ${(performance.now() - start).toFixed(0)} ms`;
  return `<div class="c">${text}<p>${note}</p></div>`;
});
const html = `<style>body{margin:0;font:11px sans-serif;background:#fff}.g{display:grid;grid-template-columns:repeat(${columns},${SIZE}px)}
.c{text-align:center}.c svg{width:${SIZE}px;height:${SIZE}px}p{margin:0 0 4px}</style><div class="g">${cells.join('')}</div>`;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: Number(columns) * SIZE, height: 600 } });
await page.setContent(html);
await page.screenshot({ path: out, fullPage: true });
await browser.close();
