import { DEG, HALF, type Half } from '@/core/body';
import { defineTest, type Context } from '../definition';
import { bendOfKnee, byModel, FROM_ABOVE, FROM_BESIDE, tableEdge, thighFrom } from './laid';
import { ANGLE, limits, TOWARDS_FEET } from './parts';

/** Degrees the pelvis is rolled back while the other knee is held; our default where no inclinometer reads it. */
export const ROLL = 6;
/**
 * The posture that the body model's ends were set in (athletes' knee); the norms below are told against, and need not
 * be the same.
 */
const TYPICAL = { 'hip-extension': 5, 'knee-flexion': 52.5, 'hip-abduction': 15.6 };

function hang(context: Context, own: Partial<typeof TYPICAL>, out: Half): void {
  const v = { ...TYPICAL, ...context, ...own };
  out.fill(0);
  out[HALF.hipFlexion] = -(v['hip-extension'] + (context.pelvicTilt ?? ROLL)) * DEG;
  out[HALF.hipAdduction] = -v['hip-abduction'] * DEG;
  out[HALF.kneeFlexion] = v['knee-flexion'] * DEG;
}

export const modifiedThomas = defineTest({
  id: 'modified-thomas',
  name: 'Leg hanging from the table edge',
  clinical: 'Modified Thomas test',
  kind: 'length',
  purpose: 'Length of the muscles that bend the hip, one- and two-joint ones together; the read-outs tell them apart.',
  position: 'table edge',
  sided: true,
  start: 'Sitting on the very edge, the student rolls back and hugs both knees. Low back lightly flat.',
  hold: 'One knee stays hugged, just enough that the low back touches. Watch the front hip bone: it stays still.',
  move: 'Let the other thigh sink by its own weight, shin loose.',
  end: 'Read where the thigh comes to rest, then how far the shin hangs, then how far the thigh has drifted out.',
  spoils: ['other knee hugged too hard', 'low back arching', 'table under the thigh'],
  care: 'Not with back pain in this position or a pinch in the hugged hip; not late in pregnancy.',
  limiters: limits({
    psoas: 3,
    iliacus: 3,
    'rectus-femoris': 2,
    'tensor-fasciae-latae': 2,
    'hip-capsule-front': 2,
    sartorius: 1,
    pectineus: 1,
  }),
  variants: [
    {
      id: 'side-lying',
      name: 'lying on the side',
      how: 'On the other side, lower knee hugged. Stand behind, hold the pelvis still and carry the upper thigh back.',
      opens: ['pregnancy-middle', 'pregnancy-late', 'low-back-ache'],
      readouts: ['hip-extension'],
      sameMeasure: true,
    },
    {
      id: 'knee-straight',
      name: 'knee straightened',
      how: 'At the end, straighten the hanging knee by hand and read the thigh again: if it drops, rectus femoris holds it.',
      readouts: ['hip-extension'],
      context: { 'knee-flexion': 5 },
    },
    {
      id: 'drift-allowed',
      name: 'thigh let out',
      how: 'At the end, let the thigh drift out as far as it likes and read it again: if it drops, the outer hip holds it.',
      readouts: ['hip-extension'],
      context: { 'hip-abduction': 30 },
    },
  ],
  readouts: [
    {
      id: 'hip-extension',
      name: 'Thigh below the table',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh level; + below, − above',
      min: -45,
      max: 40,
      better: 'higher',
      movement: 'hip-extension',
      manner: 'hanging',
      pelvisShares: true,
      limiters: limits({
        psoas: 3,
        iliacus: 3,
        'rectus-femoris': 2,
        'tensor-fasciae-latae': 2,
        'hip-capsule-front': 2,
      }),
      detectable: 8,
      detectableSource: 'rule of thumb for this test',
      norms: [
        {
          sex: 'all',
          mean: 5,
          sd: 8,
          group: 'untrained adults',
          source: 'rule of thumb',
          confidence: 'teaching-default',
          primary: true,
        },
        {
          sex: 'all',
          mean: 10.6,
          sd: 9.61,
          group: 'recreational athletes',
          source: 'Ferber 2010',
          confidence: 'published',
        },
        { sex: 'all', mean: 11.9, sd: 5.6, group: 'elite athletes', source: 'Harvey 1998', confidence: 'published' },
      ],
      posture: (value, context, out) => hang(context, { 'hip-extension': value }, out),
      // The shin hangs below the thigh: level it pulls most, straight down not at all.
      hangs: {
        element: 'rectus-femoris',
        readBy: 'knee-flexion',
        usual: TYPICAL['knee-flexion'],
        weight: (thigh, knee) =>
          Math.max(0.02, Math.cos((thigh + knee) * DEG)) /
          Math.cos((TYPICAL['hip-extension'] + TYPICAL['knee-flexion']) * DEG),
      },
    },
    {
      id: 'knee-flexion',
      name: 'Bend of the hanging knee',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'straight knee',
      min: 0,
      max: 130,
      better: 'higher',
      movement: 'knee-flexion-hip-extended',
      manner: 'hanging',
      pelvisShares: true,
      limiters: limits({ 'rectus-femoris': 3, 'tensor-fasciae-latae': 1, vasti: 1, 'knee-joint': 1 }),
      detectable: 6.3,
      detectableSource: 'computed from Harvey 1998 (reliability .91)',
      norms: [
        {
          sex: 'all',
          mean: 55,
          sd: 10,
          group: 'untrained adults',
          source:
            'rule of thumb: a little above athletes, whose thighs hang lower; room for the 80° that many call usual',
          confidence: 'teaching-default',
          primary: true,
        },
        { sex: 'all', mean: 52.5, sd: 7.6, group: 'elite athletes', source: 'Harvey 1998', confidence: 'published' },
      ],
      posture: (value, context, out) => hang(context, { 'knee-flexion': value }, out),
    },
    {
      id: 'hip-abduction',
      name: 'Sideways drift of the thigh',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh in line with the trunk; + outwards',
      min: -20,
      max: 60,
      better: 'lower',
      movement: 'hip-adduction',
      manner: 'hanging',
      pelvisShares: true,
      limiters: limits({ 'tensor-fasciae-latae': 3, 'gluteus-minimus': 1, sartorius: 1 }),
      detectable: 4.8,
      detectableSource: 'computed from Harvey 1998 (reliability .91)',
      norms: [
        {
          sex: 'all',
          mean: 15.6,
          sd: 5.8,
          group: 'elite athletes',
          source: 'Harvey 1998',
          confidence: 'published',
          primary: true,
        },
      ],
      posture: (value, context, out) => hang(context, { 'hip-abduction': value }, out),
      // What holds the thigh up pulls with no more than its weight, however short it is: it cannot draw it out as well.
      // How short it is shows in how the thigh hangs.
      hangs: {
        element: 'deep-hip-flexor',
        readBy: 'hip-extension',
        resting: (context) => ({
          ...context,
          'hip-extension': TYPICAL['hip-extension'],
          'knee-flexion': Math.min(TYPICAL['knee-flexion'], context['knee-flexion'] ?? Infinity),
        }),
        usual: TYPICAL['hip-extension'],
        weight: (_drift, thigh) => Math.cos(thigh * DEG) / Math.cos(TYPICAL['hip-extension'] * DEG),
      },
    },
  ],
  sensations: [
    { place: 'front-hip-crease', action: 'note' },
    { place: 'front-thigh', action: 'note' },
    { place: 'outer-hip', action: 'note' },
    { place: 'outer-thigh', action: 'note' },
    { place: 'groin-pinch', action: 'stop' },
    { place: 'low-back', action: 'ease' },
    { place: 'nowhere', action: 'note' },
  ],
  drawn: byModel(tableEdge, {
    view: (readout) => (readout === 'hip-abduction' ? FROM_ABOVE : FROM_BESIDE),
    angle: (readout) => (readout === 'knee-flexion' ? bendOfKnee() : thighFrom(TOWARDS_FEET)),
    props: [{ kind: 'table', at: 'pelvis' }],
  }),
});
