import { SIDES, type GroupId, type Side } from '@/core/body';
import { isOf, modelledReadoutOf, readoutOf, type TestId } from '@/core/assessment/battery';
import { isModelled, normOf, type Movement, type Readout } from '@/core/assessment/definition';
import { feltElsewhere } from '@/core/assessment/felt-elsewhere';
import { slumpBrings } from '@/core/assessment/nerve-sign';
import { pressesJoint } from '@/core/assessment/pinch';
import { EASED_DEG, easedBy, meanOf, ofSide, pinches, type Reading } from '@/core/assessment/reading';
import type { Place } from '@/core/students/student';
import { AT_THE_JOINT, stopsEveryWay } from './every-way';
import { hint, HINT_KINDS, JOINT_IDS, Signs, type Hint, type JointId, type Understood } from './hint';
import type { MovementFinding } from './statements';

export { HINT_KINDS, JOINT_IDS, type Hint, type HintKind, type JointId, type Understood } from './hint';

/** Thresholds, rules of thumb of the field. */
const ROTATION_GAP = 20;
/**
 * Twist of the thigh bone by feel from which it is turned in, and down to which turned out, degrees: eight to fifteen
 * is usual.
 */
const TWISTED_IN = 25;
const TWISTED_OUT = 0;
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
const NERVE_LIKELY = 0.35;
const JOINT_LIKELY = 0.5;

const SLR = ['straight-leg-raise', 'hip-flexion'] as const;
const TILT = ['standing-pelvic-tilt', 'tilt'] as const;

/**
 * Where the nerve is felt when a straight leg is lifted or a knee straightened: away from the bellies of the muscles.
 */
const FAR: Readonly<Record<string, readonly Place[]>> = {
  'straight-leg-raise': ['behind-knee', 'calf-high', 'calf-low'],
  'knee-extension-90-90': ['calf-high', 'calf-low'],
} satisfies Partial<Record<TestId, readonly Place[]>>;
/** Where head and ankle can be asked at the very end of the test. */
const straightLeg = (r: Reading): boolean => isOf(r, SLR[0]) || isOf(r, 'knee-extension-90-90');
/** A tingling line down the leg asks in every test, however far it goes. */
const tingles = (r: Reading): boolean => r.placeFelt === 'leg-line';
const feltFar = (r: Reading): boolean =>
  tingles(r) || (r.placeFelt !== undefined && (FAR[r.test]?.includes(r.placeFelt) ?? false));

/** Everything that points past the length of a muscle, most serious first. Empty where nothing does. */
export function hintsOf(own: readonly Reading[], person: Understood, movements: readonly MovementFinding[]): Hint[] {
  const signs = new Signs(own, person);
  const ofEach = SIDES.flatMap((side) => [
    ...nerveHints(side, signs, movements),
    ...rotations(side, signs),
    ...JOINT_IDS.flatMap((joint) => jointHints(joint, side, signs, movements)),
    ...elsewhere(side, signs.usual, movements),
    ...unaskedTurning(side, movements),
    ...heldBack(side, signs),
    ...preLengthened(side, signs),
    ...bentOnly(side, signs),
    ...uncontrolled(side, signs),
  ]);
  const all = [...ofEach, ...backOrProportion(signs), ...unbalanced(signs), ...mobile(signs)];
  return oncePerPair(all).sort((a, b) => HINT_KINDS.indexOf(a.kind) - HINT_KINDS.indexOf(b.kind));
}

