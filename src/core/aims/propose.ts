import { isMuscleGroup, groupOf, SIDES, type GroupId, type Side } from '@/core/body';
import type { Findings, GroupFinding, StrengthFinding } from '@/core/inference';
import { isFeltAt } from '@/core/inference/evidence';
import { JOINT_IDS } from '@/core/inference/hints';
import { isLimited, tellsOfMuscle } from '@/core/inference/statements';
import { testById } from '@/core/assessment/battery';
import type { Movement } from '@/core/assessment/definition';
import type { HintKind } from '@/core/inference/hint';
import { AIM_DEFAULTS, type AimDefaults } from './defaults';
import { doseFor } from './dose';
import { become, Drafts, type Draft } from './drafts';
import type { AimReason, Avoid, ProposedAim } from './proposed';

export type { AimReason, Avoid, ProposedAim, School } from './proposed';

/** What besides the findings decides about aims. */
export interface AimContext {
  strength?: readonly StrengthFinding[];
  age?: number;
  defaults?: AimDefaults;
}

/**
 * Thresholds, our defaults: when a group counts as short, a movement as limited, sides as different, a test as weak.
 */
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

/** Proposed aims, heaviest first. Empty without readings: nothing is known then. */
export function proposeAims(findings: Findings, context: AimContext = {}): ProposedAim[] {
  const { strength = [], age, defaults = AIM_DEFAULTS } = context;
  if (findings.diagnostics.readings === 0 && strength.length === 0) return [];
  const mobile = findings.hints.some((h) => h.kind === 'mobile');
  const drafts = new Drafts();
  const weak = weakest(strength);
  lengthening(findings, drafts, weak.length === 0);
  strengthening(weak, findings, drafts);
  controlling(findings, drafts);
  for (const [group, side, draft] of drafts.entries()) settle(draft, group, signsOf(findings, side), defaults);
  counterweights(strength, drafts);
  const finish = ([group, side, { kind, weight, reasons, avoid, school }]: [GroupId, Side, Draft]): ProposedAim => ({
    kind,
    group,
    side,
    weight,
    reasons,
    opposite: kind === 'lengthen' || kind === 'both' ? (OPPOSITE[group] ?? null) : null,
    dose: doseFor(kind, { age, mobile }, defaults),
    avoid: [...new Set(avoid)],
    school,
  });
  const told = [
    ...drafts.entries(),
    ...veryLong(findings, drafts),
    ...SIDES.flatMap((side) => notMuscle(findings, side)),
  ];
  return [...told, ...besideTheNerve(told, findings)]
    .map(finish)
    .sort((a, b) => b.weight - a.weight || (a.group + a.side < b.group + b.side ? -1 : 1));
}

const findingOf = ({ groups }: Findings, group: GroupId, side: Side): GroupFinding | undefined =>
  groups.find((s) => s.group === group && s.side === side);

/**
 * What speaks of a side past the length of muscles: kinds of its hints, what a nerve runs through, whether the joint
 * moves as a whole.
 */
interface Signs {
  kinds: ReadonlySet<HintKind>;
  alongTheNerve: readonly GroupId[];
  everyWay: boolean;
}

function signsOf(findings: Findings, side: Side): Signs {
  const here = findings.hints.filter((h) => h.side === side || h.side === 'both' || h.kind === 'mobile');
  return {
    kinds: new Set(here.map((h) => h.kind)),
    alongTheNerve: alongTheNerve(findings, side),
    everyWay: here.some((h) => h.facts.everyWay !== undefined),
  };
}

/** What tests of strength found weak. */
function strengthening(weak: ReturnType<typeof weakest>, findings: Findings, drafts: Drafts): void {
  for (const { group, side, weight, reason: found } of weak) {
    const long = (findingOf(findings, group, side)?.z ?? 0) > LONG;
    const reason: AimReason = found.kind === 'weak' && long ? { ...found, kind: 'long-and-weak' } : found;
    drafts.want(group, side, 'strengthen', weight, reason);
    // What is long and weak is never stretched, whatever else speaks for it.
    const draft = drafts.get(group, side);
    if (draft && reason.kind === 'long-and-weak') Object.assign(draft, { kind: 'strengthen', avoid: ['stretching'] });
  }
}

/** Who moves the limb where it goes much further by hand than alone. */
function controlling({ hints, movements }: Findings, drafts: Drafts): void {
  for (const h of hints.filter((x) => x.kind === 'control'))
    for (const side of SIDES) {
      const m = movements.find((x) => x.side === side && h.side === side && x.readings.some((r) => h.from.includes(r)));
      const mover = m && MOVER[m.movement];
      if (mover) drafts.want(mover, side, 'strengthen', 0.5, { kind: 'control', gap: h.facts.gap });
    }
}

