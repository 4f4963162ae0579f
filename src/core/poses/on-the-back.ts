import type { PoseAngles, Shape } from './format';

const LYING: PoseAngles = { pelvis_tilt: -90, shoulder_flexion_both: 8, shoulder_adduction_both: -18, ankle_dorsiflexion_both: -15 };
const FOOT_DOWN: PoseAngles = { hip_flexion_other: 48, knee_flexion_other: 96, ankle_dorsiflexion_other: 0 };

export const ON_THE_BACK: readonly Shape[] = [
  {
    id: 'resting-back',
    name: 'Rest on the back',
    sanskrit: 'Savasana',
    position: 'on the back',
    sided: false,
    reaches: [],
    cues: { enter: 'Lie down and let the floor take the weight.', keep: 'Jaw and hands soft.', deepen: 'Let each breath out be a little longer.', leave: 'Roll to one side and wait there.' },
    cheat: 'Holding the breath or the belly.',
    rungs: [
      { name: 'shins on a bolster', entry: { ...LYING, hip_flexion_both: 40, knee_flexion_both: 62, ankle_dorsiflexion_both: -10 }, full: {}, props: ['bolster'], supports: [{ prop: 'bolster', under: 'calf_right' }], hold: [60, 300], phases: ['settle', 'rest'], demands: ['lying-on-back'], knee: 0, lowBack: 0 },
      { name: 'flat', entry: { ...LYING, hip_flexion_both: 0, hip_adduction_both: -8, hip_rotation_both: -15 }, full: {}, props: [], hold: [60, 300], phases: ['settle', 'rest'], demands: ['lying-on-back'], knee: 0, lowBack: 0.05 },
    ],
  },
  {
    id: 'strap-leg-raise',
    name: 'Leg raise with a strap',
    sanskrit: 'Supta Padangusthasana',
    position: 'on the back',
    sided: true,
    reaches: ['hamstrings', 'calf'],
    cues: { enter: 'Loop the strap round the ball of the foot and lift the leg.', keep: 'Tail heavy, knee straight but soft.', deepen: 'Breathing out, draw the foot a finger’s width nearer.', leave: 'Bend the knee, then let the foot down.' },
    cheat: 'The tail curls up from the floor.',
    rungs: [
      { name: 'other knee bent', entry: { ...LYING, ...FOOT_DOWN, hip_flexion_worked: 20, knee_flexion_worked: 5, ankle_dorsiflexion_worked: 0 }, full: { hip_flexion_worked: 85 }, reach: { worked: { to: 'ball_worked', offset: [-0.35, -0.42, 0] }, other: { to: 'ball_worked', offset: [-0.35, -0.42, 0] } }, props: ['strap'], hold: [30, 120], phases: ['warm', 'approach', 'deepest'], demands: ['lying-on-back', 'hamstring-end'], knee: 0, lowBack: 0.05 },
      { name: 'other leg long', entry: { ...LYING, hip_flexion_worked: 25, ankle_dorsiflexion_worked: 0 }, full: { hip_flexion_worked: 105 }, reach: { worked: { to: 'ball_worked', offset: [-0.3, -0.4, 0] }, other: { to: 'ball_worked', offset: [-0.3, -0.4, 0] } }, props: ['strap'], hold: [30, 120], phases: ['approach', 'deepest'], demands: ['lying-on-back', 'hamstring-end'], knee: 0.05, lowBack: 0.1 },
    ],
  },
  {
    id: 'lying-figure-four',
    yaw: -38,
    name: 'Figure-four on the back',
    sanskrit: 'Supta Kapotasana',
    position: 'on the back',
    sided: true,
    reaches: ['deep-buttock', 'gluteus-maximus'],
    cues: { enter: 'Ankle above the other knee, foot active.', keep: 'Pelvis even; the knee gets no twist.', deepen: 'Let the crossed knee travel away, then draw the legs in.', leave: 'Uncross and rest both feet.' },
    cheat: 'The tail lifts and the back rounds.',
    rungs: [
      { name: 'foot on the floor', entry: { ...LYING, ...FOOT_DOWN, hip_adduction_other: 8, hip_flexion_other: 42, knee_flexion_other: 88, hip_flexion_worked: 92, hip_adduction_worked: -30, hip_rotation_worked: -32, knee_flexion_worked: 124, ankle_dorsiflexion_worked: 10 }, full: { hip_flexion_worked: 80, hip_adduction_worked: -46, hip_rotation_worked: -62 }, props: [], hold: [30, 90], phases: ['warm', 'approach'], demands: ['lying-on-back'], knee: 0.15, lowBack: 0 },
      { name: 'legs drawn in', entry: { ...LYING, hip_flexion_worked: 98, hip_adduction_worked: -38, hip_rotation_worked: -38, knee_flexion_worked: 124, ankle_dorsiflexion_worked: 10, hip_adduction_other: 8, hip_flexion_other: 50, knee_flexion_other: 88 }, full: { hip_flexion_worked: 130, hip_adduction_worked: -45, hip_rotation_worked: -60, hip_flexion_other: 93, knee_flexion_other: 92 }, reach: { worked: { to: 'thigh_other', offset: [0.06, -0.06, 0.07] }, other: { to: 'thigh_other', offset: [0.06, -0.06, -0.07] } }, props: [], hold: [30, 120], phases: ['approach', 'deepest'], demands: ['lying-on-back', 'deep-hip-flexion'], knee: 0.2, lowBack: 0.05 },
    ],
  },
  {
    id: 'knee-across',
    name: 'Knee to the opposite shoulder',
    position: 'on the back',
    sided: true,
    reaches: ['deep-buttock', 'gluteus-maximus'],
    cues: { enter: 'Both hands on one shin.', keep: 'That hip stays heavy on the floor.', deepen: 'Draw the knee towards the opposite shoulder.', leave: 'Back to the middle, foot down.' },
    cheat: 'The pelvis rolls along.',
    rungs: [
      { name: 'other foot down', entry: { ...LYING, ...FOOT_DOWN, hip_flexion_worked: 85, hip_adduction_worked: 0, knee_flexion_worked: 105 }, full: { hip_flexion_worked: 92, hip_adduction_worked: 26 }, reach: { worked: { to: 'knee_worked', offset: [0.03, -0.05, 0] }, other: { to: 'knee_worked', offset: [0.03, 0.02, 0] } }, props: [], hold: [30, 90], phases: ['warm', 'approach', 'deepest'], demands: ['lying-on-back', 'crossing-midline', 'deep-hip-flexion'], knee: 0.05, lowBack: 0.05 },
      { name: 'other leg long', entry: { ...LYING, hip_flexion_worked: 90, hip_adduction_worked: 5, knee_flexion_worked: 110 }, full: { hip_flexion_worked: 100, hip_adduction_worked: 36, hip_rotation_worked: -10 }, reach: { worked: { to: 'knee_worked', offset: [0.03, -0.05, 0] }, other: { to: 'knee_worked', offset: [0.03, 0.02, 0] } }, props: [], hold: [30, 90], phases: ['approach', 'deepest'], demands: ['lying-on-back', 'crossing-midline', 'deep-hip-flexion'], knee: 0.05, lowBack: 0.1 },
    ],
  },
  {
    id: 'knee-to-chest',
    name: 'Knee to chest',
    sanskrit: 'Apanasana',
    position: 'on the back',
    sided: true,
    reaches: ['gluteus-maximus'],
    cues: { enter: 'Draw one knee in, hands behind the thigh.', keep: 'The other leg stays long and heavy.', deepen: 'Knee towards the armpit as you breathe out.', leave: 'Slide the heel away.' },
    cheat: 'The tail curls; the low back does the bending.',
    rungs: [
      { name: 'other foot down', entry: { ...LYING, ...FOOT_DOWN, hip_flexion_worked: 80, knee_flexion_worked: 115 }, full: { hip_flexion_worked: 115, knee_flexion_worked: 130 }, reach: { worked: { to: 'knee_worked', offset: [0.02, -0.07, 0.02] }, other: { to: 'knee_worked', offset: [0.02, -0.07, -0.02] } }, props: [], hold: [20, 60], phases: ['settle', 'warm', 'counter'], demands: ['lying-on-back', 'deep-hip-flexion'], knee: 0.05, lowBack: 0 },
      { name: 'other leg long', entry: { ...LYING, hip_flexion_worked: 90, knee_flexion_worked: 120 }, full: { hip_flexion_worked: 128, knee_flexion_worked: 138 }, reach: { worked: { to: 'knee_worked', offset: [0.02, -0.07, 0.02] }, other: { to: 'knee_worked', offset: [0.02, -0.07, -0.02] } }, props: [], hold: [20, 60], phases: ['warm', 'approach', 'counter'], demands: ['lying-on-back', 'deep-hip-flexion'], knee: 0.1, lowBack: 0.05 },
    ],
  },
  {
    id: 'bridge',
    name: 'Bridge',
    sanskrit: 'Setu Bandhasana',
    position: 'on the back',
    sided: false,
    reaches: ['gluteus-maximus', 'deep-hip-flexor'],
    cues: { enter: 'Feet under the knees, arms long.', keep: 'Knees in line with the hips, ribs quiet.', deepen: 'Press the feet and lengthen the front of the hips.', leave: 'Lower slowly, then let the knees rest together.' },
    cheat: 'The low back arches instead of the hips opening.',
    rungs: [
      { name: 'small lift', entry: { pelvis_tilt: -90, hip_flexion_both: 52, knee_flexion_both: 100, shoulder_flexion_both: 0 }, full: { pelvis_tilt: -110, hip_flexion_both: 16, knee_flexion_both: 115, ankle_dorsiflexion_both: -9, lumbar_flexion: -4, thorax_flexion: 16, neck_flexion: 14, shoulder_flexion_both: -16 }, props: [], hold: [15, 45], phases: ['warm', 'counter'], load: { 'gluteus-maximus': 0.35, hamstrings: 0.25 }, demands: ['lying-on-back'], knee: 0.1, lowBack: 0.1 },
      { name: 'full lift', entry: { pelvis_tilt: -104, hip_flexion_both: 26, knee_flexion_both: 112, ankle_dorsiflexion_both: -15, lumbar_flexion: -4, thorax_flexion: 9, neck_flexion: 8, shoulder_flexion_both: -10 }, full: { pelvis_tilt: -126, hip_flexion_both: -12, knee_flexion_both: 106, ankle_dorsiflexion_both: -5, thorax_flexion: 31, neck_flexion: 26, shoulder_flexion_both: -38 }, props: [], hold: [15, 60], phases: ['approach', 'deepest', 'counter'], load: { 'gluteus-maximus': 0.55, hamstrings: 0.35 }, demands: ['lying-on-back', 'hip-extension-end', 'low-back-arching', 'strong-hold'], knee: 0.15, lowBack: 0.25 },
    ],
  },
  {
    id: 'thigh-hold',
    name: 'Thigh held above the hip',
    position: 'on the back',
    sided: true,
    reaches: ['deep-hip-flexor'],
    cues: { enter: 'Knee above the hip, hand against the thigh.', keep: 'Low back lightly on the floor.', deepen: 'Press thigh and hand into each other, breath going.', leave: 'Let the foot down slowly.' },
    cheat: 'The thigh turns out or the back arches.',
    rungs: [
      { name: 'knee bent against the hand', entry: { ...LYING, ...FOOT_DOWN, hip_flexion_worked: 95, knee_flexion_worked: 95 }, full: { hip_flexion_worked: 102 }, reach: { worked: { to: 'knee_worked', offset: [-0.02, 0.06, 0] } }, props: [], hold: [10, 30], phases: ['warm', 'approach', 'counter'], load: { 'deep-hip-flexor': 0.45, 'rectus-femoris': 0.2 }, demands: ['lying-on-back', 'deep-hip-flexion'], knee: 0, lowBack: 0.1 },
      { name: 'leg straighter', entry: { ...LYING, ...FOOT_DOWN, hip_flexion_worked: 60, knee_flexion_worked: 30 }, full: { hip_flexion_worked: 68, knee_flexion_worked: 20 }, props: [], hold: [10, 30], phases: ['approach', 'deepest'], load: { 'deep-hip-flexor': 0.6, 'rectus-femoris': 0.4 }, demands: ['lying-on-back', 'strong-hold'], knee: 0, lowBack: 0.25 },
    ],
  },
];
