import type { HALF_NAMES } from './half-body';

/** A joint angle as clinicians say it: its name, and the words for its positive and negative side. */
export const COORDINATE_WORDS: Readonly<
  Record<(typeof HALF_NAMES)[number], { name: string; plus: string; minus: string }>
> = {
  lumbar_flexion: { name: 'low back, folding', plus: 'rounded', minus: 'arched' },
  lumbar_bend: { name: 'low back, bending aside', plus: 'to the right', minus: 'to the left' },
  lumbar_rotation: { name: 'low back, turning', plus: 'to the left', minus: 'to the right' },
  thorax_flexion: { name: 'ribs, folding', plus: 'rounded', minus: 'arched' },
  thorax_bend: { name: 'ribs, bending aside', plus: 'to the right', minus: 'to the left' },
  thorax_rotation: { name: 'ribs, turning', plus: 'to the left', minus: 'to the right' },
  hip_flexion: { name: 'hip flexion', plus: 'flexion', minus: 'extension' },
  hip_adduction: { name: 'hip adduction', plus: 'adduction', minus: 'abduction' },
  hip_rotation: { name: 'hip rotation', plus: 'inward', minus: 'outward' },
  knee_flexion: { name: 'knee flexion', plus: 'flexion', minus: 'beyond straight' },
  knee_rotation: { name: 'shin rotation', plus: 'inward', minus: 'outward' },
  ankle_dorsiflexion: { name: 'ankle dorsiflexion', plus: 'dorsiflexion', minus: 'plantarflexion' },
  ankle_inversion: { name: 'ankle inversion', plus: 'inversion', minus: 'eversion' },
  instep_dorsiflexion: { name: 'instep', plus: 'lifted', minus: 'pointed' },
  toe_extension: { name: 'toes', plus: 'lifted', minus: 'curled' },
};

/** An angle as it is said: "32° abduction", "0°". */
export function angleWords(name: (typeof HALF_NAMES)[number], degrees: number): string {
  const whole = Math.round(degrees);
  if (whole === 0) return '0°';
  return `${Math.abs(whole)}° ${COORDINATE_WORDS[name][whole > 0 ? 'plus' : 'minus']}`;
}
