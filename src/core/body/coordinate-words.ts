import { say } from '@/core/languages/spoken';
import type { HALF_NAMES } from './half-body';

/**
 * A joint angle as clinicians say it: its name, and the words for its positive and negative side. Bending and turning
 * of the trunk are told for the side that is looked at, as a half body has them: towards it or away from it.
 */
export const COORDINATE_WORDS: Readonly<
  Record<(typeof HALF_NAMES)[number], { name: string; plus: string; minus: string }>
> = {
  lumbar_flexion: { name: 'low-back fold', plus: 'rounding', minus: 'arching' },
  lumbar_bend: { name: 'low-back side bend', plus: 'to its side', minus: 'away' },
  lumbar_rotation: { name: 'low-back turn', plus: 'to the other side', minus: 'to its side' },
  thorax_flexion: { name: 'rib-cage fold', plus: 'rounding', minus: 'arching' },
  thorax_bend: { name: 'rib-cage side bend', plus: 'to its side', minus: 'away' },
  thorax_rotation: { name: 'rib-cage turn', plus: 'to the other side', minus: 'to its side' },
  hip_flexion: { name: 'hip flexion', plus: 'flexion', minus: 'extension' },
  hip_adduction: { name: 'hip adduction', plus: 'adduction', minus: 'abduction' },
  hip_rotation: { name: 'hip rotation', plus: 'inward', minus: 'outward' },
  knee_flexion: { name: 'knee flexion', plus: 'flexion', minus: 'beyond straight' },
  knee_rotation: { name: 'shin rotation', plus: 'inward', minus: 'outward' },
  ankle_dorsiflexion: { name: 'ankle dorsiflexion', plus: 'dorsiflexion', minus: 'plantarflexion' },
  ankle_inversion: { name: 'ankle inversion', plus: 'inversion', minus: 'eversion' },
  instep_dorsiflexion: { name: 'instep', plus: 'up', minus: 'pointing' },
  toe_extension: { name: 'toes', plus: 'lift', minus: 'curl' },
};

/** An angle as it is said: "32° abduction", "0°". */
export function angleWords(name: (typeof HALF_NAMES)[number], degrees: number): string {
  const whole = Math.round(degrees);
  if (whole === 0) return '0°';
  return `${Math.abs(whole)}° ${say(COORDINATE_WORDS[name][whole > 0 ? 'plus' : 'minus'])}`;
}

interface AngleWords {
  name: string;
  plus: string;
  minus: string;
}

/**
 * Coordinates of the whole body, where left and right are real: what a half body has no word for, or words otherwise.
 */
const WHOLE: Readonly<Record<string, AngleWords>> = {
  pelvis_tilt: { name: 'pelvis tilt', plus: 'forward', minus: 'back' },
  pelvis_list: { name: 'pelvis lean', plus: 'right side down', minus: 'left side down' },
  pelvis_rotation: { name: 'pelvis turn', plus: 'to the left', minus: 'to the right' },
  lumbar_bend: { name: 'low-back side bend', plus: 'to the right', minus: 'to the left' },
  lumbar_rotation: { name: 'low-back turn', plus: 'to the left', minus: 'to the right' },
  thorax_bend: { name: 'rib-cage side bend', plus: 'to the right', minus: 'to the left' },
  thorax_rotation: { name: 'rib-cage turn', plus: 'to the left', minus: 'to the right' },
  neck_flexion: { name: 'neck', plus: 'bowed', minus: 'back' },
  neck_bend: { name: 'neck side bend', plus: 'to the right', minus: 'to the left' },
  neck_rotation: { name: 'neck turn', plus: 'to the left', minus: 'to the right' },
  shoulder_flexion: { name: 'arm', plus: 'forward and up', minus: 'back' },
  shoulder_adduction: { name: 'arm aside', plus: 'across', minus: 'out' },
  shoulder_rotation: { name: 'arm turn', plus: 'inward', minus: 'outward' },
  elbow_flexion: { name: 'elbow', plus: 'flexion', minus: 'beyond straight' },
  wrist_flexion: { name: 'wrist', plus: 'palm in', minus: 'back of the hand in' },
};
const BARE = /_(left|right|worked|other)$/;

/** Name and directions of any coordinate of the whole body; a side in its id is left to the caller. */
export function bodyAngle(id: string): AngleWords {
  const bare = id.replace(BARE, '');
  const half = COORDINATE_WORDS as Readonly<Record<string, AngleWords>>;
  return WHOLE[bare] ?? half[bare] ?? { name: bare.replace(/_/g, ' '), plus: '', minus: '' };
}

/** An angle of the whole body as it is said: "12° to the left", "0°". */
export function bodyAngleWords(id: string, degrees: number): string {
  const whole = Math.round(degrees);
  if (whole === 0) return '0°';
  return `${Math.abs(whole)}° ${say(bodyAngle(id)[whole > 0 ? 'plus' : 'minus'])}`.trim();
}
