import { describe, expect, it } from 'vitest';
import { HALF, HALF_COUNT, halfFromDegrees, LINE_IDS, LINES, lineIndex, MuscleModel } from './index';
import type { HalfAngles } from './test-ends';

type Coordinate = Exclude<keyof typeof HALF, 'femoralVersion'>;
const model = new MuscleModel();
const lengths = new Float64Array(model.lineCount);
const arms = new Float64Array(model.lineCount * HALF_COUNT);

/** Elongation of a line in fibre lengths. */
const elongation = (line: string, at: HalfAngles): number =>
  model.elongations(halfFromDegrees(at), lengths)[lineIndex(line)];
/** Moment arm in centimetres; positive moves the coordinate in its positive direction. */
const arm = (line: string, about: Coordinate, at: HalfAngles): number =>
  100 * model.momentArms(halfFromDegrees(at), arms)[lineIndex(line) * HALF_COUNT + HALF[about]];

/** Lines of one name or of a structure. */
const linesOf = (name: string): string[] => {
  const found = LINES.filter((l) => l.line === name || l.structure === name).map((l) => l.line);
  if (found.length === 0) throw new Error(`no line or structure "${name}"`);
  return found;
};

type Check = () => void;
/** Every line's arm lies in a range, centimetres, at every posture given. */
const pulls =
  (name: string, about: Coordinate, [least, most]: [number, number], ...at: HalfAngles[]): Check =>
  () => {
    for (const line of linesOf(name))
      for (const posture of at) {
        const value = arm(line, about, posture);
        expect(value, `${line} about ${about} at ${JSON.stringify(posture)}`).toBeGreaterThanOrEqual(least);
        expect(value, `${line} about ${about} at ${JSON.stringify(posture)}`).toBeLessThanOrEqual(most);
      }
  };
/**
 * The arm changes its sign once while hip flexion goes from 0 to 120°, at an angle in a range; `to` is its last sign.
 */
const reverses =
  (name: string, about: Coordinate, to: 1 | -1, [from, until]: [number, number], at: HalfAngles = {}): Check =>
  () => {
    for (const line of linesOf(name)) {
      const crossings: number[] = [];
      let before = arm(line, about, { ...at, hipFlexion: 0 });
      for (let hipFlexion = 1; hipFlexion <= 120; hipFlexion++) {
        const here = arm(line, about, { ...at, hipFlexion });
        if (Math.sign(here) !== Math.sign(before)) crossings.push(hipFlexion);
        before = here;
      }
      expect(crossings, line).toHaveLength(1);
      expect(Math.sign(before), line).toBe(to);
      expect(crossings[0], line).toBeGreaterThanOrEqual(from);
      expect(crossings[0], line).toBeLessThanOrEqual(until);
    }
  };
/** Every line is longer in the first posture than in the second by at least `by` fibre lengths. */
const longer =
  (name: string, at: HalfAngles, than: HalfAngles, by: number): Check =>
  () => {
    for (const line of linesOf(name))
      expect(elongation(line, at) - elongation(line, than), line).toBeGreaterThanOrEqual(by);
  };
/** Lengths differ by less than `by` fibre lengths. */
const alike =
  (name: string, at: HalfAngles, than: HalfAngles, by = 1e-9): Check =>
  () => {
    for (const line of linesOf(name))
      expect(Math.abs(elongation(line, at) - elongation(line, than)), line).toBeLessThanOrEqual(by);
  };

const flexed = (...angles: number[]): HalfAngles[] => angles.map((hipFlexion) => ({ hipFlexion }));
const bent = (...angles: number[]): HalfAngles[] => angles.map((kneeFlexion) => ({ kneeFlexion }));

/**
 * What a teacher relies on: the fact, why it holds, the check. Ranges of arms are those of published cadaver and
 * imaging studies as recalled, widened to whole half-centimetres: no single source was looked up.
 */
