import { SIDES, type GroupId, type Side } from '@/core/body';
import type { Complaint, Place, Student } from '@/core/students/student';
import { modelledReadoutOf, readoutOf } from '@/core/assessment/battery';
import { bandOf, isModelled, normOf, type Movement, type Readout } from '@/core/assessment/definition';
import { feltElsewhere } from '@/core/assessment/felt-elsewhere';
import { pressesJoint } from '@/core/assessment/pinch';
import { EASED_DEG, easedBy, meanOf, type Reading, type ReadingSide } from '@/core/assessment/reading';
import type { MovementFinding } from './statements';

export const HINT_KINDS = [
  'nerve',
  'both-rotations',
  'joint',
  'elsewhere',
  'turning',
  'turned-in-bone',
  'turned-out-bone',
  'guarding',
  'body-contact',
  'pre-lengthened',
  'pelvis-control',
  'spine-or-proportion',
  'control',
  'balance',
  'mobile',
] as const;
export type HintKind = (typeof HINT_KINDS)[number];

/** Joints that stop a movement. */
export const JOINT_IDS = ['joint-or-capsule', 'knee-joint', 'ankle-joint'] as const satisfies readonly GroupId[];
export type JointId = (typeof JOINT_IDS)[number];

/** A sign that something other than the length of a muscle decides. The sentence is made from it in `hint-words.ts`. */
export interface Hint {
  kind: HintKind;
  side: ReadingSide;
  /** Numbers the sentence tells, each computed from readings. */
  facts: Readonly<Record<string, number>>;
  /** Readings it rests on. */
  from: readonly string[];
  /** Which joint speaks, where one does. */
  joint?: JointId;
  /** Where it was felt, where that is the point. */
  place?: Place;
  /** True where a clinician should look before anything is done about it. */
  refer: boolean;
}

/** What of a student changes how her readings are understood beyond norms and bones. */
export interface Understood {
  sexForNorms?: Student['sexForNorms'];
  birthYear?: number;
  complaints?: readonly Complaint[];
}

/** Where a worn or pinched hip joint is felt. */
const AT_THE_JOINT: readonly Place[] = ['groin-pinch', 'front-hip-crease', 'outer-hip'];

/** Thresholds, rules of thumb of the field. */
const ROTATION_GAP = 20;
/** Degrees by which a range is larger when the teacher moves the limb, from which on control is the question. */
export const CONTROL_GAP = 15;
const MANY_MOBILE = 4;
/** Different movements that must go far before a person is called mobile: turning in is one, however she lies. */
const MOBILE_MOVEMENTS = 3;
const MOBILE_Z = 2;
/** Points of nine from which a person counts as mobile, and over fifty. */
const MOBILE_POINTS = 5;
const MOBILE_POINTS_OLDER = 4;
const SHORT_Z = -1;
const CLEARLY_SHORT_Z = -1.5;
const USUAL_Z = -0.5;
const OVER_AGE = 50;
const NERVE_LIKELY = 0.35;
const JOINT_LIKELY = 0.5;

const SLR = ['straight-leg-raise', 'hip-flexion'] as const;

/** Where the nerve is felt when a straight leg is lifted or a knee straightened: away from the bellies of the muscles. */
const FAR: Readonly<Record<string, readonly Place[]>> = {
  'straight-leg-raise': ['behind-knee', 'calf-high', 'calf-low'],
  'knee-extension-90-90': ['calf-high', 'calf-low'],
};
/** Where head and ankle can be asked at the very end of the test. */
const straightLeg = (r: Reading): boolean => r.test === SLR[0] || r.test === 'knee-extension-90-90';
/** A tingling line down the leg asks in every test, however far it goes. */
const tingles = (r: Reading): boolean => r.placeFelt === 'leg-line';
const feltFar = (r: Reading): boolean =>
  tingles(r) || (r.placeFelt !== undefined && (FAR[r.test]?.includes(r.placeFelt) ?? false));

