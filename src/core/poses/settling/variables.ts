import { coordinateIndex, COORDINATES } from '@/core/body';
import type { PoseAngles } from '../format';
import type { SettlingRung } from './faults';
import type { Unknown } from './minimise';

/** A joint angle, or both sides' of a pose without sides, that settling may change. */
export interface Variable extends Unknown {
  /** Names with `_worked` and `_other`. */
  names: readonly string[];
  /** Name without a side. */
  bare: string;
  /** Places in the posture, right side worked. */
  ids: readonly number[];
  /** From which stage on it may move. */
  stage: Stage;
  /**
   * How far it may move before the last stage, degrees; of what its author meant it may never move more than twice
   * that.
   */
  leash: number;
}
export type Stage = 1 | 2 | 3;

/**
 * What of a pose may give, in which order and at what price of a degree (ours): first how the whole leans and how
 * ankles, toes, neck and arms lie on what they touch, then how far hips and knees bend, last what its author surely
 * meant: opening, turning, rounding.
 */
const MOVES: Readonly<Record<string, readonly [stage: Stage, scale: number, leash: number]>> = {
  pelvis_tilt: [1, 15, 60],
  pelvis_list: [1, 6, 12],
  ankle_dorsiflexion: [1, 7, 40],
  toe_extension: [1, 40, 90],
  neck_flexion: [1, 12, 60],
  shoulder_flexion: [1, 12, 60],
  shoulder_adduction: [1, 12, 60],
  shoulder_rotation: [1, 15, 60],
  elbow_flexion: [1, 15, 60],
  hip_flexion: [2, 7, 40],
  knee_flexion: [2, 8, 45],
  hip_adduction: [3, 2.5, 10],
  hip_rotation: [3, 2.5, 10],
  ankle_inversion: [3, 4, 12],
  lumbar_flexion: [3, 3, 9],
  thorax_flexion: [3, 3, 9],
  lumbar_bend: [3, 2, 6],
  lumbar_rotation: [3, 2, 5],
  thorax_bend: [3, 2, 6],
  thorax_rotation: [3, 2, 6],
};
/** Who sits does not lean back so that a contact is met: the price of a tilt of the pelvis there. */
const SEATED_TILT = 4;
/** A knee that was written straighter than this is meant to be straight, degrees; and the price of bending it. */
const STRAIGHT = 15;
const STRAIGHT_KNEE = 2.5;
/** What its author meant: held on a leash to the end. */
export const MEANT = /^(pelvis_list|hip_adduction|hip_rotation|lumbar|thorax)/;
/** Moved only where the author gave them a value: else a straight pose would twist to close a millimetre. */
const ONLY_WRITTEN =
  /^(pelvis_list|lumbar_bend|lumbar_rotation|thorax_bend|thorax_rotation|shoulder|elbow|ankle_inversion)/;
const LEG = /^(knee|ankle|heel|ball|toe|calf|thigh)/;
const FOOT = /^(ankle|heel|ball|toe)/;
const TRUNK = /^(head|back|chest|shoulder|waist|neck|elbow|wrist)/;

/** Which parts of the body touch something: what touches nothing is left as it was written. */
function touched(rough: SettlingRung) {
  const own = (side: string, what: RegExp) => rough.contacts.some((c) => c.point.endsWith(side) && what.test(c.point));
  const limb = (side: string) => rough.contacts.some((c) => c.on === 'limb' && (c.limb ?? '').endsWith(side));
  const held = (side: string) =>
    Object.values(rough.reach).some((w) => w && w.floor === undefined && w.to.endsWith(side) && LEG.test(w.to));
  const of = (side: string) => ({
    leg: own(side, LEG) || limb(side) || held(side),
    foot: own(side, FOOT),
    toes: rough.contacts.some((c) => c.on !== 'limb' && c.point.endsWith(side) && /^(ball|toe)/.test(c.point)),
    arm: own(side, /^(wrist|elbow)/),
  });
  return {
    worked: of('_worked'),
    other: of('_other'),
    trunk: Object.keys(rough.reach).length > 0 || rough.contacts.some((c) => TRUNK.test(c.point)),
    head: rough.contacts.some((c) => /^head/.test(c.point)),
    seated: onSeat(rough),
  };
}

