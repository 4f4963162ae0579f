import type { SegmentMass, Vec3 } from '@/core/body';
import type { Freedoms, BodyPart } from './degrees-of-freedom';

/** Parts that carry the two ends of a segment of mass. */
function partsOfMass(segment: string): readonly [BodyPart, BodyPart] {
  const side = segment.endsWith('-left') ? 'left' : 'right';
  switch (segment.replace(/-(left|right)$/, '')) {
    case 'head':
      return ['head', 'head'];
    case 'upper-trunk':
      return ['thorax', 'thorax'];
    case 'mid-trunk':
      return ['thorax', 'lower'];
    case 'lower-trunk':
      return ['lower', 'pelvis'];
    case 'upper-arm':
      return [`arm_${side}`, `arm_${side}`];
    case 'forearm':
    case 'hand':
      return [`forearm_${side}`, `forearm_${side}`];
    case 'thigh':
      return [`thigh_${side}`, `thigh_${side}`];
    case 'shank':
      return [`shank_${side}`, `shank_${side}`];
    default:
      return [`foot_${side}`, `foot_${side}`];
  }
}

const carriers = new Map<string, readonly [BodyPart, BodyPart]>();

/** Adds what the weight of every segment asks of each freedom, N or N·m. @param weight of the whole body, N */
export function addGravity(
  masses: readonly SegmentMass[],
  freedoms: Freedoms,
  weight: number,
  out: Float64Array,
): void {
  for (const s of masses) {
    let parts = carriers.get(s.segment);
    if (!parts) carriers.set(s.segment, (parts = partsOfMass(s.segment)));
    const down: Vec3 = [0, -weight * s.share, 0];
    freedoms.push(parts[0], s.from, down, out, 1 - s.at);
    freedoms.push(parts[1], s.to, down, out, s.at);
  }
}
