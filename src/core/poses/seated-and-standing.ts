import type { Shape } from './format';

export const SEATED_AND_STANDING: readonly Shape[] = [
  {
    id: 'long-sitting-fold',
    name: 'Long-sitting fold',
    sanskrit: 'Paschimottanasana',
    position: 'seated',
    sided: false,
    reaches: ['hamstrings', 'calf'],
    cues: { enter: 'Sit tall, legs long, seat lifted if the back rounds.', keep: 'Breastbone leads, knees soft.', deepen: 'Tip the pelvis over the thighs, then let the back follow.', leave: 'Hands press, rise with a long back.' },
    cheat: 'The back rounds and the pelvis stays where it was.',
    rungs: [
      { name: 'knees bent, seat lifted', entry: { pelvis_tilt: -32, hip_flexion_both: 92, knee_flexion_both: 78, ankle_dorsiflexion_both: 0, lumbar_flexion: 24 }, full: { pelvis_tilt: 6, hip_flexion_both: 104, knee_flexion_both: 28, lumbar_flexion: 18 }, reach: { worked: { to: 'ankle_worked', offset: [-0.08, 0.05, 0.03] }, other: { to: 'ankle_other', offset: [-0.08, 0.05, -0.03] } }, props: ['blanket'], supports: [{ prop: 'blanket', under: 'buttock_right' }], hold: [30, 120], phases: ['warm', 'approach', 'counter'], demands: ['hamstring-end'], knee: 0, lowBack: 0.15 },
      { name: 'legs straight', entry: { ankle_dorsiflexion_both: 0, pelvis_tilt: -42, hip_flexion_both: 48, knee_flexion_both: 4, lumbar_flexion: 34 }, full: { pelvis_tilt: 18, hip_flexion_both: 107, knee_flexion_both: 0, lumbar_flexion: 30, thorax_flexion: 16 }, reach: { worked: { to: 'ball_worked', offset: [-0.02, 0.02, 0.03] }, other: { to: 'ball_other', offset: [-0.02, 0.02, -0.03] } }, props: [], hold: [30, 180], phases: ['approach', 'deepest', 'counter'], demands: ['hamstring-end', 'low-back-rounding'], knee: 0.05, lowBack: 0.3 },
    ],
  },
  {
    id: 'wide-straddle',
    yaw: -52,
    name: 'Wide straddle',
    sanskrit: 'Upavistha Konasana',
    position: 'seated',
    sided: false,
    reaches: ['adductors', 'hamstrings'],
    cues: { enter: 'Sit tall with the legs wide.', keep: 'Kneecaps look up.', deepen: 'Widen, then tip the pelvis forward.', leave: 'Hands under the knees, draw the legs in.' },
    cheat: 'The knees roll inwards and the pelvis rolls back.',
    rungs: [
      { name: 'upright, seat lifted', entry: { pelvis_tilt: -38, hip_flexion_both: 66, hip_adduction_both: -15, knee_flexion_both: 40, lumbar_flexion: 26 }, full: { pelvis_tilt: -12, hip_flexion_both: 71, hip_adduction_both: -46, knee_flexion_both: 0, lumbar_flexion: 12 }, reach: { worked: { to: 'thigh_worked', offset: [0.1, 0.06, 0] }, other: { to: 'thigh_other', offset: [0.1, 0.06, 0] } }, props: ['blanket'], supports: [{ prop: 'blanket', under: 'buttock_right' }], hold: [30, 120], phases: ['approach', 'deepest'], demands: ['wide-legs', 'hamstring-end'], knee: 0.1, lowBack: 0.1 },
      { name: 'folding forward', entry: { pelvis_tilt: -38, hip_flexion_both: 58, hip_adduction_both: -24, knee_flexion_both: 24, lumbar_flexion: 28 }, full: { pelvis_tilt: 12, hip_flexion_both: 102, hip_adduction_both: -52, knee_flexion_both: 0, lumbar_flexion: 22, thorax_flexion: 12 }, reach: { worked: { to: 'pubis', offset: [0.62, 0.0, 0.14] }, other: { to: 'pubis', offset: [0.62, 0.0, -0.14] } }, props: [], hold: [30, 120], phases: ['deepest'], demands: ['wide-legs', 'hamstring-end', 'low-back-rounding'], knee: 0.15, lowBack: 0.2 },
    ],
  },
  {
    id: 'bound-soles',
    yaw: -52,
    name: 'Bound soles',
    sanskrit: 'Baddha Konasana',
    position: 'seated',
    sided: false,
    reaches: ['adductors'],
    cues: { enter: 'Soles together, heels as near as is easy.', keep: 'Long spine; the feet press each other.', deepen: 'Let the thighs turn out and sink of themselves.', leave: 'Hands lift the knees together.' },
    cheat: 'The pelvis rolls back so the knees look lower.',
    rungs: [
      { name: 'lying, thighs held up', entry: { pelvis_tilt: -90, hip_flexion_both: 47, hip_adduction_both: -10, hip_rotation_both: -12, knee_flexion_both: 112, ankle_inversion_both: 10, ankle_dorsiflexion_both: -10, shoulder_adduction_both: -30, shoulder_flexion_both: 6 }, full: { hip_flexion_both: 39, hip_adduction_both: -43, hip_rotation_both: -32, knee_flexion_both: 121 }, props: ['bolster'], supports: [{ prop: 'bolster', under: 'knee_right' }, { prop: 'bolster', under: 'knee_left' }], hold: [60, 240], phases: ['settle', 'warm', 'approach'], demands: ['lying-on-back', 'wide-legs'], knee: 0.1, lowBack: 0.05 },
      { name: 'upright, seat lifted', entry: { pelvis_tilt: -20, hip_flexion_both: 92, hip_adduction_both: -22, hip_rotation_both: -18, knee_flexion_both: 112, ankle_inversion_both: 22, lumbar_flexion: 10 }, full: { pelvis_tilt: 0, hip_flexion_both: 105, hip_adduction_both: -52, hip_rotation_both: -47, knee_flexion_both: 122, lumbar_flexion: 4 }, reach: { worked: { to: 'ankle_worked', offset: [0, 0.04, 0] }, other: { to: 'ankle_other', offset: [0, 0.04, 0] } }, props: ['blanket'], supports: [{ prop: 'blanket', under: 'buttock_right' }], hold: [30, 180], phases: ['approach', 'deepest'], demands: ['wide-legs', 'knee-bent-deep'], knee: 0.2, lowBack: 0.1 },
    ],
  },
  {
    id: 'crossed-side-reach',
    yaw: -70,
    name: 'Crossed-leg side reach',
    position: 'standing',
    sided: true,
    reaches: ['lateral-hip'],
    cues: { enter: 'Stand by a wall, one foot crossed behind the other.', keep: 'Pelvis upright and square.', deepen: 'Let the hip drift sideways, arm long over the ear.', leave: 'Come up, uncross.' },
    cheat: 'The trunk folds forward.',
    rungs: [
      { name: 'hand on the wall', entry: { hip_adduction_worked: 6, hip_flexion_worked: -4, hip_flexion_other: 10, knee_flexion_other: 14, hip_adduction_other: 0, shoulder_flexion_other: 80, ankle_dorsiflexion_other: 4 }, full: { hip_adduction_worked: 22, hip_flexion_worked: -10, lumbar_bend: -12, thorax_bend: -6, hip_adduction_other: -8 }, props: ['wall'], hold: [20, 60], phases: ['warm', 'approach', 'deepest'], demands: ['crossing-midline', 'outer-hip-compression'], knee: 0.05, lowBack: 0.1 },
      { name: 'arm overhead', entry: { hip_adduction_worked: 10, hip_flexion_worked: -6, hip_flexion_other: 12, knee_flexion_other: 16, shoulder_flexion_worked: 170 }, full: { hip_adduction_worked: 30, hip_flexion_worked: -12, lumbar_bend: -18, thorax_bend: -14, hip_adduction_other: -12 }, props: [], hold: [20, 60], phases: ['deepest'], demands: ['crossing-midline', 'outer-hip-compression'], knee: 0.05, lowBack: 0.2 },
    ],
  },
];
