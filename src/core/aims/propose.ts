import { isMuscleGroup, groupOf, SIDES, type GroupId, type Side } from '@/core/body';
import {
  isFeltAt,
  JOINT_IDS,
  tellsOfMuscle,
  type Findings,
  type StrengthFinding,
  type StructureFinding,
} from '@/core/inference';
import type { AimKind } from '@/core/students/student';
import { testById } from '@/core/assessment/battery';
import type { Movement } from '@/core/assessment/definition';
import { AIM_DEFAULTS, type AimDefaults } from './defaults';
import { doseFor, type Dose } from './dose';

/** Fact behind a proposal; the words are made from it in `words.ts`. */
export type AimReason =
  | { kind: 'short'; probability: number }
  | { kind: 'limits'; movement: Movement; probability: number; band: number }
  | { kind: 'side-gap'; gap: number }
  | { kind: 'least'; z: number }
  | { kind: 'weak'; test: string; z: number }
  | { kind: 'weaker-side'; test: string }
  | { kind: 'long-and-weak'; test: string; z: number }
  | { kind: 'control'; gap: number }
  | { kind: 'opposes'; group: GroupId }
  | { kind: 'very-mobile'; z: number }
  | { kind: 'mobile-person' }
  | { kind: 'pre-lengthened' }
  | { kind: 'band' }
  | { kind: 'nerve' }
  | { kind: 'joint' }
  | { kind: 'bone' }
  | { kind: 'refer' };

/** What should be kept away from it; words in `words.ts`. */
export type Avoid = 'end-range' | 'long-holds' | 'stretching' | 'pushing' | 'pressing-outer-hip';
/** Where teachers differ and her own settings decided. */
export type School = 'hamstrings' | 'outer-hip';

export interface ProposedAim {
  kind: AimKind;
  group: GroupId;
  side: Side;
  /** 0 … 1, how much of the practice it deserves against the others. */
  weight: number;
  /** Most telling first. */
  reasons: AimReason[];
  /** Muscles that work against it, and that are strengthened beside it where they are not known to be strong. */
  opposite: GroupId | null;
  dose: Dose;
  avoid: Avoid[];
  school: School | null;
}

/** What besides the findings decides about aims. */
export interface AimContext {
  strength?: readonly StrengthFinding[];
  age?: number;
  defaults?: AimDefaults;
}

/** Thresholds, our defaults: when a group counts as short, a movement as limited, sides as different, a test as weak. */
const SHORT = 0.7;
const LIMITED = -1;
const LIKELY = 0.5;
const GAP = 1.2;
const MOBILE = 1.5;
const LONG = 0.5;
const WEAK = -1;
/** Share of the draws in which a group must stop some movement that was read, before it can be called short. Ours. */
const FAIR_SHARE = 0.15;

/** Who works against whom at the hip. */
const OPPOSITE: Partial<Record<GroupId, GroupId>> = {
  'deep-hip-flexor': 'gluteus-maximus',
  'rectus-femoris': 'gluteus-maximus',
  hamstrings: 'deep-hip-flexor',
  adductors: 'lateral-hip',
  'lateral-hip': 'adductors',
  'deep-buttock': 'lateral-hip',
};
/** Fronts that, when lengthened, want their back strengthened even where nobody has measured it. */
const WANTS_ITS_BACK: readonly GroupId[] = ['deep-hip-flexor', 'rectus-femoris'];
/** Who moves the limb alone in a movement: what a lack of control speaks about. */
const MOVER: Partial<Record<Movement, GroupId>> = {
  'hip-flexion-knee-straight': 'deep-hip-flexor',
  'hip-flexion-knee-bent': 'deep-hip-flexor',
  'hip-extension': 'gluteus-maximus',
  'hip-abduction': 'lateral-hip',
  'cross-body': 'adductors',
  'hip-adduction': 'adductors',
  'internal-rotation-extended': 'lateral-hip',
  'internal-rotation-flexed': 'lateral-hip',
  'external-rotation-extended': 'deep-buttock',
  'external-rotation-flexed': 'deep-buttock',
  'knee-flexion-hip-extended': 'hamstrings',
};

