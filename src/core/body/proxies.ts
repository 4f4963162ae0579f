import { HALF, type Half } from './half-body';
import { DEG } from './vec3';

/**
 * Strands that are not muscle, told by joint angles in degrees. Their forms and typical ends are ours, made up from
 * how practitioners describe the stop; nothing here is measured. `flexed` fades in with hip flexion because bone
 * contact and the back capsule take up rotation and crossing only when the hip is bent.
 */
interface Proxy {
  id: string;
  form: string;
  /** Typical end and spread among people, degrees of the form (our default). */
  end_deg: number;
  sd_deg: number;
  angle(half: Half): number;
}

/** Rotation against the bone's own neutral, radians: a neck twisted further forward shifts it inward. */
const turn = (half: Half) => half[HALF.hipRotation] - half[HALF.femoralVersion];
const flexed = (half: Half) => Math.min(1, Math.max(0, half[HALF.hipFlexion] / (90 * DEG)));

export const PROXIES: readonly Proxy[] = [
  {
    id: 'hip-capsule-front',
    form: 'hip extension + 0.5 × outward rotation (fading with flexion)',
    end_deg: 25,
    sd_deg: 6,
    angle: (h) => (-h[HALF.hipFlexion] - 0.5 * turn(h) * (1 - flexed(h))) / DEG,
  },
  {
    id: 'hip-capsule-lower',
    form: 'abduction + 0.3 × extension',
    end_deg: 56,
    sd_deg: 9,
    angle: (h) => (-h[HALF.hipAdduction] - 0.3 * h[HALF.hipFlexion]) / DEG,
  },
  {
    id: 'hip-capsule-back',
    form: 'inward rotation + 0.5 × adduction × flexion share',
    end_deg: 46,
    sd_deg: 9,
    angle: (h) => (turn(h) + 0.5 * h[HALF.hipAdduction] * flexed(h)) / DEG,
  },
  {
    id: 'hip-bone',
    form: 'hip flexion + (0.5 × inward rotation + 0.5 × adduction) × flexion share',
    end_deg: 122,
    sd_deg: 9,
    angle: (h) => (h[HALF.hipFlexion] + (0.5 * turn(h) + 0.5 * h[HALF.hipAdduction]) * flexed(h)) / DEG,
  },
  {
    id: 'sciatic-nerve',
    form: 'hip flexion − 0.8 × knee flexion + 0.5 × dorsiflexion',
    end_deg: 78,
    sd_deg: 14,
    angle: (h) => (h[HALF.hipFlexion] - 0.8 * h[HALF.kneeFlexion] + 0.5 * h[HALF.ankleDorsiflexion]) / DEG,
  },
  { id: 'knee-joint', form: 'knee flexion', end_deg: 155, sd_deg: 8, angle: (h) => h[HALF.kneeFlexion] / DEG },
  { id: 'ankle-joint', form: 'dorsiflexion', end_deg: 42, sd_deg: 6, angle: (h) => h[HALF.ankleDorsiflexion] / DEG },
  {
    id: 'instep',
    form: 'pointing of ankle and instep',
    end_deg: 64,
    sd_deg: 8,
    angle: (h) => -(h[HALF.ankleDorsiflexion] + h[HALF.instepDorsiflexion]) / DEG,
  },
];
