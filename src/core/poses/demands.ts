import { coordinateIndex, DEG, floorOf, SIDES, skeletonOf } from '@/core/body';
import type { Demand } from '@/core/cautions/catalogue';
import { postureAt, reachFor, type Rung, type Shape } from './format';

/** Angles from which a shape counts as asking for something that a caution may forbid, degrees. Ours, on the careful side. */
const FROM = {
  deepFlexion: 100,
  crossing: 12,
  compression: 16,
  extension: -8,
  hamstring: 72,
  rounding: 25,
  arching: -12,
  kneeBent: 120,
  kneeTwistKnee: 60,
  kneeTwistHip: -45,
  wide: -35,
} as const;

const cache = new WeakMap<Rung, readonly Demand[]>();

/** What a rung asks of the body that cautions speak about, read from its own angles at entry and full depth. */
export function demandsOf(shape: Pick<Shape, 'position'>, rung: Rung): readonly Demand[] {
  const known = cache.get(rung);
  if (known) return known;
  const out = new Set<Demand>();
  if (shape.position === 'on the front') out.add('lying-on-front');
  if (shape.position === 'on the back') out.add('lying-on-back');
  if (shape.position !== 'on the back' && rung.contacts.some((c) => c.point.startsWith('knee') && c.on !== 'limb'))
    out.add('kneeling');
  if (rung.kind === 'strength' && rung.level >= 2) out.add('strong-hold');
  for (const depth of [0, 0.5, 1]) {
    const q = postureAt(rung, 'right', depth);
    const deg = (id: string) => q[coordinateIndex(id)] / DEG;
    for (const side of SIDES) {
      const flexion = deg(`hip_flexion_${side}`),
        adduction = deg(`hip_adduction_${side}`),
        rotation = deg(`hip_rotation_${side}`),
        knee = deg(`knee_flexion_${side}`);
      if (flexion >= FROM.deepFlexion) out.add('deep-hip-flexion');
      if (adduction >= FROM.crossing) out.add('crossing-midline');
      if (adduction >= FROM.compression && flexion < 60) out.add('outer-hip-compression');
      if (flexion <= FROM.extension) out.add('hip-extension-end');
      if (flexion - 0.8 * Math.max(0, knee) >= FROM.hamstring) out.add('hamstring-end');
      if (knee >= FROM.kneeBent) out.add('knee-bent-deep');
      if (knee >= FROM.kneeTwistKnee && rotation <= FROM.kneeTwistHip) out.add('knee-twist');
      if (adduction <= FROM.wide) out.add('wide-legs');
    }
    if (deg('lumbar_flexion') >= FROM.rounding) out.add('low-back-rounding');
    if (deg('lumbar_flexion') <= FROM.arching) out.add('low-back-arching');
    const reach = reachFor(rung, 'right');
    const { points } = skeletonOf(q, reach);
    const floor = floorOf(points, reach);
    if (points.head[1] - floor < points.pelvis[1] - floor - 0.15) out.add('head-down');
  }
  if (shape.position === 'on the side') out.add('outer-hip-compression');
  const list = [...out];
  cache.set(rung, list);
  return list;
}