interface Draft {
  kind: AimKind;
  weight: number;
  reasons: AimReason[];
  avoid: Avoid[];
  school: School | null;
}

/** Proposed aims, heaviest first. Empty without readings: nothing is known then. */
export function proposeAims(findings: Findings, context: AimContext = {}): ProposedAim[] {
  const { strength = [], age, defaults = AIM_DEFAULTS } = context;
  if (findings.diagnostics.readings === 0 && strength.length === 0) return [];
  const drafts = new Map<string, Draft>();
  const key = (group: GroupId, side: Side) => `${group}/${side}`;
  const of = (group: GroupId, side: Side): StructureFinding | undefined =>
    findings.structures.find((s) => s.structure === group && s.side === side);
  const hinted = (kind: string, side: Side) =>
    findings.hints.some((h) => h.kind === kind && (h.side === side || h.side === 'both'));
  const mobile = findings.hints.some((h) => h.kind === 'mobile');
  const torn = new Set(findings.doubts.flatMap((d) => (d.kind === 'contradiction' ? [key(d.group, d.side)] : [])));

  /** Adds a wish; to lengthen and to strengthen the same becomes both. */
  const want = (group: GroupId, side: Side, kind: AimKind, weight: number, reason: AimReason): void => {
    if (!isMuscleGroup(group)) return;
    const old = drafts.get(key(group, side));
    if (!old) {
      drafts.set(key(group, side), { kind, weight: round(weight), reasons: [reason], avoid: [], school: null });
      return;
    }
    if (old.kind !== kind && old.kind !== 'both') old.kind = 'both';
    if (weight > old.weight) old.reasons.unshift(reason);
    else old.reasons.push(reason);
    old.weight = Math.max(old.weight, round(weight));
  };

  lengthening(findings, torn, key, of, want);
  const weak = weakest(strength);
  for (const w of weak) {
    const z = of(w.group, w.side)?.z ?? 0;
    const reason: AimReason = w.reason.kind === 'weak' && z > LONG ? { ...w.reason, kind: 'long-and-weak' } : w.reason;
    want(w.group, w.side, 'strengthen', w.weight, reason);
    // What is long and weak is never stretched, whatever else speaks for it.
    const draft = drafts.get(key(w.group, w.side));
    if (draft && reason.kind === 'long-and-weak') Object.assign(draft, { kind: 'strengthen', avoid: ['stretching'] });
  }
  for (const h of findings.hints.filter((x) => x.kind === 'control'))
    for (const side of SIDES) {
      const m = findings.movements.find(
        (x) => x.side === side && h.side === side && x.readings.some((r) => h.from.includes(r)),
      );
      const mover = m && MOVER[m.movement];
      if (mover) want(mover, side, 'strengthen', 0.5, { kind: 'control', gap: h.facts.gap });
    }

  for (const [id, d] of drafts) {
    const [group, side] = id.split('/') as [GroupId, Side];
    if (group === 'hamstrings' && hinted('pre-lengthened', side)) {
      d.school = 'hamstrings';
      if (defaults.hamstrings !== 'stretch') become(d, 'strengthen', { kind: 'pre-lengthened' }, 'stretching');
    }
    const bone = hinted('turned-in-bone', side) || hinted('turned-out-bone', side);
    if (group === 'deep-buttock' && bone && d.kind !== 'strengthen') become(d, 'leave', { kind: 'bone' }, 'pushing');
    // A joint that turns little either way is not pulled open at its rotators.
    if (group === 'deep-buttock' && !bone && hinted('both-rotations', side) && d.kind !== 'strengthen')
      become(d, 'leave', { kind: 'joint' }, 'pushing');
    if (group === 'hamstrings' && hinted('nerve', side) && d.kind !== 'strengthen')
      become(d, 'leave', { kind: 'nerve' }, 'long-holds');
    if (group === 'lateral-hip' && (d.kind === 'lengthen' || d.kind === 'both')) {
      d.school = 'outer-hip';
      d.avoid.push('pressing-outer-hip');
      const kind = { load: 'strengthen', stretch: d.kind, both: 'both' } as const;
      become(d, kind[defaults.outerHip], { kind: 'band' });
    }
    if (mobile && (d.kind === 'lengthen' || d.kind === 'both'))
      become(d, 'strengthen', { kind: 'mobile-person' }, 'end-range');
  }

  const strongEnough = new Set(
    strength.filter((s) => s.z !== null && s.z >= WEAK).flatMap((s) => muscleGroups(s).map((g) => `${g}/${s.side}`)),
  );
  for (const [id, d] of [...drafts]) {
    const [group, side] = id.split('/') as [GroupId, Side];
    const opposite = OPPOSITE[group];
    if (d.kind !== 'lengthen' || !opposite || strongEnough.has(key(opposite, side))) continue;
    // Upkeep asks for no counterweight: nothing is short there.
    if (d.reasons.every((r) => r.kind === 'least')) continue;
    if (WANTS_ITS_BACK.includes(group)) want(opposite, side, 'strengthen', 0.4, { kind: 'opposes', group });
  }

  const list: ProposedAim[] = [...drafts].map(([id, d]) => {
    const [group, side] = id.split('/') as [GroupId, Side];
    return finish(group, side, d);
  });
  for (const s of findings.structures)
    if (isMuscleGroup(s.structure) && s.z > MOBILE && !drafts.has(key(s.structure, s.side)))
      list.push(
        finish(s.structure, s.side, {
          kind: 'leave',
          weight: 0.5,
          reasons: [{ kind: 'very-mobile', z: s.z }],
          avoid: ['end-range'],
          school: null,
        }),
      );
  for (const side of SIDES) {
    const nerve = findings.hints.find((h) => h.kind === 'nerve' && (h.side === side || h.side === 'both'));
    if (nerve?.refer) list.push(finish('nerve-like', side, referred('long-holds')));
    for (const joint of JOINT_IDS) {
      const signs = findings.hints.filter(
        (h) =>
          (h.side === side || h.side === 'both') &&
          (h.kind === 'joint' || h.kind === 'both-rotations') &&
          (h.joint ?? JOINT_IDS[0]) === joint,
      );
      if (signs.length === 0) continue;
      list.push(finish(joint, side, signs.some((h) => h.refer) ? referred('pushing') : LEFT_TO_THE_JOINT));
    }
  }
  return list.sort((a, b) => b.weight - a.weight || (a.group + a.side < b.group + b.side ? -1 : 1));

  function finish(group: GroupId, side: Side, d: Draft): ProposedAim {
    const { kind, weight, reasons, avoid, school } = d;
    return {
      kind,
      group,
      side,
      weight,
      reasons,
      opposite: kind === 'lengthen' || kind === 'both' ? (OPPOSITE[group] ?? null) : null,
      dose: doseFor(kind, { age, mobile }, defaults),
      avoid: [...new Set(avoid)],
      school,
    };
  }
}

