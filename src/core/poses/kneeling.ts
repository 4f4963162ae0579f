import type { PoseAngles, Shape } from './format';

const HALF_KNEEL: PoseAngles = { hip_flexion_other: 94, knee_flexion_other: 94, knee_flexion_worked: 82, ankle_dorsiflexion_worked: -58, ankle_dorsiflexion_other: 2 };
const ALL_FOURS: PoseAngles = { pelvis_tilt: 88, hip_flexion_both: 88, knee_flexion_both: 92, ankle_dorsiflexion_both: -58, neck_flexion: -15 };
const HANDS_DOWN = { worked: { to: 'shoulder_worked', offset: [0.03, -0.44, 0] }, other: { to: 'shoulder_other', offset: [0.03, -0.44, 0] } } as const;

export const KNEELING: readonly Shape[] = [
  {
    id: 'low-lunge',
    name: 'Low lunge',
    sanskrit: 'Anjaneyasana',
    position: 'kneeling',
    sided: true,
    reaches: ['deep-hip-flexor', 'rectus-femoris'],
    cues: { enter: 'One foot forward, the other knee padded.', keep: 'Pelvis upright first, front hip bones level.', deepen: 'Let the hips travel forward as far as the pelvis stays.', leave: 'Hips back over the knee.' },
    cheat: 'The pelvis spills forward and the low back arches.',
    rungs: [
      { name: 'upright, hands on the thigh', entry: { ...HALF_KNEEL, hip_flexion_worked: 0, knee_flexion_worked: 90, hip_flexion_other: 92, knee_flexion_other: 92 }, full: { hip_flexion_worked: -16, knee_flexion_worked: 74, hip_flexion_other: 99, knee_flexion_other: 106, ankle_dorsiflexion_other: 7 }, reach: { worked: { to: 'knee_other', offset: [-0.06, 0.06, 0] }, other: { to: 'knee_other', offset: [-0.06, 0.06, 0] } }, props: ['blanket'], supports: [{ prop: 'blanket', under: 'knee_worked' }], hold: [20, 60], phases: ['warm', 'approach', 'deepest'], load: { 'gluteus-maximus': 0.15 }, demands: ['kneeling', 'hip-extension-end'], knee: 0.15, lowBack: 0.1 },
      { name: 'deep, arms up', entry: { ...HALF_KNEEL, hip_flexion_worked: -6, knee_flexion_worked: 84, shoulder_flexion_both: 150, hip_flexion_other: 94, knee_flexion_other: 95 }, full: { pelvis_tilt: 4, hip_flexion_worked: -26, knee_flexion_worked: 58, hip_flexion_other: 106, knee_flexion_other: 112, ankle_dorsiflexion_other: 10, lumbar_flexion: -12, thorax_flexion: -10, shoulder_flexion_both: 172 }, props: ['blanket'], supports: [{ prop: 'blanket', under: 'knee_worked' }], hold: [20, 60], phases: ['deepest'], load: { 'gluteus-maximus': 0.2 }, demands: ['kneeling', 'hip-extension-end', 'low-back-arching'], knee: 0.2, lowBack: 0.3 },
    ],
  },
  {
    id: 'shin-up-lunge',
    name: 'Lunge with the back shin up',
    position: 'kneeling',
    sided: true,
    reaches: ['rectus-femoris', 'deep-hip-flexor'],
    cues: { enter: 'Pad the knee, then lift the back foot.', keep: 'Pelvis upright before the foot comes nearer.', deepen: 'Bring heel and buttock together a little.', leave: 'Foot down first.' },
    cheat: 'The pelvis tips instead of the thigh lengthening.',
    rungs: [
      { name: 'strap round the foot', entry: { ...HALF_KNEEL, hip_flexion_worked: 0, knee_flexion_worked: 92, ankle_dorsiflexion_worked: -30 }, full: { hip_flexion_worked: -8, knee_flexion_worked: 118 }, reach: { other: { to: 'knee_other', offset: [-0.06, 0.06, 0] }, worked: { to: 'ankle_worked', offset: [0.12, 0.16, 0] } }, props: ['strap', 'blanket'], supports: [{ prop: 'blanket', under: 'knee_worked' }], hold: [20, 60], phases: ['approach', 'deepest'], demands: ['kneeling', 'knee-bent-deep', 'hip-extension-end'], knee: 0.35, lowBack: 0.15 },
      { name: 'shin up the wall', entry: { ...HALF_KNEEL, hip_flexion_worked: 12, knee_flexion_worked: 112, pelvis_tilt: 10, ankle_dorsiflexion_worked: -40 }, full: { hip_flexion_worked: -6, knee_flexion_worked: 138, pelvis_tilt: 0 }, reach: { worked: { to: 'knee_other', offset: [-0.06, 0.06, 0] }, other: { to: 'knee_other', offset: [-0.06, 0.06, 0] } }, props: ['wall', 'blanket'], supports: [{ prop: 'blanket', under: 'knee_worked' }], hold: [20, 60], phases: ['deepest'], demands: ['kneeling', 'knee-bent-deep', 'hip-extension-end'], knee: 0.5, lowBack: 0.15 },
    ],
  },
  {
    id: 'half-split',
    name: 'Half split',
    sanskrit: 'Ardha Hanumanasana',
    position: 'kneeling',
    sided: true,
    reaches: ['hamstrings', 'calf'],
    cues: { enter: 'From a lunge, hips back over the kneeling leg.', keep: 'Long spine, both sitting bones level.', deepen: 'Slide the front heel away, tip from the hips.', leave: 'Bend the front knee.' },
    cheat: 'The back rounds and the hip drifts back.',
    rungs: [
      { name: 'hands on blocks', entry: { pelvis_tilt: -12, hip_flexion_other: -8, knee_flexion_other: 93, ankle_dorsiflexion_other: -58, hip_flexion_worked: 79, knee_flexion_worked: 64, ankle_dorsiflexion_worked: 0, lumbar_flexion: 12, neck_flexion: -8 }, full: { pelvis_tilt: 32, hip_flexion_other: 36, hip_flexion_worked: 98, knee_flexion_worked: 5, lumbar_flexion: 14 }, reach: { worked: { to: 'knee_worked', offset: [0.06, -0.14, 0.2] }, other: { to: 'knee_worked', offset: [0.06, -0.14, -0.38] } }, props: ['block', 'blanket'], supports: [{ prop: 'block', under: 'wrist_worked' }, { prop: 'block', under: 'wrist_other' }], hold: [20, 60], phases: ['approach', 'deepest'], demands: ['kneeling', 'hamstring-end'], knee: 0.1, lowBack: 0.1 },
      { name: 'hands on the floor', entry: { pelvis_tilt: -4, hip_flexion_other: 0, knee_flexion_other: 93, ankle_dorsiflexion_other: -58, hip_flexion_worked: 82, knee_flexion_worked: 48, ankle_dorsiflexion_worked: 4, lumbar_flexion: 22 }, full: { pelvis_tilt: 50, hip_flexion_other: 54, hip_flexion_worked: 114, knee_flexion_worked: 0, lumbar_flexion: 26, thorax_flexion: 12 }, reach: { worked: { to: 'knee_worked', offset: [0.08, -0.14, 0.16] }, other: { to: 'knee_worked', offset: [0.08, -0.14, -0.34] } }, props: ['blanket'], hold: [20, 60], phases: ['deepest'], demands: ['kneeling', 'hamstring-end', 'low-back-rounding'], knee: 0.1, lowBack: 0.25 },
    ],
  },
  {
    id: 'leg-lift-fours',
    name: 'Leg lift on all fours',
    position: 'all-fours',
    sided: true,
    reaches: ['gluteus-maximus'],
    cues: { enter: 'Hands under shoulders, knees under hips.', keep: 'Hip bones look at the floor, low back quiet.', deepen: 'Lift one thigh in line with the trunk, no higher.', leave: 'Set the knee down without a sound.' },
    cheat: 'The low back arches to lift the leg.',
    rungs: [
      { name: 'knee bent', entry: { ...ALL_FOURS, hip_flexion_worked: 70 }, full: { hip_flexion_worked: 0, knee_flexion_worked: 90, ankle_dorsiflexion_worked: 10 }, reach: HANDS_DOWN, props: ['blanket'], hold: [8, 30], phases: ['warm', 'approach'], load: { 'gluteus-maximus': 0.4 }, demands: ['kneeling'], knee: 0.1, lowBack: 0.1 },
      { name: 'leg long', entry: { ...ALL_FOURS, hip_flexion_worked: 40, knee_flexion_worked: 20 }, full: { hip_flexion_worked: -6, knee_flexion_worked: 0, ankle_dorsiflexion_worked: 0 }, reach: HANDS_DOWN, props: ['blanket'], hold: [8, 30], phases: ['approach', 'deepest'], load: { 'gluteus-maximus': 0.55, hamstrings: 0.35 }, demands: ['kneeling', 'strong-hold'], knee: 0.1, lowBack: 0.2 },
    ],
  },
  {
    id: 'pigeon',
    yaw: -30,
    name: 'Pigeon',
    sanskrit: 'Eka Pada Rajakapotasana, preparation',
    position: 'seated',
    sided: true,
    reaches: ['deep-buttock', 'gluteus-maximus'],
    cues: { enter: 'Front shin across, back leg long, seat lifted if the hip hangs.', keep: 'Hips level; the front foot stays active.', deepen: 'Tip forward from the hips with a long spine.', leave: 'Hands press, tuck the back toes, step out.' },
    cheat: 'The hip drops to the outside and the knee takes the twist.',
    rungs: [
      { name: 'upright on a seat', entry: { pelvis_tilt: 24, lumbar_flexion: -12, thorax_flexion: -8, hip_flexion_worked: 84, hip_adduction_worked: -34, hip_rotation_worked: -36, knee_flexion_worked: 126, ankle_dorsiflexion_worked: -48, ankle_inversion_worked: 20, hip_flexion_other: -4, knee_flexion_other: 50, ankle_dorsiflexion_other: -60 }, full: { pelvis_tilt: 46, lumbar_flexion: -24, thorax_flexion: -16, hip_flexion_worked: 112, hip_adduction_worked: -18, hip_rotation_worked: -58, hip_flexion_other: -18, knee_flexion_other: 22 }, reach: { worked: { to: 'knee_worked', offset: [0.06, -0.02, 0.12] }, other: { to: 'knee_worked', offset: [0.06, -0.02, -0.34] } }, props: ['bolster', 'blanket'], supports: [{ prop: 'bolster', under: 'buttock_worked' }], hold: [30, 90], phases: ['approach', 'deepest'], demands: ['knee-twist', 'deep-hip-flexion'], knee: 0.4, lowBack: 0.1 },
      { name: 'folded over the shin', entry: { pelvis_tilt: 28, lumbar_flexion: -4, hip_flexion_worked: 92, hip_adduction_worked: -32, hip_rotation_worked: -40, knee_flexion_worked: 124, ankle_dorsiflexion_worked: -48, ankle_inversion_worked: 20, hip_flexion_other: -6, knee_flexion_other: 46, ankle_dorsiflexion_other: -60 }, full: { pelvis_tilt: 53, hip_flexion_worked: 126, hip_adduction_worked: -10, hip_rotation_worked: -60, hip_flexion_other: -20, knee_flexion_other: 18, lumbar_flexion: 26, thorax_flexion: 18 }, reach: { worked: { to: 'knee_worked', offset: [0.22, -0.03, 0.02] }, other: { to: 'knee_worked', offset: [0.22, -0.03, -0.3] } }, props: ['blanket'], hold: [30, 120], phases: ['deepest'], demands: ['knee-twist', 'deep-hip-flexion'], knee: 0.5, lowBack: 0.15 },
    ],
  },
];
