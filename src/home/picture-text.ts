import svgpath from 'svgpath';
import type { Build } from '@/core/body';
import type { HomePicture } from '@/core/home/home-file';
import { readoutOf, testById } from '@/core/assessment/battery';
import { testPosture } from '@/core/assessment/drawn';
import { lookOf, LOOKS, type Look } from '@/figure/palette';
import { poseScene } from '@/figure/pose-scene';
import { UNIT } from '@/figure/projection';
import type { Drawing, Scene } from '@/figure/scene';
import { propsOf, viewOf } from '@/figure/test-scene';

/** Drawings as short SVG texts in millimetres; their colours are the page's, so that they turn with day and night. */

/** Millimetres of one unit of a drawing. */
const MM = UNIT * 1000;

const rule = (look: Look): string =>
  [
    `fill:${look.fill ? `var(--${look.fill})` : 'none'}`,
    ...(look.stroke ? [`stroke:var(--${look.stroke})`] : []),
    ...(look.pixels
      ? [`stroke-width:${look.pixels}px`, 'vector-effect:non-scaling-stroke']
      : look.width
        ? [`stroke-width:${round(look.width * 1000)}`]
        : []),
    ...(look.round ? ['stroke-linecap:round', 'stroke-linejoin:round'] : []),
    ...(look.opacity !== undefined ? [`opacity:${look.opacity}`] : []),
  ].join(';');
const round = (v: number): number => Math.round(v * 100) / 100;

/** What the drawings look like, once for all of them. */
export const pictureStyle = (): string =>
  Object.entries(LOOKS)
    .map(([role, look]) => `.f-${role}{${rule(look)}}`)
    .join('');

/** A drawing as SVG text. */
export function pictureText({ paints, box }: Pick<Drawing, 'paints' | 'box'>): string {
  const paths = paints.map((p) => {
    const d = svgpath(p.path).scale(MM).rel().round(0).toString();
    const own = p.width === undefined ? '' : ` style="stroke-width:${round((lookOf(p).width ?? 0) * 1000)}"`;
    return `<path class="f-${p.role}"${own} d="${d}"/>`;
  });
  const frame = [box.x, box.y, box.width, box.height].map((v) => Math.round(v * 1000)).join(' ');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${frame}" aria-hidden="true">${paths.join('')}</svg>`;
}

/** What a picture shows, in skin and cloth; null for a pose or test that is not here. */
export function sceneOf(picture: HomePicture, build: Build): Scene | null {
  if ('pose' in picture) return poseScene(picture.pose, picture.rung, picture.side, picture.depth, build);
  const test = testById(picture.test),
    readout = readoutOf(picture.test, picture.readout);
  if (!test || !readout) return null;
  return {
    posture: testPosture(test, readout, picture.side, picture.value, {}),
    build,
    props: propsOf(test),
    view: viewOf(test, readout, picture.side),
  };
}
