import type { PoseAngles, Shape } from './format';

const FRONT: PoseAngles = { pelvis_tilt: 90, ankle_dorsiflexion_both: -62, shoulder_flexion_both: 5, shoulder_adduction_both: -14, neck_flexion: -12 };

export const ON_THE_FRONT: readonly Shape[] = [
  {
    id: 'half-frog',
    name: 'Half frog',
    sanskrit: 'Ardha Bhekasana',
    position: 'on the front',
    sided: true,
    reaches: ['rectus-femoris', 'vasti'],
    cues: { enter: 'Face down, one heel towards the buttock.', keep: 'Front hip bones press the floor; tail long.', deepen: 'Draw the heel in as you breathe out.', leave: 'Let the foot down slowly.' },
    cheat: 'The hip lifts or the thigh slides out.',
    rungs: [
      { name: 'strap round the foot', entry: { ...FRONT, knee_flexion_worked: 60, ankle_dorsiflexion_worked: 0 }, full: { knee_flexion_worked: 122 }, reach: { worked: { to: 'ankle_worked', offset: [0.3, 0.02, 0.02] } }, props: ['strap'], hold: [20, 60], phases: ['warm', 'approach', 'deepest'], demands: ['lying-on-front', 'knee-bent-deep'], knee: 0.3, lowBack: 0.1 },
      { name: 'hand on the foot', entry: { ...FRONT, knee_flexion_worked: 90, ankle_dorsiflexion_worked: -10, thorax_flexion: -6 }, full: { knee_flexion_worked: 142, hip_flexion_worked: -6 }, reach: { worked: { to: 'ball_worked', offset: [0.02, 0.03, 0] } }, props: [], hold: [20, 60], phases: ['deepest'], demands: ['lying-on-front', 'knee-bent-deep', 'hip-extension-end'], knee: 0.45, lowBack: 0.15 },
    ],
  },
  {
    id: 'locust',
    name: 'Locust',
    sanskrit: 'Salabhasana',
    position: 'on the front',
    sided: false,
    reaches: ['gluteus-maximus'],
    cues: { enter: 'Face down, legs long and together.', keep: 'Neck long, breath going.', deepen: 'Lengthen the legs back, then lift them.', leave: 'Lower, rest one cheek on the hands.' },
    cheat: 'The knees bend and the low back pinches.',
    rungs: [
      { name: 'legs only', entry: { ...FRONT, hip_flexion_both: 2 }, full: { hip_flexion_both: -12 }, props: [], hold: [8, 30], phases: ['warm', 'approach', 'counter'], load: { 'gluteus-maximus': 0.45, hamstrings: 0.3 }, demands: ['lying-on-front', 'low-back-arching', 'strong-hold'], knee: 0, lowBack: 0.2 },
      { name: 'chest and legs', entry: { ...FRONT, hip_flexion_both: 0 }, full: { hip_flexion_both: -15, lumbar_flexion: -14, thorax_flexion: -14, neck_flexion: -20, shoulder_flexion_both: -14 }, props: [], hold: [8, 30], phases: ['approach', 'deepest', 'counter'], load: { 'gluteus-maximus': 0.55, hamstrings: 0.4 }, demands: ['lying-on-front', 'low-back-arching', 'strong-hold'], knee: 0, lowBack: 0.35 },
    ],
  },
];
