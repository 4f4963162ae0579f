import { modelledReadoutOf } from './battery';
import type { Movement } from './definition';
import { pinches, type Reading } from './reading';

/** Movements that fold the front of the hip: what is felt there is pressed, not lengthened. */
const FOLDS: readonly Movement[] = ['hip-flexion-knee-bent', 'cross-body', 'internal-rotation-flexed'];

/**
 * True where a joint speaks and no muscle is at its end: a reading that ended in a pinch, was felt as one in the groin, or was felt in the
 * front of the hip while that was folded.
 */
export function pressesJoint(r: Pick<Reading, 'test' | 'readout' | 'endFeel' | 'placeFelt'>): boolean {
  if (pinches(r)) return true;
  const movement = modelledReadoutOf(r.test, r.readout)?.movement;
  return r.placeFelt === 'front-hip-crease' && movement !== undefined && FOLDS.includes(movement);
}