/** Signs of a nerve: said by head or ankle, felt far from the muscle, or left over by the sums. */
function nerveHints(side: Side, signs: Signs, movements: readonly MovementFinding[]): Hint[] {
  // In a slump her own trouble that lifting the head eases is the same sign as a far feeling that head or ankle change:
  // also, and most of all, where it ended the test as pain.
  const nervous = signs.own.filter(
    (r) => ofSide(r, side) && (r.distant === 'changes' || r.endFeel === 'nerve-like' || slumpBrings(r)),
  );
  if (nervous.length > 0) return [hint('nerve', side, nervous, {}, true)];
  // Felt far from the muscle, and nobody has asked head or ankle yet: no claim before that.
  const short = (r: Reading) => (signs.z(r) ?? 0) < SHORT_Z;
  const far = signs.usual.filter(
    (r) => ofSide(r, side) && r.distant === undefined && !r.pain && feltFar(r) && (tingles(r) || short(r)),
  );
  if (far.length > 0) return [hint('nerve', side, far, { ask: far.some(straightLeg) ? 1 : 2 })];
  const nerve = movements.find((m) => m.side === side && shareOf(m, 'nerve-like') >= NERVE_LIKELY);
  return nerve ? [hint('nerve', side, [signs.of(...SLR, side)], { share: shareOf(nerve, 'nerve-like') })] : [];
}

/** Turning of which nobody asked where it is felt. */
function unaskedTurning(side: Side, movements: readonly MovementFinding[]): Hint[] {
  const from = movements.filter((m) => m.side === side && m.unasked).flatMap((m) => m.readings);
  return from.length > 0 ? [{ ...hint('turning', side, []), from: [...new Set(from)] }] : [];
}

/** What guarding, fear or the body itself held back. */
function heldBack(side: Side, { usual }: Signs): Hint[] {
  return usual
    .filter((r) => ofSide(r, side))
    .flatMap((r): Hint[] => {
      const readout = readoutOf(r.test, r.readout);
      const eased = readout && easedBy(r, readout);
      const degrees = readout && isModelled(readout) ? (readout.degreesPerUnit ?? 1) : 1;
      const body = r.endFeel === 'body-contact' ? [hint('body-contact', side, [r])] : [];
      if (readout && eased !== null && eased !== undefined && eased * degrees > EASED_DEG)
        return [hint('guarding', side, [r], { eased }), ...body];
      if (r.endFeel === 'guarding' || r.endFeel === 'fear') return [hint('guarding', side, [r]), ...body];
      return body;
    });
}

/** Hamstrings that feel tight and are long: a pelvis that stands tipped forward has drawn them out already. */
function preLengthened(side: Side, signs: Signs): Hint[] {
  const raise = signs.of(...SLR, side),
    raiseZ = signs.z(raise);
  const tilt = signs.of(...TILT, side) ?? signs.of(...TILT, 'both');
  const readout = readoutOf(...TILT),
    usual = readout && normOf(readout, undefined);
  if (!raise || !tilt || !usual || raiseZ === null || raiseZ < SHORT_Z) return [];
  if (raise.placeFelt !== 'back-thigh' && !signs.complains(['back-thigh'], side)) return [];
  const [up, stand] = [meanOf(raise.trials), meanOf(tilt.trials)];
  if (stand - usual.mean <= readout.detectable) return [];
  const facts = { raise: up, tilt: stand, usual: usual.mean, together: up + stand - usual.mean };
  return [hint('pre-lengthened', side, [raise, tilt], facts)];
}

/** A straight leg that rises little, of which the bent-knee test knows nothing: the pelvis did not hold. */
function bentOnly(side: Side, signs: Signs): Hint[] {
  const raise = signs.of(...SLR, side),
    bent = signs.of('knee-extension-90-90', 'missing-extension', side);
  const [raiseZ, bentZ] = [signs.z(raise), signs.z(bent)];
  if (raiseZ === null || bentZ === null || raiseZ >= SHORT_Z || bentZ < USUAL_Z) return [];
  return [hint('pelvis-control', side, [raise, bent])];
}

/** Movements that go much further by hand than alone. */
function uncontrolled(side: Side, signs: Signs): Hint[] {
  return signs.own
    .filter((r) => r.side === side && r.active && r.unit === 'deg')
    .flatMap((active): Hint[] => {
      const passive = signs.alike(active, side);
      const readout = readoutOf(active.test, active.readout);
      if (!passive || !readout) return [];
      const gap = controlGap(passive, active, readout);
      return gap > CONTROL_GAP ? [hint('control', side, [passive, active], { gap })] : [];
    });
}