/** Everything that points past the length of a muscle, most serious first. Empty where nothing does. */
export function hintsOf(own: readonly Reading[], person: Understood, movements: readonly MovementFinding[]): Hint[] {
  const usual = own.filter((r) => !r.variant && !r.active);
  const of = (test: string, readout: string, side: ReadingSide) =>
    usual.find((r) => r.test === test && r.readout === readout && r.side === side && !r.pain);
  const z = (r: Reading | undefined): number | null => {
    const readout = r && readoutOf(r.test, r.readout);
    const norm = readout && normOf(readout, person.sexForNorms);
    return r && readout && norm ? bandOf(readout, meanOf(r.trials), norm) : null;
  };
  const short = (r: Reading) => (z(r) ?? 0) < SHORT_Z;
  const hint = (
    kind: HintKind,
    side: ReadingSide,
    from: readonly (Reading | undefined)[],
    facts: Hint['facts'] = {},
    refer = false,
  ): Hint => ({ kind, side, facts, refer, from: from.flatMap((r) => (r ? [r.id] : [])) });
  const out: Hint[] = [];
  for (const side of SIDES) {
    const raise = of(...SLR, side);
    // In a slump her own trouble that lifting the head eases is the same sign as a far feeling that head or ankle change: also, and most of
    // all, where it ended the test as pain.
    const nervous = own.filter(
      (r) =>
        ofSide(r, side) &&
        (r.distant === 'changes' || r.endFeel === 'nerve-like' || (r.test === 'slump' && meanOf(r.trials) < 0.5)),
    );
    const nerve = movements.find((m) => m.side === side && shareOf(m, 'nerve-like') >= NERVE_LIKELY);
    // Felt far from the muscle, and nobody has asked head or ankle yet: no claim before that.
    const far = usual.filter(
      (r) => ofSide(r, side) && r.distant === undefined && !r.pain && feltFar(r) && (tingles(r) || short(r)),
    );
    if (nervous.length > 0) out.push(hint('nerve', side, nervous, {}, true));
    else if (far.length > 0) out.push(hint('nerve', side, far, { ask: far.some(straightLeg) ? 1 : 2 }));
    else if (nerve) out.push(hint('nerve', side, [raise], { share: shareOf(nerve, 'nerve-like') }));

    out.push(...rotations(side, of, z, person, own, hint));

    for (const joint of JOINT_IDS) out.push(...jointHints(joint, side, usual, movements, z));
    out.push(...elsewhere(side, usual, movements));
    const unasked = movements.filter((m) => m.side === side && m.unasked).flatMap((m) => m.readings);
    if (unasked.length > 0) out.push({ ...hint('turning', side, []), from: [...new Set(unasked)] });

    for (const r of usual.filter((x) => ofSide(x, side))) {
      const readout = readoutOf(r.test, r.readout);
      const eased = readout && easedBy(r, readout);
      const degrees = readout && isModelled(readout) ? (readout.degreesPerUnit ?? 1) : 1;
      if (readout && eased !== null && eased * degrees > EASED_DEG) out.push(hint('guarding', side, [r], { eased }));
      else if (r.endFeel === 'guarding' || r.endFeel === 'fear') out.push(hint('guarding', side, [r]));
      if (r.endFeel === 'body-contact') out.push(hint('body-contact', side, [r]));
    }

    const tilt = of('standing-pelvic-tilt', 'tilt', side) ?? of('standing-pelvic-tilt', 'tilt', 'both');
    const tiltReadout = readoutOf('standing-pelvic-tilt', 'tilt');
    const usualTilt = tiltReadout && normOf(tiltReadout, undefined);
    const raiseZ = z(raise);
    const feltTight =
      raise?.placeFelt === 'back-thigh' ||
      person.complaints?.some((c) => c.place === 'back-thigh' && (c.side === side || c.side === 'both'));
    if (raise && tilt && usualTilt && tiltReadout && raiseZ !== null && feltTight) {
      const [up, stand] = [meanOf(raise.trials), meanOf(tilt.trials)];
      if (raiseZ >= SHORT_Z && stand - usualTilt.mean > tiltReadout.detectable)
        out.push(
          hint('pre-lengthened', side, [raise, tilt], {
            raise: up,
            tilt: stand,
            usual: usualTilt.mean,
            together: up + stand - usualTilt.mean,
          }),
        );
    }
    const bent = of('knee-extension-90-90', 'missing-extension', side);
    const bentZ = z(bent);
    if (raiseZ !== null && bentZ !== null && raiseZ < SHORT_Z && bentZ >= USUAL_Z)
      out.push(hint('pelvis-control', side, [raise, bent]));

    for (const active of own.filter((r) => r.side === side && r.active && r.unit === 'deg')) {
      const passive = of(active.test, active.readout, side);
      const readout = readoutOf(active.test, active.readout);
      if (!passive || !readout) continue;
      const gap = controlGap(passive, active, readout);
      if (gap > CONTROL_GAP) out.push(hint('control', side, [passive, active], { gap }));
    }
  }

  const reach = of('sit-and-reach', 'reach', 'both');
  const [left, right] = SIDES.map((s) => z(of(...SLR, s)));
  const reachZ = z(reach);
  if (reachZ !== null && left !== null && right !== null && reachZ < SHORT_Z && Math.min(left, right) >= USUAL_Z)
    out.push(hint('spine-or-proportion', 'both', [reach, of(...SLR, 'left'), of(...SLR, 'right')]));

  const squat = of('deep-squat', 'grade', 'both');
  const lying = own.find((r) => r.test === 'deep-squat' && r.variant === 'on-the-back');
  if (squat && lying && meanOf(lying.trials) > meanOf(squat.trials)) out.push(hint('balance', 'both', [squat, lying]));

  const far = usual.filter((r) => {
    const readout = readoutOf(r.test, r.readout);
    return readout && isModelled(readout) && (z(r) ?? 0) > MOBILE_Z;
  });
  // One joint's turning that goes far both ways of lying tells of its bone, not of the person.
  const kinds = new Set(
    far.map((r) => {
      const readout = readoutOf(r.test, r.readout);
      return readout?.movement?.replace(/-(extended|flexed)$/, '');
    }),
  );
  // The nine points say it by themselves, the other movements by their number.
  const points = of('mobility-score', 'points', 'both');
  const year = points ? Number(points.takenAt.slice(0, 4)) : 0;
  const older = person.birthYear !== undefined && year - person.birthYear > OVER_AGE;
  if (points && meanOf(points.trials) >= (older ? MOBILE_POINTS_OLDER : MOBILE_POINTS))
    out.push(hint('mobile', 'both', [points], { points: meanOf(points.trials) }));
  else if (far.length >= MANY_MOBILE && kinds.size >= MOBILE_MOVEMENTS)
    out.push(hint('mobile', 'both', far, { count: far.length }));
  return oncePerPair(out).sort((a, b) => HINT_KINDS.indexOf(a.kind) - HINT_KINDS.indexOf(b.kind));
}