const LEFT_TO_THE_JOINT: Draft = {
  kind: 'leave',
  weight: 0.5,
  reasons: [{ kind: 'joint' }],
  avoid: ['pushing'],
  school: null,
};

const referred = (avoid: Avoid): Draft => ({
  kind: 'refer',
  weight: 1,
  reasons: [{ kind: 'refer' }],
  avoid: [avoid],
  school: null,
});

function become(d: Draft, kind: AimKind, reason: AimReason, avoid?: Avoid): void {
  d.kind = kind;
  d.reasons.push(reason);
  if (avoid) d.avoid.push(avoid);
}

type Want = (group: GroupId, side: Side, kind: AimKind, weight: number, reason: AimReason) => void;

/** What is short, what stops a limited movement, what has clearly less than the other side; else the least there is. */
function lengthening(
  findings: Findings,
  torn: ReadonlySet<string>,
  key: (group: GroupId, side: Side) => string,
  of: (group: GroupId, side: Side) => StructureFinding | undefined,
  want: Want,
): void {
  let any = false;
  const put: Want = (group, side, kind, weight, reason) => {
    // Where readings contradict each other nothing is concluded from them.
    if (torn.has(key(group, side)) || !isMuscleGroup(group)) return;
    any = true;
    want(group, side, kind, weight, reason);
  };
  if (findings.diagnostics.readings === 0) return;
  // A muscle of which no reading speaks is only as short as people with such readings usually are: that is no aim.
  const spokenOf = (group: GroupId, side: Side): boolean =>
    findings.movements.some(
      (m) =>
        m.side === side &&
        tellsOfMuscle(m) &&
        (!m.felt || isFeltAt(group, m.felt)) &&
        m.limiters.some((l) => l.structure === group && l.probability >= FAIR_SHARE),
    );
  for (const s of findings.structures)
    if (s.shortProbability > SHORT && spokenOf(s.structure, s.side))
      put(s.structure, s.side, 'lengthen', s.shortProbability, { kind: 'short', probability: s.shortProbability });
  for (const m of findings.movements) {
    const top = m.limiters.at(0);
    // Where somebody stopped, that the others let expect little is no reason to pull.
    const told = m.band < LIMITED && tellsOfMuscle(m) && m.clarity !== 'unclear';
    if (told && top && top.probability >= LIKELY)
      put(top.structure, m.side, 'lengthen', 0.7 * top.probability, {
        kind: 'limits',
        movement: m.movement,
        probability: top.probability,
        band: m.band,
      });
  }
  // Only groups that a reading really spoke about may be compared between the sides.
  const named = new Set(
    findings.movements.flatMap((m) => {
      const top = m.limiters.at(0);
      return top && tellsOfMuscle(m) && !m.against && top.probability >= LIKELY && isMuscleGroup(top.structure)
        ? [top.structure]
        : [];
    }),
  );
  for (const group of named) {
    const left = of(group, 'left'),
      right = of(group, 'right');
    if (!left || !right || !spokenOf(group, 'left') || !spokenOf(group, 'right')) continue;
    const gap = left.tolerance.mean - right.tolerance.mean;
    if (Math.abs(gap) > GAP)
      put(group, gap < 0 ? 'left' : 'right', 'lengthen', 0.5, { kind: 'side-gap', gap: Math.abs(gap) });
  }
  if (any) return;
  // Upkeep is for whom nothing is found in: where something hurt, stopped hard, held back or asks a question, that comes first.
  if (findings.hints.length > 0 || !findings.movements.every(tellsOfMuscle)) return;
  const least = findings.structures
    .filter((s) => named.has(s.structure))
    .sort((a, b) => a.z - b.z)
    .at(0);
  if (least) for (const side of SIDES) put(least.structure, side, 'lengthen', 0.3, { kind: 'least', z: least.z });
}

const muscleGroups = (s: StrengthFinding): GroupId[] => [
  ...new Set(s.muscles.flatMap((m) => groupOf(m) ?? []).filter(isMuscleGroup)),
];

/** Groups and sides that tests of strength found weak, against the norm or against the other side. */
function weakest(strength: readonly StrengthFinding[]) {
  return strength
    .filter((s) => !s.doubtful && testById(s.test) !== null)
    .flatMap((s) => {
      const lesser = s.gap?.beyondError === true && s.gap.gap < 0;
      const byNorm = s.z !== null && s.z < WEAK;
      if (!byNorm && !lesser) return [];
      const reason: AimReason = byNorm
        ? { kind: 'weak', test: s.test, z: s.z ?? 0 }
        : { kind: 'weaker-side', test: s.test };
      const weight = byNorm ? Math.min(0.9, 0.3 - 0.2 * (s.z ?? 0)) : 0.4;
      return muscleGroups(s).flatMap((group) =>
        (s.side === 'both' ? SIDES : [s.side]).map((side) => ({ group, side, weight, reason })),
      );
    });
}

const round = (v: number) => Math.round(Math.min(1, v) * 100) / 100;
