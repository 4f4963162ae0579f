import { HALF_COUNT, HALF_NAMES, newHalf, type Half } from './half-body';
import { LINES } from './lines';
import type { MuscleModel } from './muscle-model';

/** Arms below this do next to nothing, metres (our default). */
export const SLIGHT_M = 0.005;

type Name = (typeof HALF_NAMES)[number];
/**
 * Shorter than standing by more than its whole fibres a line is slack: it cannot pull, whatever its arm (our default;
 * the length at which force ends is nearer to −0.6, but standing is not every muscle's best length).
 */
export const SLACK = -1;

/** What a pull does in the positive and in the negative direction of a coordinate, for a muscle of its own side. */
export const ACTION_WORDS: Readonly<Record<Name, readonly [plus: string, minus: string]>> = {
  lumbar_flexion: ['rounds the low back', 'arches the low back'],
  lumbar_bend: ['bends the low back to its side', 'bends the low back away'],
  lumbar_rotation: ['turns the low back to the other side', 'turns the low back to its side'],
  thorax_flexion: ['rounds the ribs', 'lifts the ribs'],
  thorax_bend: ['bends the ribs to its side', 'bends the ribs away'],
  thorax_rotation: ['turns the ribs to the other side', 'turns the ribs to its side'],
  hip_flexion: ['flexes the hip', 'extends the hip'],
  hip_adduction: ['adducts the hip', 'abducts the hip'],
  hip_rotation: ['turns the thigh inward', 'turns the thigh outward'],
  knee_flexion: ['bends the knee', 'straightens the knee'],
  knee_rotation: ['turns the shin inward', 'turns the shin outward'],
  ankle_dorsiflexion: ['lifts the foot', 'points the foot'],
  ankle_inversion: ['turns the sole in', 'turns the sole out'],
  instep_dorsiflexion: ['lifts the instep', 'arches the instep'],
  toe_extension: ['lifts the toes', 'curls the toes'],
};

/** What a muscle does about one coordinate at a posture. */
export interface Action {
  /** Place in a half body. */
  coordinate: number;
  /** Mean arm of its lines, weighted by their greatest force, metres; least and greatest of them. */
  arm_m: number;
  least_m: number;
  most_m: number;
  /** Arms of its lines one by one, metres. */
  lines: readonly { line: string; arm_m: number }[];
  /** Plain words for the mean, or null where it does next to nothing. */
  words: string | null;
}

const linesByStructure = new Map<string, number[]>();
LINES.forEach((l, i) => linesByStructure.set(l.structure, [...(linesByStructure.get(l.structure) ?? []), i]));

/** Places of a structure's lines. Throws where the structure has none. */
export function linesOfStructure(structure: string): readonly number[] {
  const found = linesByStructure.get(structure);
  if (!found) throw new Error(`structure "${structure}" has no line`);
  return found;
}
/** Structures that have lines, in the order of the data. */
export const LINE_STRUCTURES: readonly string[] = [...linesByStructure.keys()];

/** Mean of a value over a structure's lines, weighted by greatest force. */
export function forceMean(structure: string, of: (line: number) => number): number {
  let sum = 0,
    force = 0;
  for (const i of linesOfStructure(structure)) {
    sum += LINES[i].maximumForce_N * of(i);
    force += LINES[i].maximumForce_N;
  }
  return sum / force;
}

/** Words for an arm about a coordinate, or null where it is slight. */
export function actionWords(coordinate: number, arm_m: number): string | null {
  if (Math.abs(arm_m) < SLIGHT_M) return null;
  return ACTION_WORDS[HALF_NAMES[coordinate]][arm_m > 0 ? 0 : 1];
}

const scratch = new WeakMap<MuscleModel, Float64Array>();
/** All arms of a model at a posture, in one array kept for the model: use it before asking again. */
export function armsAt(model: MuscleModel, half: Half): Float64Array {
  let arms = scratch.get(model);
  if (!arms) scratch.set(model, (arms = new Float64Array(model.lineCount * HALF_COUNT)));
  return model.momentArms(half, arms);
}

/** What a muscle does at a posture of one side, strongest action first; coordinates it does not cross are left out. */
export function actionsAt(model: MuscleModel, half: Half, structure: string): Action[] {
  const arms = armsAt(model, half);
  const lines = linesOfStructure(structure);
  const actions: Action[] = [];
  for (let c = 0; c < HALF_COUNT; c++) {
    const own = lines.map((i) => arms[i * HALF_COUNT + c]);
    if (own.every((v) => Math.abs(v) < 1e-5)) continue;
    const arm_m = forceMean(structure, (i) => arms[i * HALF_COUNT + c]);
    actions.push({
      coordinate: c,
      arm_m,
      least_m: Math.min(...own),
      most_m: Math.max(...own),
      lines: lines.map((i, k) => ({ line: LINES[i].line, arm_m: own[k] })),
      words: actionWords(c, arm_m),
    });
  }
  return actions.sort((a, b) => Math.abs(b.arm_m) - Math.abs(a.arm_m));
}

/** Places of the angles that a structure crosses: those about which one of its lines has an arm. */
export function crossedBy(model: MuscleModel, structure: string): number[] {
  // Every joint a little bent: no arm is nought there by chance.
  const arms = armsAt(model, newHalf().fill(0.2));
  return HALF_NAMES.flatMap((_, c) =>
    linesOfStructure(structure).some((i) => Math.abs(arms[i * HALF_COUNT + c]) > 1e-5) ? [c] : [],
  );
}