const FACTS: readonly [fact: string, because: string, check: Check][] = [
  // Front of the hip
  ['psoas and iliacus flex at every angle', 'they pass in front of the hip', pulls('psoas', 'hipFlexion', [2, 7], ...flexed(-30, 0, 45, 90, 120))],
  ['iliacus flexes at every angle', 'the pelvic brim keeps it in front', pulls('iliacus', 'hipFlexion', [2, 7], ...flexed(-30, 0, 45, 90, 120))],
  ['extension lengthens psoas', 'it is the first to stop a trailing leg', longer('psoas', { hipFlexion: -20 }, {}, 0.08)],
  ['extension lengthens iliacus', 'same course below the brim', longer('iliacus', { hipFlexion: -20 }, {}, 0.08)],
  ['bending the spine away lengthens psoas', 'its slips hold the lumbar bodies from the side', longer('psoas', { lumbarBend: -20 }, {}, 0.03)],
  ['iliacus does not know the spine', 'it begins on the pelvis', alike('iliacus', { lumbarBend: -20, lumbarFlexion: 40 }, {})],
  ['turning the thigh hardly changes psoas', 'its arm about the thigh is small: no claim is made', pulls('psoas', 'hipRotation', [-1.2, 1.2], {}, { hipFlexion: 90 })],
  ['turning the thigh hardly changes iliacus', 'same end on the bone', pulls('iliacus', 'hipRotation', [-1.2, 1.2], {}, { hipFlexion: 90 })],
  ['a pelvis spilled forward hides extension', 'the thigh hangs the same, the hip is less extended', longer('iliacus', { hipFlexion: -20 }, { hipFlexion: -5, lumbarFlexion: -15 }, 0.05)],
  ['rectus femoris flexes the hip', 'it begins above the socket', pulls('rectus-femoris', 'hipFlexion', [2, 5.5], {}, { hipFlexion: 45 })],
  ['rectus femoris is long in a bent knee behind the body', 'both joints draw it out', longer('rectus-femoris', { hipFlexion: -20, kneeFlexion: 120 }, {}, 0.8)],
  ['rectus femoris is slack in a straight leg raise', 'both joints let it go', longer('rectus-femoris', {}, { hipFlexion: 60 }, 0.4)],
  ['sitting on the heels asks less of rectus femoris than lying with the heel held', 'the bent hip gives back what the knee takes', longer('rectus-femoris', { kneeFlexion: 130 }, { hipFlexion: 90, kneeFlexion: 130 }, 0.4)],
  ['vasti do not know the hip', 'they begin on the thigh bone', alike('vasti', { hipFlexion: 100, hipAdduction: -30 }, {})],
  ['vasti are lengthened by bending the knee alone', 'the kneecap carries them round', longer('vasti', { kneeFlexion: 140 }, {}, 0.8)],
  ['sartorius flexes the hip', 'front hip bone to the inside of the knee', pulls('sartorius', 'hipFlexion', [2, 9], {}, { hipFlexion: 60 })],
  ['sartorius spreads the thigh', 'it begins outside the hip', pulls('sartorius', 'hipAdduction', [-7, -1], {}, { hipFlexion: 60 })],
  ['sartorius turns the thigh out', 'tailor’s seat: all its actions at once', pulls('sartorius', 'hipRotation', [-2, -0.1], {}, { hipFlexion: 60 })],
  ['sartorius bends the knee', 'it passes behind the knee’s axis', pulls('sartorius', 'kneeFlexion', [0, 4], ...bent(0, 60, 120))],
  ['sartorius never comes to its end', 'fibres of half a metre', longer('sartorius', {}, { hipFlexion: -30, hipAdduction: 20 }, -0.12)],

  // Outer hip
  ['tensor fasciae latae flexes', 'front hip bone to the band', pulls('tensor-fasciae-latae', 'hipFlexion', [2, 5.5], {})],
  ['it abducts', 'it lies outside the hip', pulls('tensor-fasciae-latae', 'hipAdduction', [-6.5, -3], {})],
  ['it turns the thigh in', 'weakly when straight', pulls('tensor-fasciae-latae', 'hipRotation', [0, 2], {})],
  ['its turn-in grows with flexion', 'its pull comes to lie across the thigh', () => expect(arm('tensor-fasciae-latae', 'hipRotation', { hipFlexion: 60 })).toBeGreaterThan(arm('tensor-fasciae-latae', 'hipRotation', {}) + 1)],
  ['extension with adduction lengthens it', 'the side-lying test', longer('tensor-fasciae-latae', { hipFlexion: -10, hipAdduction: 20 }, { hipFlexion: -10 }, 0.1)],
  ['a thigh that drifts out lets it go', 'why a hanging leg drifts', longer('tensor-fasciae-latae', { hipFlexion: -10 }, { hipFlexion: -10, hipAdduction: -15 }, 0.1)],
  ['gluteus medius abducts in standing', 'it holds the pelvis level on one leg', pulls('gluteus-medius', 'hipAdduction', [-7, -2.5], {})],
  ['gluteus minimus abducts in standing', 'same, closer to the joint', pulls('gluteus-minimus', 'hipAdduction', [-6, -2.5], {})],
  ['the front of gluteus medius turns in', 'it lies in front of the knob', pulls('gluteus-medius-anterior', 'hipRotation', [0.5, 6], {}, { hipFlexion: 45 }, { hipFlexion: 90 })],
  ['the back of gluteus medius turns out, then in', 'the knob swings under its fibres', reverses('gluteus-medius-posterior', 'hipRotation', 1, [25, 60])],
  ['the middle of gluteus medius turns in sooner', 'it lies nearer to the front', reverses('gluteus-medius-middle', 'hipRotation', 1, [5, 35])],
  ['the back of gluteus minimus turns in with flexion', 'nearly all fibres do beyond 60°', reverses('gluteus-minimus-posterior', 'hipRotation', 1, [5, 45])],
  ['the front of gluteus minimus turns in', 'in front of the knob', pulls('gluteus-minimus-anterior', 'hipRotation', [0.5, 6], {}, { hipFlexion: 45 }, { hipFlexion: 90 })],
  ['adduction lengthens gluteus medius in standing', 'hip hitch of the other side', longer('gluteus-medius', { hipAdduction: 20 }, {}, 0.1)],

  // Buttock
  ['gluteus maximus extends in standing', 'it is behind the hip', pulls('gluteus-maximus', 'hipFlexion', [-8.5, -3], {})],
  ['its middle and lower fibres still extend at 120°', 'they wrap behind, they do not cut through', () => { for (const line of ['gluteus-maximus-middle', 'gluteus-maximus-lower']) pulls(line, 'hipFlexion', [-7, -2], ...flexed(60, 90, 120))(); }],
  ['it turns the thigh out in standing', 'from sacrum to the outside of the thigh', pulls('gluteus-maximus', 'hipRotation', [-4, -1], {})],
  ['its upper fibres turn from outward to inward rotators', 'they slip over the side of the hip', reverses('gluteus-maximus-upper', 'hipRotation', 1, [45, 80])],
  ['its middle and lower fibres lose outward leverage with flexion', 'they keep behind the bone', () => { for (const line of ['gluteus-maximus-middle', 'gluteus-maximus-lower']) expect(arm(line, 'hipRotation', { hipFlexion: 90 })).toBeGreaterThan(arm(line, 'hipRotation', {}) + 0.5); }],
  ['its upper fibres abduct, its lower ones adduct', 'above and below the joint’s axis', () => { pulls('gluteus-maximus-upper', 'hipAdduction', [-5, -0.5], {})(); pulls('gluteus-maximus-lower', 'hipAdduction', [1, 8], {})(); }],
  ['hugging the knee lengthens its lower fibres', 'knee to chest', longer('gluteus-maximus-lower', { hipFlexion: 115 }, {}, 0.3)],
  ['drawing the hugged knee across lengthens its middle further', 'flexion with adduction', longer('gluteus-maximus-middle', { hipFlexion: 90, hipAdduction: 25 }, { hipFlexion: 90 }, 0.05)],
  ['piriformis turns out, then in', 'its line passes behind the axis, then in front', reverses('piriformis', 'hipRotation', 1, [45, 75])],
  ['piriformis abducts a bent hip', 'it opens the thighs in sitting', pulls('piriformis', 'hipAdduction', [-4, -0.8], { hipFlexion: 90 })],
  ['inward turning lengthens piriformis in standing', 'it is an outward rotator there', longer('piriformis', { hipRotation: 40 }, {}, 0.2)],
  ['outward turning lengthens it in figure-four', 'it is an inward rotator there', longer('piriformis', { hipFlexion: 95, hipRotation: -40 }, { hipFlexion: 95 }, 0.1)],
  ['crossing lengthens it in a bent hip', 'knee to the opposite shoulder', longer('piriformis', { hipFlexion: 95, hipAdduction: 20 }, { hipFlexion: 95 }, 0.08)],
  ['in seated inward turning it is slack as a rotator', 'past the reversal turning in shortens it', longer('piriformis', { hipFlexion: 85 }, { hipFlexion: 85, hipRotation: 35 }, 0.03)],
  ['obturator internus and gemelli stay outward rotators to 90°', 'they leave the sit bone below the reversal', pulls('obturator-internus-gemelli', 'hipRotation', [-4.5, -0.5], ...flexed(0, 45, 90))],
  ['quadratus femoris stays an outward rotator', 'sit bone to the back of the thigh bone', pulls('quadratus-femoris', 'hipRotation', [-5.5, -1], ...flexed(0, 45, 90, 120))],
  ['obturator externus turns out more the more the hip is bent', 'it slings under the neck of the bone', () => expect(arm('obturator-externus', 'hipRotation', { hipFlexion: 90 })).toBeLessThan(arm('obturator-externus', 'hipRotation', {}) - 0.5)],
  ['inward turning in a bent hip lengthens quadratus femoris', 'seated inward rotation', longer('quadratus-femoris', { hipFlexion: 85, hipRotation: 30 }, { hipFlexion: 85 }, 0.1)],

  // Inner thigh
  ['adductor longus flexes, then extends', 'its line passes from before to behind the axis', reverses('adductor-longus', 'hipFlexion', -1, [50, 80])],
  ['adductor brevis reverses earlier', 'shorter and nearer to the joint', reverses('adductor-brevis', 'hipFlexion', -1, [10, 60])],
  ['gracilis flexes a straight hip and extends a deeply bent one', 'same reason', reverses('gracilis', 'hipFlexion', -1, [20, 60])],
  ['pectineus flexes up to about 90°', 'it lies highest in front', reverses('pectineus', 'hipFlexion', -1, [55, 105])],
  ['adductor magnus extends in flexion', 'its back part comes from the sit bone', pulls('adductor-magnus', 'hipFlexion', [-7, -2], { hipFlexion: 60 }, { hipFlexion: 90 })],
  ['all adductors adduct in standing', 'their name', () => { for (const s of ['adductors-short', 'adductor-magnus', 'gracilis']) pulls(s, 'hipAdduction', [4, 9], {})(); }],
  ['pectineus adducts', 'less than the long ones', pulls('pectineus', 'hipAdduction', [2, 5], {})],
  ['spreading lengthens the short adductors', 'straddle', longer('adductors-short', { hipAdduction: -40 }, {}, 0.15)],
  ['spreading a bent hip lengthens adductor magnus', 'bound soles, frog', longer('adductor-magnus', { hipFlexion: 90, hipAdduction: -40 }, { hipFlexion: 90 }, 0.05)],
  ['bending the knee slackens gracilis in a wide leg', 'it crosses the knee', longer('gracilis', { hipAdduction: -40 }, { hipAdduction: -40, kneeFlexion: 90 }, 0.1)],
  ['it does not slacken adductor longus', 'it ends above the knee', alike('adductor-longus', { hipAdduction: -40, kneeFlexion: 90 }, { hipAdduction: -40 })],
  ['turning hardly changes the long adductors', 'they pull along the thigh’s axis', pulls('adductor-longus', 'hipRotation', [-1.2, 1.2], {}, { hipFlexion: 90 })],

  // Back of the thigh
  ['hamstrings extend the hip', 'from the sit bone', pulls('hamstrings', 'hipFlexion', [-8, -3], ...flexed(0, 30, 60, 90))],
  ['they still extend at 120°', 'the sit bone carries them round', pulls('hamstrings', 'hipFlexion', [-7, -2], { hipFlexion: 120 })],
  ['hamstrings bend the knee at every angle', 'their cords stand off behind', pulls('hamstrings', 'kneeFlexion', [1, 6], ...bent(0, 45, 90, 130, 150))],
  ['bending the knee slackens them in a fold', 'two joints', longer('hamstrings', { hipFlexion: 80 }, { hipFlexion: 80, kneeFlexion: 90 }, 0.3)],
  ['a forward-tilted pelvis lengthens them in standing', 'pre-lengthened, not short', longer('hamstrings', { hipFlexion: 15 }, {}, 0.05)],
  ['the inner ones turn a bent shin in', 'they end on its inside', () => { for (const line of ['semitendinosus', 'semimembranosus']) pulls(line, 'kneeRotation', [1, 4], { kneeFlexion: 90 })(); }],
  ['biceps turns it out', 'it ends on the outside', pulls('biceps-femoris-long-head', 'kneeRotation', [-5, -1], { kneeFlexion: 90 })],
  ['none of them turns a straight knee', 'the straight knee is locked and they pull along the shin', pulls('hamstrings', 'kneeRotation', [-0.05, 0.05], {})],
  ['the short head of biceps does not know the hip', 'it begins on the thigh bone', alike('biceps-femoris-short-head', { hipFlexion: 90, hipAdduction: -30 }, {})],
  ['the short head bends the knee', 'it joins the long head’s cord', pulls('biceps-femoris-short-head', 'kneeFlexion', [1, 5], ...bent(0, 45, 90, 130))],
  ['spreading hardly lengthens biceps, it lengthens the inner hamstrings in a fold', 'they adduct', longer('semitendinosus', { hipFlexion: 70, hipAdduction: -40 }, { hipFlexion: 70 }, 0.03)],

  // Knee and below
  ['the front thigh straightens the knee at every angle', 'the kneecap holds the cord off', pulls('vasti', 'kneeFlexion', [-5.5, -1.5], ...bent(0, 30, 60, 90, 120, 150))],
  ['its leverage is best a little bent', 'the kneecap rides highest there', () => expect(arm('vasti', 'kneeFlexion', { kneeFlexion: 30 })).toBeLessThan(Math.min(arm('vasti', 'kneeFlexion', {}), arm('vasti', 'kneeFlexion', { kneeFlexion: 120 })))],
  ['gastrocnemius bends the knee', 'it begins above it', pulls('gastrocnemius', 'kneeFlexion', [1, 3.5], ...bent(0, 45, 90, 130))],
  ['bending the knee slackens gastrocnemius', 'how to tell it from soleus', longer('gastrocnemius', { ankleDorsiflexion: 25 }, { ankleDorsiflexion: 25, kneeFlexion: 60 }, 0.3)],
  ['soleus does not know the knee', 'it begins on the shin', alike('soleus', { ankleDorsiflexion: 25, kneeFlexion: 60 }, { ankleDorsiflexion: 25 })],
  ['the calf points the foot', 'the heel is its lever', () => { for (const s of ['gastrocnemius', 'soleus']) pulls(s, 'ankleDorsiflexion', [-6.5, -2.5], { ankleDorsiflexion: -30 }, {}, { ankleDorsiflexion: 20 })(); }],
  ['lifting the foot lengthens the calf', 'dog, lunge', longer('gastrocnemius', { ankleDorsiflexion: 20 }, {}, 0.15)],
  ['the front of the shin lifts the foot', 'tendons held down over the ankle', pulls('ankle-dorsiflexors', 'ankleDorsiflexion', [2, 6.5], { ankleDorsiflexion: -30 }, {}, { ankleDorsiflexion: 20 })],
  ['pointing the foot lengthens it', 'sitting between the heels', longer('ankle-dorsiflexors', { ankleDorsiflexion: -50 }, {}, 0.15)],
  ['curling the toes under lengthens the toe extensors, not tibialis anterior', 'only they reach the toes', () => { longer('extensor-digitorum-longus', { ankleDorsiflexion: -50, toeExtension: -40 }, { ankleDorsiflexion: -50 }, 0.01)(); alike('tibialis-anterior', { ankleDorsiflexion: -50, toeExtension: -40 }, { ankleDorsiflexion: -50 })(); }],
  ['tibialis anterior turns the sole in', 'it ends on the inner edge', pulls('tibialis-anterior', 'ankleInversion', [0.3, 3], {})],
  ['the long toe extensor turns it out', 'it runs along the outer toes', pulls('extensor-digitorum-longus', 'ankleInversion', [-3, -0.2], {})],

  // Trunk
  ['erector spinae extends the low back', 'behind the joints', pulls('erector-spinae', 'lumbarFlexion', [-7, -3], {}, { lumbarFlexion: 40 })],
  ['rounding lengthens it', 'forward fold', longer('erector-spinae', { lumbarFlexion: 40 }, {}, 0.1)],
  ['rectus abdominis bends the trunk forward', 'in front of it', pulls('rectus-abdominis', 'lumbarFlexion', [5, 13], {})],
  ['arching lengthens it', 'back-bend', longer('rectus-abdominis', { lumbarFlexion: -25 }, {}, 0.08)],
  ['quadratus lumborum bends to its own side', 'from rim to ribs', pulls('quadratus-lumborum', 'lumbarBend', [3, 8], {})],
  ['bending away lengthens it', 'side bend', longer('quadratus-lumborum', { lumbarBend: -20 }, {}, 0.15)],
  ['the external oblique turns the trunk to the other side', 'ribs to the front of the pelvis', pulls('external-oblique', 'lumbarRotation', [0.5, 5], {})],
  ['the internal oblique turns it to its own side', 'the fibres cross', pulls('internal-oblique', 'lumbarRotation', [-6, -0.5], {})],
  ['both bend it forward and to the side', 'front wall of the belly', () => { pulls('obliques', 'lumbarFlexion', [3, 11], {})(); pulls('obliques', 'lumbarBend', [3, 11], {})(); }],
];