/** True where the weight is on the seat and the trunk lies on nothing. */
const onSeat = (rough: Pick<SettlingRung, 'contacts'>): boolean =>
  rough.contacts.some((c) => /^buttock/.test(c.point)) &&
  !rough.contacts.some((c) => /^(back|chest|head)/.test(c.point));
/** The same of somebody who is not there to work: only then does the back round where the pelvis cannot tip. */
export const sits = (rough: Pick<SettlingRung, 'contacts' | 'kind'>): boolean =>
  rough.kind !== 'strength' && onSeat(rough);

/** Price and stage of a coordinate in this pose; null where it stays as it was written. */
function moveOf(bare: string, sides: readonly ('worked' | 'other')[], t: ReturnType<typeof touched>, written: number) {
  const [stage, usual, leash] = MOVES[bare];
  const scale = bare === 'pelvis_tilt' && t.seated ? SEATED_TILT : usual;
  const some = (part: 'leg' | 'foot' | 'toes' | 'arm') => sides.some((s) => t[s][part]);
  if (/^(shoulder|elbow)/.test(bare)) return some('arm') ? { stage, scale, leash } : null;
  if (bare === 'toe_extension') return some('toes') ? { stage, scale, leash } : null;
  if (bare.startsWith('ankle')) return some('foot') ? { stage, scale, leash } : null;
  if (bare === 'neck_flexion') return t.head ? { stage, scale, leash } : null;
  if (bare === 'knee_flexion' && !some('leg')) return null;
  if (bare === 'knee_flexion' && written < STRAIGHT) return { stage, scale: STRAIGHT_KNEE, leash: 12 };
  // A leg in the air moves last and only a little: to keep the balance, or out of another limb.
  if (bare.startsWith('hip') && !some('leg')) return { stage: 3 as const, scale: scale / 2, leash };
  if (/^(lumbar|thorax)/.test(bare) && !t.trunk) return { stage: 3 as const, scale: scale / 2, leash };
  return { stage, scale, leash };
}

/** What settling may change of a rung. @param held names that stay as they are */
export function variablesOf(rough: SettlingRung, written: PoseAngles, held: ReadonlySet<string>): Variable[] {
  const t = touched(rough);
  const out: Variable[] = [];
  const push = (bare: string, sides: readonly ('worked' | 'other')[]) => {
    const names = sides.length === 0 ? [bare] : sides.map((s) => `${bare}_${s}`);
    if (names.some((n) => held.has(n))) return;
    if (ONLY_WRITTEN.test(bare) && names.every((n) => (written[n] ?? 0) === 0)) return;
    const move = moveOf(bare, sides, t, written[names[0]] ?? 0);
    if (!move) return;
    const ids = names.map((n) => coordinateIndex(n.replace('_worked', '_right').replace('_other', '_left')));
    const { min_deg: min, max_deg: max } = COORDINATES[ids[0]];
    out.push({ names, bare, ids, start: Math.min(max, Math.max(min, written[names[0]] ?? 0)), min, max, ...move });
  };
  for (const bare of Object.keys(MOVES)) {
    if (/^(pelvis|lumbar|thorax|neck)/.test(bare)) {
      // A pose without sides stays even.
      if (rough.sided || /tilt|flexion/.test(bare)) push(bare, []);
      continue;
    }
    const arm = /^(shoulder|elbow)/.test(bare);
    const free = (['worked', 'other'] as const).filter((s) => !arm || !rough.reach[s]);
    if (rough.sided) for (const s of free) push(bare, [s]);
    else if (free.length > 0) push(bare, free);
  }
  return out;
}