/** Groups that a hip joint which stops early in turning in, bending and opening is easily taken for. */
const AROUND_THE_JOINT: readonly GroupId[] = ['gluteus-maximus', 'deep-buttock', 'adductors'];

/** What signs past the muscle, and the sides that a teacher takes, make of an aim. */
function settle(d: Draft, group: GroupId, { kinds: signs, ...beside }: Signs, defaults: AimDefaults): void {
  if (group === 'hamstrings' && signs.has('pre-lengthened')) {
    d.school = 'hamstrings';
    if (defaults.hamstrings !== 'stretch') become(d, 'strengthen', { kind: 'pre-lengthened' }, 'stretching');
  }
  const bone = signs.has('turned-in-bone') || signs.has('turned-out-bone');
  if (group === 'deep-buttock' && bone && d.kind !== 'strengthen') become(d, 'leave', { kind: 'bone' }, 'pushing');
  // A joint that stops early every way is not pulled open at the muscles about it.
  if (beside.everyWay && AROUND_THE_JOINT.includes(group) && d.kind !== 'strengthen')
    become(d, 'leave', { kind: 'joint' }, 'pushing');
  // A joint that turns little either way is not pulled open at its rotators.
  if (group === 'deep-buttock' && !bone && signs.has('both-rotations') && d.kind !== 'strengthen')
    become(d, 'leave', { kind: 'joint' }, 'pushing');
  if (beside.alongTheNerve.includes(group) && signs.has('nerve') && d.kind !== 'strengthen')
    become(d, 'leave', { kind: 'nerve' }, 'long-holds');
  if (group === 'lateral-hip' && (d.kind === 'lengthen' || d.kind === 'both')) {
    d.school = 'outer-hip';
    d.avoid.push('pressing-outer-hip');
    const kind = { load: 'strengthen', stretch: d.kind, both: 'both' } as const;
    become(d, kind[defaults.outerHip], { kind: 'band' });
  }
  if (signs.has('mobile') && (d.kind === 'lengthen' || d.kind === 'both'))
    become(d, 'strengthen', { kind: 'mobile-person' }, 'end-range');
}

/** Backs of lengthened fronts, where nobody found them strong. */
function counterweights(strength: readonly StrengthFinding[], drafts: Drafts): void {
  const strong = new Set(
    strength.filter((s) => s.z !== null && s.z >= WEAK).flatMap((s) => muscleGroups(s).map((g) => `${g}/${s.side}`)),
  );
  for (const [group, side, { kind, reasons }] of drafts.entries()) {
    const opposite = OPPOSITE[group];
    if (kind !== 'lengthen' || !opposite || strong.has(`${opposite}/${side}`)) continue;
    // Upkeep asks for no counterweight: nothing is short there.
    if (reasons.every((r) => r.kind === 'least')) continue;
    if (WANTS_ITS_BACK.includes(group)) drafts.want(opposite, side, 'strengthen', 0.4, { kind: 'opposes', group });
  }
}

/** Muscles that go so far that they are left alone. */
function veryLong({ groups }: Findings, drafts: Drafts): [GroupId, Side, Draft][] {
  return groups
    .filter((s) => isMuscleGroup(s.group) && s.z > MOBILE && !drafts.get(s.group, s.side))
    .map((s) => [
      s.group,
      s.side,
      { kind: 'leave', weight: 0.5, reasons: [{ kind: 'very-mobile', z: s.z }], avoid: ['end-range'], school: null },
    ]);
}

/** A nerve or a joint that speaks: left alone, or first shown to a clinician. */
function notMuscle({ hints }: Findings, side: Side): [GroupId, Side, Draft][] {
  const here = hints.filter((h) => h.side === side || h.side === 'both');
  const nerve = here.find((h) => h.kind === 'nerve');
  return [
    ...(nerve?.refer ? [['nerve-like', side, referred('long-holds')] as [GroupId, Side, Draft]] : []),
    ...JOINT_IDS.flatMap((joint): [GroupId, Side, Draft][] => {
      const signs = here.filter(
        (h) => (h.kind === 'joint' || h.kind === 'both-rotations') && (h.joint ?? JOINT_IDS[0]) === joint,
      );
      if (signs.length === 0) return [];
      return [[joint, side, signs.some((h) => h.refer) ? referred('pushing') : LEFT_TO_THE_JOINT]];
    }),
  ];
}

/**
 * What the nerve runs through is left alone with one that a clinician is to look at first, or that is still to be asked
 * for: the hamstrings, and deep in the buttock where it spoke there. What is told of them already stands.
 */
