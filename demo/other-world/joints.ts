import { HALF, type Half } from '@/core/body/half-body';
import type { GroupId } from '@/core/body/structures';
import { DEG } from '@/core/body/vec3';
import type { Place } from '@/core/students/student';

/** What is no muscle and can end a movement in this world: how far a posture brings it, degrees. */
export interface Joint {
  id: string;
  group: GroupId;
  kind: 'ligament' | 'bone' | 'nerve';
  felt: readonly Place[];
  end_deg: number;
  sd_deg: number;
  of(h: Half): number;
}

const deg = (v: number): number => v / DEG;
const above = (v: number): number => Math.max(0, v);

/** Forms and ends of this world: made up anew, not those of the body model. */
export const JOINTS: readonly Joint[] = [
  {
    id: 'front ligaments of the hip',
    group: 'joint-or-capsule',
    kind: 'ligament',
    felt: ['front-hip-crease', 'groin-pinch', 'nowhere'],
    end_deg: 24,
    sd_deg: 6,
    of: (h) =>
      deg(-h[HALF.hipFlexion] + 0.3 * above(-h[HALF.hipRotation]) * Math.exp(-above(h[HALF.hipFlexion]) / 0.6)),
  },
  {
    id: 'outer ligaments of the hip',
    group: 'joint-or-capsule',
    kind: 'ligament',
    felt: ['front-hip-crease', 'nowhere', 'outer-hip'],
    end_deg: 46,
    sd_deg: 9,
    of: (h) => deg((-h[HALF.hipRotation] - 0.3 * h[HALF.hipFlexion]) * Math.exp(-above(h[HALF.hipFlexion]) / 0.8)),
  },
  {
    id: 'lower ligaments of the hip',
    group: 'joint-or-capsule',
    kind: 'ligament',
    felt: ['groin-pinch', 'nowhere', 'inner-thigh-high'],
    end_deg: 58,
    sd_deg: 8,
    of: (h) => deg(above(-h[HALF.hipAdduction]) + 0.2 * above(-h[HALF.hipRotation])),
  },
  {
    id: 'back ligaments of the hip',
    group: 'joint-or-capsule',
    kind: 'ligament',
    felt: ['deep-buttock', 'nowhere', 'groin-pinch'],
    end_deg: 46,
    sd_deg: 9,
    of: (h) => deg(h[HALF.hipRotation] + 0.35 * above(h[HALF.hipAdduction])),
  },
  {
    id: 'rim of the socket',
    group: 'joint-or-capsule',
    kind: 'bone',
    felt: ['groin-pinch', 'nowhere'],
    end_deg: 128,
    sd_deg: 9,
    of: (h) => {
      const bent = above(h[HALF.hipFlexion]) / 1.6;
      return deg(
        h[HALF.hipFlexion] +
          Math.min(1, bent * bent) * (0.6 * above(h[HALF.hipRotation]) + 0.5 * above(h[HALF.hipAdduction])),
      );
    },
  },
  {
    id: 'sciatic nerve',
    group: 'nerve-like',
    kind: 'nerve',
    felt: ['behind-knee', 'leg-line', 'calf-high', 'back-thigh'],
    end_deg: 84,
    sd_deg: 13,
    of: (h) => deg(h[HALF.hipFlexion] - 0.7 * h[HALF.kneeFlexion] + 0.4 * h[HALF.ankleDorsiflexion]),
  },
  {
    id: 'knee',
    group: 'knee-joint',
    kind: 'ligament',
    felt: ['knee', 'nowhere'],
    end_deg: 156,
    sd_deg: 7,
    of: (h) => deg(h[HALF.kneeFlexion]),
  },
  {
    id: 'ankle',
    group: 'ankle-joint',
    kind: 'bone',
    felt: ['ankle-front', 'nowhere'],
    end_deg: 43,
    sd_deg: 6,
    of: (h) => deg(h[HALF.ankleDorsiflexion]),
  },
  {
    id: 'instep',
    group: 'instep',
    kind: 'ligament',
    felt: ['instep', 'nowhere'],
    end_deg: 64,
    sd_deg: 8,
    of: (h) => deg(-h[HALF.ankleDorsiflexion] - h[HALF.instepDorsiflexion]),
  },
];
