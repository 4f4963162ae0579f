import type { Shape } from './format';
import type { PoseId } from './shapes';

/**
 * Drills for one muscle and therapeutic forms, by id: worth having, but not what a teacher would name if she were asked
 * what was done in a class. Everything else of the library is known by name, and so is what a teacher made herself.
 * Ours.
 */
const DRILLS: ReadonlySet<string> = new Set<PoseId>([
  'hips-on-block',
  'bridge-block',
  'long-bridge',
  'leg-lowering',
  'thigh-hold',
  'opposite-limbs-back',
  'wall-frog',
  'bridge-march',
  'slider-curl',
  'heel-squeeze',
  'calf-reach',
  'leg-circles-fours',
  'lean-back-kneel',
  'clam',
  'hinge-leg-turn',
  'leg-swing',
  'wall-calf-stretch',
  'crossed-side-reach',
  'hip-hike',
  'standing-hip-circles',
  'standing-leg-aside',
  'standing-knee-lift',
  'standing-hip-press',
  'single-leg-squat',
  'step-down',
  'step-up',
  'standing-lunge-chair',
  'chair-stand',
  'desk-dog',
  'desk-plank',
  'wall-side-press',
  'table-pigeon',
  'inner-thigh-plank',
  'side-lift',
  'side-inner-lift',
  'one-leg-arm-balance',
  'squat-shin-hold',
]);

/**
 * True for a shape that most teachers know by name. What is done on a chair is a class of its own and counts as known
 * there.
 */
export const isKnown = (shape: Pick<Shape, 'id'>, onChair = false): boolean =>
  !DRILLS.has(shape.id) && (onChair || !shape.id.startsWith('chair-'));