describe('facts of anatomy', () => {
  it('are at least eighty, each with its reason and none twice', () => {
    expect(FACTS.length).toBeGreaterThanOrEqual(80);
    expect(new Set(FACTS.map(([fact]) => fact)).size).toBe(FACTS.length);
    for (const [, because] of FACTS) expect(because.length).toBeGreaterThan(5);
  });
  it.each(FACTS)('%s: %s', (_, __, check) => check());
});

describe('what a line does not cross', () => {
  // Coordinates between a line's segments, found from its points, not from its arms.
  const JOINTS_OF: Record<string, readonly Coordinate[]> = {
    'lumbar-lower': ['lumbarFlexion', 'lumbarBend', 'lumbarRotation'],
    'lumbar-upper': ['lumbarFlexion', 'lumbarBend', 'lumbarRotation'],
    thorax: ['lumbarFlexion', 'lumbarBend', 'lumbarRotation', 'thoraxFlexion', 'thoraxBend', 'thoraxRotation'],
    thigh: ['hipFlexion', 'hipAdduction', 'hipRotation'],
    foot: ['ankleDorsiflexion', 'ankleInversion'],
    midfoot: ['ankleDorsiflexion', 'ankleInversion', 'instepDorsiflexion'],
    toes: ['ankleDorsiflexion', 'ankleInversion', 'instepDorsiflexion', 'toeExtension'],
  };
  const all = Object.keys(HALF).filter((c): c is Coordinate => c !== 'femoralVersion');
  it.each(LINE_IDS)('%s', (id) => {
    const line = LINES[lineIndex(id)];
    const crossed = new Set<Coordinate>();
    const segments = line.points.map((p) => p.segment);
    const last = segments[segments.length - 1];
    if (segments[0] !== 'thigh') for (const c of JOINTS_OF[last] ?? []) crossed.add(c);
    // Psoas begins on the spine and ends on the thigh: both ends count.
    for (const c of JOINTS_OF[segments[0]] ?? []) if (segments[0] !== last) crossed.add(c);
    if (segments[0] === 'thigh') crossed.clear();
    if (line.kneeFunction) crossed.add('kneeFlexion');
    if (line.kneeRotation_m) crossed.add('kneeRotation');
    const base = { hipFlexion: 40, hipAdduction: -10, hipRotation: 5, kneeFlexion: 50, ankleDorsiflexion: 5 };
    for (const c of all) {
      const moved = { ...base, [c]: ((base as Partial<Record<Coordinate, number>>)[c] ?? 0) + 9 };
      const change = Math.abs(elongation(id, moved) - elongation(id, base));
      if (!crossed.has(c)) expect(change, c).toBeLessThan(1e-12);
    }
    expect(crossed.size).toBeGreaterThan(0);
  });
});