/** Whether a reading speaks of a side; one of both sides at once speaks of each. */
const ofSide = (r: Pick<Reading, 'side'>, side: Side): boolean => r.side === side || r.side === 'both';

/** What one reading of both sides says of each is said once. */
function oncePerPair(hints: readonly Hint[]): Hint[] {
  const out = new Map<string, Hint>();
  for (const h of hints) {
    const key = [h.kind, h.joint, h.place, ...h.from].join(' ');
    const other = out.get(key);
    out.set(
      h.from.length > 0 ? key : `${key} ${h.side}`,
      other && other.side !== h.side ? { ...other, side: 'both' } : h,
    );
  }
  return [...out.values()];
}

/** Degrees by which a movement goes further when it is moved by hand than alone. */
export const controlGap = (
  passive: Pick<Reading, 'trials'>,
  active: Pick<Reading, 'trials'>,
  readout: Pick<Readout, 'better'>,
): number => (meanOf(passive.trials) - meanOf(active.trials)) * (readout.better === 'lower' ? -1 : 1);

/** The joint that a movement bends or turns at its end, where a hard stop or a pinch names one. */
const jointOf = (movement: Movement): JointId =>
  movement.startsWith('ankle')
    ? 'ankle-joint'
    : movement.includes('knee-flexion') || movement === 'kneeling'
      ? 'knee-joint'
      : 'joint-or-capsule';

/**
 * What says that a joint, not a muscle, stops: a pinch or a press by itself, whatever the range; a hard stop well before typical; or what the
 * readings leave. A hip that ends hard, pinches and goes little is the picture of bone on bone: a clinician looks first.
 */
function jointHints(
  joint: JointId,
  side: Side,
  usual: readonly Reading[],
  movements: readonly MovementFinding[],
  z: (r: Reading) => number | null,
): Hint[] {
  const own = usual.filter((r) => {
    const movement = modelledReadoutOf(r.test, r.readout)?.movement;
    if (!ofSide(r, side) || movement === undefined) return false;
    // What pinches in the groin is the hip, whatever else moves.
    return (r.placeFelt === 'groin-pinch' ? 'joint-or-capsule' : jointOf(movement)) === joint;
  });
  const pinching = own.filter(pressesJoint);
  const hard = own.filter((r) => r.endFeel === 'hard-block' && (z(r) ?? 0) < SHORT_Z);
  const told = movements.filter((m) => m.side === side && m.band < SHORT_Z && shareOf(m, joint) >= JOINT_LIKELY);
  // A knee or ankle that only the sums point to is told as the limiter; it needs a sign of its own to be a hint.
  if (pinching.length + hard.length === 0 && (told.length === 0 || joint !== 'joint-or-capsule')) return [];
  const share = Math.max(JOINT_LIKELY, ...told.map((m) => shareOf(m, joint)));
  const clearly = [...pinching, ...hard].some((r) => (z(r) ?? 0) < CLEARLY_SHORT_Z);
  return [
    {
      kind: 'joint',
      side,
      joint,
      facts: { share, ...(pinching.length > 0 && { pinch: 1 }), ...(hard.length > 0 && { hard: 1 }) },
      from: [...new Set([...pinching, ...hard].map((r) => r.id).concat(told.flatMap((m) => m.readings)))],
      refer: pinching.length > 0 && hard.length > 0 && clearly,
    },
  ];
}

