import type { Place } from '@/core/students/student';
import { modelledReadoutOf } from './battery';
import type { Movement } from './definition';
import { pinches, type Reading } from './reading';

/** Movements that fold a joint, by the place that tells of its fold: what is felt there is pressed, not lengthened. */
const FOLDS: Partial<Record<Place, readonly Movement[]>> = {
  'front-hip-crease': ['hip-flexion-knee-bent', 'cross-body', 'internal-rotation-flexed'],
  knee: ['kneeling', 'knee-flexion-hip-extended'],
  'ankle-front': ['ankle-dorsiflexion-knee-bent', 'ankle-dorsiflexion-knee-straight'],
};

/**
 * True where a joint speaks and no muscle is at its end: a reading that ended in a pinch, was felt as one in the groin,
 * or was felt in the front of a hip or an ankle, or in a knee, while that was folded.
 */
export function pressesJoint(r: Pick<Reading, 'test' | 'readout' | 'endFeel' | 'placeFelt'>): boolean {
  if (pinches(r)) return true;
  // Thigh on belly presses in the fold of the hip as well, and says nothing of its joint.
  if (r.endFeel === 'body-contact') return false;
  const movement = modelledReadoutOf(r.test, r.readout)?.movement;
  return r.placeFelt !== undefined && movement !== undefined && FOLDS[r.placeFelt]?.includes(movement) === true;
}