function besideTheNerve(told: readonly [GroupId, Side, Draft][], findings: Findings): [GroupId, Side, Draft][] {
  const isTold = (group: GroupId, side: Side): boolean => told.some(([g, s]) => g === group && s === side);
  return SIDES.filter(
    (side) => isTold('nerve-like', side) || findings.movements.some((m) => m.side === side && m.orNerve),
  ).flatMap((side) =>
    alongTheNerve(findings, side)
      .filter((group) => !isTold(group, side))
      .map((group): [GroupId, Side, Draft] => [
        group,
        side,
        { kind: 'leave', weight: 0.5, reasons: [{ kind: 'nerve' }], avoid: ['long-holds'], school: null },
      ]),
  );
}

/** Movements that draw at the nerve where it comes out beneath the deep muscles of the buttock. */
const AT_THE_BUTTOCK: readonly Movement[] = [
  'external-rotation-flexed',
  'internal-rotation-flexed',
  'internal-rotation-extended',
  'cross-body',
];

/**
 * Groups of a side that are not drawn out while a nerve speaks there: the hamstrings, and the deep buttock where it was
 * that which was moved.
 */
const alongTheNerve = ({ movements }: Findings, side: Side): readonly GroupId[] =>
  movements.some((m) => m.side === side && m.spoke === 'nerve' && AT_THE_BUTTOCK.includes(m.movement))
    ? ['hamstrings', 'deep-buttock']
    : ['hamstrings'];

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

/**
 * Whether a reading speaks of a muscle: one that none speaks of is only as short as people with such readings usually
 * are, which is no aim.
 */
const spokenOf = (findings: Findings, group: GroupId, side: Side): boolean =>
  findings.movements.some(
    (m) =>
      m.side === side &&
      tellsOfMuscle(m) &&
      (!m.felt || isFeltAt(group, m.felt)) &&
      m.limiters.some((l) => l.group === group && l.probability >= FAIR_SHARE),
  );

/** Groups that a reading really spoke about: only these may be compared between the sides. */
const namedIn = (findings: Findings): ReadonlySet<GroupId> =>
  new Set(
    findings.movements.flatMap((m) => {
      const top = m.limiters.at(0);
      return top && tellsOfMuscle(m) && !m.against && top.probability >= LIKELY && isMuscleGroup(top.group)
        ? [top.group]
        : [];
    }),
  );

/**
 * What is short, what stops a limited movement, what has clearly less than the other side; else the least there is, as
 * upkeep.
 * @param upkeep whether there may be upkeep: where something is weak there is something to do
 */
function lengthening(findings: Findings, drafts: Drafts, upkeep: boolean): void {
  const torn = findings.doubts.filter((d) => d.kind === 'contradiction');
  let any = false;
  const put = (group: GroupId, side: Side, weight: number, reason: AimReason): void => {
    // Where readings contradict each other nothing is concluded from them.
    if (torn.some((d) => d.group === group && d.side === side) || !isMuscleGroup(group)) return;
    any = true;
    drafts.want(group, side, 'lengthen', weight, reason);
  };
  if (findings.diagnostics.readings === 0) return;
  for (const s of findings.groups)
    if (s.shortProbability > SHORT && spokenOf(findings, s.group, s.side))
      put(s.group, s.side, s.shortProbability, { kind: 'short', probability: s.shortProbability });
  for (const m of findings.movements) {
    const top = m.limiters.at(0);
    // Where somebody stopped, that the others let expect little is no reason to pull.
    const told = m.band < LIMITED && tellsOfMuscle(m) && m.clarity !== 'unclear';
    if (told && top && top.probability >= LIKELY)
      put(top.group, m.side, 0.7 * top.probability, {
        kind: 'limits',
        movement: m.movement,
        test: m.test,
        readout: m.readout,
        probability: top.probability,
        band: m.band,
      });
  }
  const named = namedIn(findings);
  for (const group of named) {
    const left = findingOf(findings, group, 'left'),
      right = findingOf(findings, group, 'right');
    if (!left || !right || !SIDES.every((side) => spokenOf(findings, group, side))) continue;
    const gap = left.tolerance.mean - right.tolerance.mean;
    if (Math.abs(gap) > GAP) put(group, gap < 0 ? 'left' : 'right', 0.5, { kind: 'side-gap', gap: Math.abs(gap) });
  }
  if (any || !upkeep) return;
  // Upkeep is for whom nothing is found in: where something hurt, stopped hard, held back or asks a question, that
  // comes first.
  if (findings.hints.length > 0 || !findings.movements.every(tellsOfMuscle)) return;
  // A movement that is limited by what is not clear yet is a question, and no upkeep.
  if (findings.movements.some(isLimited)) return;
  const least = findings.groups
    .filter((s) => named.has(s.group) && s.z <= LONG)
    .sort((a, b) => a.z - b.z)
    .at(0);
  if (least) for (const side of SIDES) put(least.group, side, 0.3, { kind: 'least', z: least.z });
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