/** What was felt at a place that is not the tested tissue's: once for each place. */
function elsewhere(side: Side, usual: readonly Reading[], movements: readonly MovementFinding[]): Hint[] {
  const strange = new Set(movements.filter((m) => m.side === side && m.spoke === 'strange').flatMap((m) => m.readings));
  const at = new Map<Place, string[]>();
  for (const r of usual) {
    if (!ofSide(r, side) || !r.placeFelt) continue;
    const away = feltElsewhere(r);
    if (feltFar(r)) continue;
    if (away !== null || (strange.has(r.id) && r.placeFelt !== 'nowhere'))
      at.set(r.placeFelt, [...(at.get(r.placeFelt) ?? []), r.id]);
  }
  return [...at].map(([place, from]) => ({ kind: 'elsewhere', side, place, from, facts: {}, refer: false }));
}

const shareOf = (m: MovementFinding, structure: string): number =>
  m.limiters.find((l) => l.structure === structure)?.probability ?? 0;

/** What the four turnings of a side say together: the twist of the bone, or a joint that turns little either way. */
function rotations(
  side: Side,
  of: (test: string, readout: string, side: ReadingSide) => Reading | undefined,
  z: (r: Reading | undefined) => number | null,
  person: Understood,
  own: readonly Reading[],
  hint: (
    kind: HintKind,
    side: ReadingSide,
    from: readonly (Reading | undefined)[],
    facts?: Hint['facts'],
    refer?: boolean,
  ) => Hint,
): Hint[] {
  const four = (['prone-hip-rotation', 'seated-hip-rotation'] as const).flatMap((t) =>
    (['internal-rotation', 'external-rotation'] as const).map((r) => of(t, r, side)),
  );
  const [inLying, outLying, inSitting, outSitting] = four.map((r) => (r ? meanOf(r.trials) : null));
  const version = of('trochanteric-version', 'version', side);
  const from = [...four, version];
  const read = four.filter((r) => r !== undefined);
  const pair = (inward: number | null, outward: number | null): boolean => inward !== null && outward !== null;
  const all = pair(inLying, outLying) && pair(inSitting, outSitting);
  // Where only one position was read both ways of it must be clearly short.
  const least = all ? SHORT_Z : CLEARLY_SHORT_Z;
  const oneWhole = pair(inLying, outLying) || pair(inSitting, outSitting);
  if (oneWhole && read.every((r) => (z(r) ?? 0) < least)) {
    const year = Math.max(...own.map((r) => Number(r.takenAt.slice(0, 4))));
    const older = person.birthYear !== undefined && year - person.birthYear > OVER_AGE;
    const sore =
      person.complaints?.some((c) => AT_THE_JOINT.includes(c.place) && (c.side === side || c.side === 'both')) ===
        true || own.some((r) => r.side === side && r.placeFelt === 'groin-pinch');
    const told = Object.fromEntries(
      Object.entries({ inLying, outLying, inSitting, outSitting }).filter(([, v]) => v !== null),
    ) as Hint['facts'];
    return [hint('both-rotations', side, from, told, older && sore)];
  }
  if (inLying === null || outLying === null || inSitting === null || outSitting === null) return [];
  const facts = { inLying, outLying, inSitting, outSitting, ...(version ? { version: meanOf(version.trials) } : {}) };
  if (inLying - outLying >= ROTATION_GAP && inSitting - outSitting >= ROTATION_GAP)
    return [hint('turned-in-bone', side, from, facts)];
  if (outLying - inLying >= ROTATION_GAP && outSitting - inSitting >= ROTATION_GAP)
    return [hint('turned-out-bone', side, from, facts)];
  return [];
}
