import { coordinateIndex, DEG, SIDES, type Posture, type Side } from '@/core/body';
import type { Loads } from './loads';

export type StrainId =
  | 'knee-twist'
  | 'knee-sideways'
  | 'kneecap'
  | 'low-back-flexed'
  | 'low-back-extended'
  | 'hip-front'
  | 'instep'
  | 'hanging';

/** A place that is asked for more than it should be, with the arithmetic behind it. */
export interface Strain {
  id: StrainId;
  /** What was computed, in `unit`. */
  amount: number;
  unit: 'N·m' | 'body weights' | 'share';
  /** From here on it is too much. */
  limit: number;
  /** Amount by limit, held to 0–1.5. */
  share: number;
  side: Side | null;
}

/**
 * Thresholds are ours: no study gives a limit for a held shape. They are set where practitioners begin to warn: a shin
 * that pulls on the knee with 12 N·m (a 2 kg weight at arm's length), a kneecap pressed with six body weights (stairs
 * press with about three, a deep squat with more than six), a lumbosacral joint that holds 90 N·m while the low back is
 * at its end.
 */
export const STRAIN_LIMITS: Readonly<Record<StrainId, { limit: number; unit: Strain['unit'] }>> = {
  'knee-twist': { limit: 12, unit: 'N·m' },
  'knee-sideways': { limit: 30, unit: 'N·m' },
  kneecap: { limit: 6, unit: 'body weights' },
  'low-back-flexed': { limit: 90, unit: 'N·m' },
  'low-back-extended': { limit: 90, unit: 'N·m' },
  'hip-front': { limit: 1, unit: 'share' },
  instep: { limit: 1, unit: 'share' },
  hanging: { limit: 0.35, unit: 'share' },
};

/** Angles between which a bend of the low back counts from nothing to all, degrees. Ours. */
const FLEXED = [15, 50] as const;
const EXTENDED = [8, 38] as const;
/** Torque that counts even where no load hangs on the bent back: sitting at its end strains by itself. Ours. */
const AT_REST_NM = 30;

const ramp = (v: number, [from, to]: readonly [number, number]): number =>
  Math.min(1, Math.max(0, (v - from) / (to - from)));

/**
 * Strain on the usual places at a posture.
 * @param stretch share of its tolerance that a structure or group uses, by side (0 where nothing is felt)
 */
export function strainsOf(q: Posture, loads: Loads, stretch: (what: string, side: Side) => number): Strain[] {
  const deg = (id: string) => q[coordinateIndex(id)] / DEG;
  const out: Strain[] = [];
  const tell = (id: StrainId, amount: number, side: Side | null) => {
    const { limit, unit } = STRAIN_LIMITS[id];
    out.push({ id, amount, unit, limit, share: Math.min(1.5, Math.max(0, amount / limit)), side });
  };
  for (const side of SIDES) {
    const knee = deg(`knee_flexion_${side}`);
    const { twist_Nm, sideways_Nm } = loads.knee[side];
    // A straight knee is locked against turning; a bent one is not.
    tell('knee-twist', Math.abs(twist_Nm) * ramp(knee, [20, 70]), side);
    tell('knee-sideways', Math.abs(sideways_Nm), side);
    const kneels = loads.contacts
      .filter((c) => c.point === `knee_${side}` && c.on !== 'limb')
      .reduce((s, c) => s + Math.hypot(...c.force), 0);
    // Resultant of the two ends of the quadriceps over the kneecap, and what kneels on it.
    tell('kneecap', 2 * Math.sin((knee * DEG) / 2) * loads.quadriceps[side] + kneels, side);
    tell('hip-front', stretch('hip-bone', side), side);
    tell('instep', stretch('instep', side), side);
    const hangs = ['hamstrings', 'adductors', 'deep-hip-flexor'].map(
      (g) => stretch(g, side) * (loads.groups[side][g as 'hamstrings'] ?? 0),
    );
    tell('hanging', Math.max(...hangs), side);
  }
  const bend = deg('lumbar_flexion');
  const torque = Math.abs(loads.lowBack_Nm) + AT_REST_NM;
  tell('low-back-flexed', torque * ramp(bend, FLEXED), null);
  tell('low-back-extended', torque * ramp(-bend, EXTENDED), null);
  return out.sort((a, b) => b.share - a.share);
}