/** Hands that do not reach though the hamstrings are usual: the back, or the proportions. */
function backOrProportion(signs: Signs): Hint[] {
  const reach = signs.of('sit-and-reach', 'reach', 'both');
  const raises = SIDES.map((s) => signs.of(...SLR, s));
  const [reachZ, left, right] = [reach, ...raises].map((r) => signs.z(r));
  if (reachZ === null || left === null || right === null || reachZ >= SHORT_Z || Math.min(left, right) < USUAL_Z)
    return [];
  return [hint('spine-or-proportion', 'both', [reach, ...raises])];
}

/** A squat that is deeper lying down than standing. */
function unbalanced(signs: Signs): Hint[] {
  const squat = signs.of('deep-squat', 'grade', 'both');
  const lying = signs.own.find((r) => isOf(r, 'deep-squat') && r.variant === 'on-the-back');
  return squat && lying && meanOf(lying.trials) > meanOf(squat.trials) ? [hint('balance', 'both', [squat, lying])] : [];
}

/** A person who goes far in many ways. The nine points say it by themselves, other movements by their number. */
function mobile(signs: Signs): Hint[] {
  const points = signs.of('mobility-score', 'points', 'both');
  const count = points ? meanOf(points.trials) : 0;
  if (points && count >= (signs.over50(points) ? MOBILE_POINTS_OLDER : MOBILE_POINTS))
    return [hint('mobile', 'both', [points], { points: count })];
  const far = signs.usual.filter((r) => {
    const readout = readoutOf(r.test, r.readout);
    return readout && isModelled(readout) && (signs.z(r) ?? 0) > MOBILE_Z;
  });
  // One joint's turning that goes far both ways of lying tells of its bone, not of the person.
  const kinds = new Set(far.map((r) => readoutOf(r.test, r.readout)?.movement?.replace(/-(extended|flexed)$/, '')));
  return far.length >= MANY_MOBILE && kinds.size >= MOBILE_MOVEMENTS
    ? [hint('mobile', 'both', far, { count: far.length })]
    : [];
}

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
 * What says that a joint, not a muscle, stops: a pinch or a press by itself, whatever the range; a hard stop well
 * before typical; or what the readings leave. A hip that ends hard, pinches and goes little is the picture of bone on
 * bone: a clinician looks first.
 */
