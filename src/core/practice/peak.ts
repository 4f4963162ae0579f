import { GROUPS, isMuscleGroup, SIDES, type Build, type GroupId, type Side } from '@/core/body';
import { lacksOf, type Lack } from '@/core/fit/compensate';
import { readAt, reachedIn } from '@/core/fit/fit';
import { comfortOf, type FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import type { Aim } from '@/core/students/student';
import { isSided, rungOf, type Shape } from '@/core/poses';
import { aimKey } from './aim-key';

/** What a demanding pose asks of a student beyond what she has. */
export interface PeakGap {
  pose: string;
  /** Its last rung, and the last one whose entry she reaches; null where she reaches none. */
  top: number;
  reachable: number | null;
  /** How far into her rung she gets, 0–1, on the side that gets less far. */
  depth: number;
  side: Side;
  /** Joints that the last rung asks more of than she gets to, furthest first, degrees. */
  joints: Lack[];
  /**
   * Muscles and other structures that full depth asks more length of than is comfortable: share asked, and the
   * comfortable share.
   */
  length: { group: GroupId; side: Side; asked: number; comfortable: number }[];
  /** Muscles that full depth asks much strength of, as a share of their capacity. */
  strength: { group: GroupId; side: Side; asked: number }[];
  /** True where the model cannot hold the last rung up: then its strength is not told. */
  beyondModel: boolean;
}

/** Share of the capacity from which a peak asks for strength first. Ours. */
const MUCH = 0.5;
const MOST_LISTED = 4;

/** The gap between a shape's last rung and a student, on the side that gets less far. */
export function peakGap(shape: Shape, posterior: Posterior, build: Build, way: FitWay): PeakGap {
  const top = shape.rungs.length;
  const sides: readonly Side[] = isSided(shape, shape.rungs[top - 1]) ? SIDES : ['right'];
  const reached = (rung: number, side: Side) => reachedIn({ shape, rung, side }, { posterior, build }, way);
  const side = sides.reduce((worse, s) => (reached(top, s).depth < reached(top, worse).depth ? s : worse), sides[0]);
  let reachable: number | null = null;
  for (let n = top; n >= 1 && reachable === null; n--) if (!reached(n, side).beyondEntry) reachable = n;
  const rung = shape.rungs[top - 1];
  const at = reached(top, side);
  const full = readAt({ shape, rung: top, side }, 1, { posterior, build }, { way });
  const comfortable = comfortOf(rung, way);
  const all = SIDES.flatMap((s) => GROUPS.map((group) => ({ group, side: s })));
  return {
    pose: shape.id,
    top,
    reachable,
    depth: reachable === null ? 0 : reached(reachable, side).depth,
    side,
    // Feet and the tilt of the whole body follow the shape; what is missing is in hips, knees and low back.
    joints: lacksOf(rung, side, at.beyondEntry ? 0 : at.depth)
      .filter((l) => /^(hip|knee|lumbar)/.test(l.coordinate))
      .slice(0, MOST_LISTED),
    length: all
      .map((m) => ({ ...m, asked: full.stretch[m.side][m.group], comfortable }))
      .filter((m) => m.asked > comfortable + 0.01)
      .sort((a, b) => b.asked - a.asked)
      .slice(0, MOST_LISTED),
    strength: all
      .map((m) => ({ ...m, asked: full.load[m.side][m.group] ?? 0 }))
      .filter((m) => isMuscleGroup(m.group) && m.asked >= MUCH)
      .sort((a, b) => b.asked - a.asked)
      .slice(0, MOST_LISTED),
    beyondModel: full.beyondModel,
  };
}

/** Weight of an aim that a peak adds: half of a leading one, so that the student's own aims stay in front. Ours. */
const PEAK_WEIGHT = 0.5;

/**
 * The student's aims, and what the peak asks for beyond them; nothing that she wants left alone, or that no muscle can
 * give.
 */
export function aimsWithPeak(aims: readonly Aim[], gap: PeakGap): Aim[] {
  const most = Math.max(...aims.map((a) => a.weight), 0) || 1;
  const left = new Set(aims.filter((a) => a.kind === 'leave').map((a) => `${a.group}/${a.side}`));
  const known = new Set(aims.filter((a) => a.weight > 0).map(aimKey));
  const found = rungOf(gap.pose, gap.top);
  const own = found !== null && isSided(found.shape, found.rung);
  const both = (m: { group: GroupId; side: Side }): Side[] =>
    own ? [m.side, m.side === 'left' ? 'right' : 'left'] : [m.side];
  const asked = [
    ...gap.length.map((m) => ({
      ...m,
      kind: 'lengthen' as const,
      share: Math.min(1, (m.asked - m.comfortable) / 0.4),
    })),
    ...gap.strength.map((m) => ({ ...m, kind: 'strengthen' as const, share: Math.min(1, m.asked) })),
  ].filter((m) => isMuscleGroup(m.group));
  const more: Aim[] = [];
  for (const m of asked)
    for (const side of both(m)) {
      const aim: Aim = {
        kind: m.kind,
        group: m.group,
        side,
        weight: Math.round(100 * most * PEAK_WEIGHT * m.share) / 100,
      };
      if (aim.weight <= 0 || known.has(aimKey(aim)) || left.has(`${m.group}/${side}`)) continue;
      known.add(aimKey(aim));
      more.push(aim);
    }
  return [...aims, ...more];
}
