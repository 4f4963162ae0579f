import type { Place } from '@/core/students/student';
import { modelledReadoutOf } from './battery';
import { straddle } from './battery/straddle';
import type { Movement } from './definition';
import type { Reading } from './reading';

/** Movements that fold the knee itself: there a knee that is felt is the end. */
const FOLDS_THE_KNEE: readonly Movement[] = ['kneeling', 'knee-flexion-hip-extended'];

/**
 * Where something other than the tested tissue was felt at the end of a movement of the leg: the low back that gave
 * way, a knee that took the turn, the sit bone where a tendon holds on, the backs of the thighs that tip the pelvis
 * before the inner thighs of straight legs are at their end. Then the value is where she stopped, not where a muscle
 * ended. Null elsewhere.
 */
export function feltElsewhere(r: Pick<Reading, 'test' | 'readout' | 'placeFelt'>): Place | null {
  const movement = modelledReadoutOf(r.test, r.readout)?.movement;
  if (movement === undefined || r.placeFelt === undefined) return null;
  if (r.placeFelt === 'knee') return FOLDS_THE_KNEE.includes(movement) ? null : 'knee';
  if (r.placeFelt === 'back-thigh') return r.test === straddle.id ? 'back-thigh' : null;
  return r.placeFelt === 'low-back' || r.placeFelt === 'sit-bone' ? r.placeFelt : null;
}