function jointHints(joint: JointId, side: Side, signs: Signs, movements: readonly MovementFinding[]): Hint[] {
  const z = (r: Reading) => signs.z(r);
  const own = signs.usual.filter((r) => {
    const movement = modelledReadoutOf(r.test, r.readout)?.movement;
    if (!ofSide(r, side) || movement === undefined) return false;
    // What pinches in the groin is the hip, whatever else moves.
    return (r.placeFelt === 'groin-pinch' ? 'joint-or-capsule' : jointOf(movement)) === joint;
  });
  const pinching = own.filter(pressesJoint);
  const hard = own.filter((r) => r.endFeel === 'hard-block' && (z(r) ?? 0) < SHORT_Z);
  const told = movements.filter((m) => m.side === side && m.band < SHORT_Z && shareOf(m, joint) >= JOINT_LIKELY);
  // A knee or ankle that only the sums point to is told as the limiter; it needs a sign of its own to be a hint.
  if (pinching.length + hard.length === 0 && joint === 'joint-or-capsule') {
    const whole = stopsEveryWay(side, signs);
    if (whole) return [whole];
  }
  if (pinching.length + hard.length === 0 && (told.length === 0 || joint !== 'joint-or-capsule')) return [];
  const share = Math.max(JOINT_LIKELY, ...told.map((m) => shareOf(m, joint)));
  const clearly = [...pinching, ...hard].some((r) => (z(r) ?? 0) < CLEARLY_SHORT_Z);
  // A pinch that comes in one movement after the other, or where she has her trouble, is no matter of one position.
  const sore = signs.complains(AT_THE_JOINT, side) && joint === 'joint-or-capsule';
  const again = new Set(pinching.filter(pinches).map((r) => r.test)).size > 1;
  return [
    {
      kind: 'joint',
      side,
      joint,
      facts: { share, ...(pinching.length > 0 && { pinch: 1 }), ...(hard.length > 0 && { hard: 1 }) },
      from: [...new Set([...pinching, ...hard].map((r) => r.id).concat(told.flatMap((m) => m.readings)))],
      refer: clearly && pinching.length > 0 && (hard.length > 0 || sore || again),
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
    // Thigh on belly is felt in the fold of the hip, and told as that.
    if (feltFar(r) || (r.endFeel === 'body-contact' && r.placeFelt === 'front-hip-crease')) continue;
    if (away !== null || (strange.has(r.id) && r.placeFelt !== 'nowhere'))
      at.set(r.placeFelt, [...(at.get(r.placeFelt) ?? []), r.id]);
  }
  return [...at].map(([place, from]) => ({ kind: 'elsewhere', side, place, from, facts: {}, refer: false }));
}

const shareOf = (m: MovementFinding, group: GroupId): number =>
  m.limiters.find((l) => l.group === group)?.probability ?? 0;

/** What the four turnings of a side say together: the twist of the bone, or a joint that turns little either way. */
function rotations(side: Side, signs: Signs): Hint[] {
  const { own } = signs;
  const four = (['prone-hip-rotation', 'seated-hip-rotation'] as const).flatMap((t) =>
    (['internal-rotation', 'external-rotation'] as const).map((r) => signs.of(t, r, side)),
  );
  const [inLying, outLying, inSitting, outSitting] = four.map((r) => (r ? meanOf(r.trials) : null));
  const version = signs.of('trochanteric-version', 'version', side);
  const from = [...four, version];
  const read = four.filter((r) => r !== undefined);
  const pair = (inward: number | null, outward: number | null): boolean => inward !== null && outward !== null;
  const all = pair(inLying, outLying) && pair(inSitting, outSitting);
  // Where only one position was read both ways of it must be clearly short.
  const least = all ? SHORT_Z : CLEARLY_SHORT_Z;
  const oneWhole = pair(inLying, outLying) || pair(inSitting, outSitting);
  if (oneWhole && read.every((r) => (signs.z(r) ?? 0) < least)) {
    const older = own.some((r) => signs.over50(r));
    const sore =
      signs.complains(AT_THE_JOINT, side) || own.some((r) => r.side === side && r.placeFelt === 'groin-pinch');
    const told = Object.fromEntries(
      Object.entries({ inLying, outLying, inSitting, outSitting }).filter(([, v]) => v !== null),
    ) as Hint['facts'];
    return [hint('both-rotations', side, from, told, older && sore)];
  }
  if (inLying === null || outLying === null) return [];
  if (inSitting === null || outSitting === null) {
    // A bone whose twist was felt, and whose turning with the hip straight says the same: no sitting is needed to tell
    // it.
    if (!version) return [];
    const felt = meanOf(version.trials);
    const kind =
      inLying - outLying >= ROTATION_GAP && felt >= TWISTED_IN
        ? 'turned-in-bone'
        : outLying - inLying >= ROTATION_GAP && felt <= TWISTED_OUT
          ? 'turned-out-bone'
          : null;
    return kind ? [hint(kind, side, [four[0], four[1], version], { inLying, outLying, version: felt })] : [];
  }
  const facts = { inLying, outLying, inSitting, outSitting, ...(version ? { version: meanOf(version.trials) } : {}) };
  if (inLying - outLying >= ROTATION_GAP && inSitting - outSitting >= ROTATION_GAP)
    return [hint('turned-in-bone', side, from, facts)];
  if (outLying - inLying >= ROTATION_GAP && outSitting - inSitting >= ROTATION_GAP)
    return [hint('turned-out-bone', side, from, facts)];
  return [];
}
