import { describe, expect, it } from 'vitest';
import { skeletonOf, type Side, type Vec3 } from '@/core/body';
import { BATTERY } from '@/core/assessment/battery';
import { normOf } from '@/core/assessment/definition';
import { testPosture } from '@/core/assessment/drawn';
import { photoAngle, type Placement, type PicturePoint } from './photo';
import { photoGuide } from './photo-marks';

/** Where a point lies on a picture of 1000 pixels a metre, taken from afar. */
function onPicture([x, y, z]: Vec3, { yaw, pitch }: { yaw: number; pitch: number }): PicturePoint {
  const a = (yaw * Math.PI) / 180,
    b = (pitch * Math.PI) / 180;
  const u = x * Math.cos(a) + z * Math.sin(a);
  const w = -x * Math.sin(a) + z * Math.cos(a);
  return { x: 1000 * u, y: -1000 * (y * Math.cos(b) - w * Math.sin(b)) };
}

const cases = BATTERY.flatMap((t) =>
  t.readouts.flatMap((r) => (photoGuide(t, r, 'left') ? [[`${t.id} ${r.id}`, t, r] as const] : [])),
);

it('is offered for the angles that a picture shows', () => {
  const names = cases.map(([name]) => name);
  for (const wanted of [
    'straight-leg-raise hip-flexion',
    'modified-thomas hip-extension',
    'prone-knee-bend knee-flexion',
    'straddle angle-between-thighs',
    'knee-to-wall shin-angle',
  ])
    expect(names).toContain(wanted);
  expect(names).not.toContain('knee-to-opposite-shoulder hip-adduction');
  expect(names.length).toBeGreaterThan(14);
});

describe.each(cases)('%s', (_name, test, readout) => {
  it.each(['left', 'right'] as const)(
    'read from a picture of the drawn %s side gives the value that was drawn',
    (side: Side) => {
      const guide = photoGuide(test, readout, side);
      if (!guide) throw new Error('no guide');
      const norm = normOf(readout, undefined)?.mean ?? 30;
      for (const value of [norm, norm + 8]) {
        const { points } = skeletonOf(testPosture(test, readout, side, value, {}));
        const at = (id: string) => {
          const mark = guide.marks.find((m) => m.id === id);
          return mark ? onPicture(points[mark.point], guide.camera) : null;
        };
        const vertex = at('vertex'),
          far = at('far');
        if (!vertex || !far) throw new Error('no mark');
        const level = guide.linePoints
          ? ([
              onPicture(points[guide.linePoints[0]], guide.camera),
              onPicture(points[guide.linePoints[1]], guide.camera),
            ] as const)
          : null;
        const placement: Placement = { vertex, far, near: at('near'), level };
        const toward = guide.pastUpright ? (guide.camera.yaw === 180 ? -1 : 1) : undefined;
        const told = photoAngle([placement], guide.zero, 2, toward);
        // Pelvis, drift and crossing shift what the eye sees by a few degrees; the sign and the size must be right.
        expect(Math.abs(guide.reading(told?.angle ?? Infinity) - value)).toBeLessThan(9);
      }
    },
  );
});
