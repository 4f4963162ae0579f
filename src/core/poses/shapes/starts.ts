import type { SketchAngles, SketchContact, SketchHands } from '../sketch-parts';

/** Positions that many rungs begin from, and what bears or holds in them. */

export const LYING_ON_BACK: SketchAngles = {
  trunk: { pelvis_tilt: -90 },
  both: { shoulder_flexion: 8, shoulder_adduction: -22, ankle_dorsiflexion: -15 },
};
export const OTHER_FOOT_DOWN: SketchAngles = { other: { hip_flexion: 48, knee_flexion: 96, ankle_dorsiflexion: 0 } };
export const BACK_AND_HANDS_DOWN: readonly SketchContact[] = ['buttock_both', 'back', 'head', 'wrist_both'];
export const BACK_DOWN: readonly SketchContact[] = ['buttock_both', 'back', 'head'];
export const LYING_ON_FRONT: SketchAngles = {
  trunk: { pelvis_tilt: 90, neck_flexion: -10 },
  both: { ankle_dorsiflexion: -50, shoulder_flexion: 5, shoulder_adduction: -14 },
};
export const FRONT_DOWN: readonly SketchContact[] = ['pubis', 'chest', 'thigh_both'];
export const ON_ALL_FOURS: SketchAngles = {
  trunk: { pelvis_tilt: 84, neck_flexion: -15 },
  both: { hip_flexion: 84, knee_flexion: 92, ankle_dorsiflexion: -46 },
};
export const HANDS_DOWN: SketchHands = { both: { grip: 'flat', to: 'shoulder_same', by_cm: [3, 0, 0] } };
export const HALF_KNEEL: SketchAngles = {
  worked: { hip_flexion: 0, hip_adduction: 6, knee_flexion: 90, ankle_dorsiflexion: -46 },
  other: { hip_flexion: 92, knee_flexion: 92, ankle_dorsiflexion: 2 },
};
export const KNEE_PADDED: readonly SketchContact[] = [
  { point: 'knee_worked', prop: 'blanket', height_cm: 2 },
  'toe_worked',
  'heel_other',
  'ball_other',
];
export const ON_THIGH: SketchHands = {
  both: { grip: 'hold', to: 'knee_other', by_cm: [-6, 7, 4], elbow: [-0.4, -0.5, 1] },
};
export const KNEELING_TALL: SketchAngles = {
  trunk: { pelvis_tilt: 0 },
  both: { hip_flexion: 0, knee_flexion: 92, ankle_dorsiflexion: -46 },
};
export const LONG_SITTING: SketchAngles = {
  both: { hip_flexion: 90, knee_flexion: 2, ankle_dorsiflexion: 0, hip_adduction: -2 },
};
export const SITTING_ON_CHAIR: SketchAngles = {
  trunk: { pelvis_tilt: 0 },
  both: { hip_flexion: 88, knee_flexion: 90, ankle_dorsiflexion: 0 },
};
export const SEAT_AND_FEET: readonly SketchContact[] = [
  { point: 'buttock_both', prop: 'chair', height_cm: 45 },
  'heel_both',
  'ball_both',
];
export const BOTH_FEET: readonly SketchContact[] = ['heel_both', 'ball_both'];
export const FOOT_OTHER: readonly SketchContact[] = ['heel_other', 'ball_other'];
export const FOOT_WORKED: readonly SketchContact[] = ['heel_worked', 'ball_worked'];
export const LUNGING: SketchAngles = {
  trunk: { pelvis_tilt: 0 },
  worked: { hip_flexion: -14, knee_flexion: 6, ankle_dorsiflexion: 30, toe_extension: 50 },
  other: { hip_flexion: 66, knee_flexion: 70, ankle_dorsiflexion: 4 },
};
export const HIPS_HELD: SketchHands = {
  both: { grip: 'hold', to: 'hip_same', by_cm: [2, 6, 6], elbow: [-0.4, -0.4, 1] },
};
export const LYING_ON_SIDE: SketchAngles = {
  trunk: { pelvis_list: 90 },
  worked: { hip_adduction: 0, hip_flexion: 0 },
  other: { hip_adduction: 0, hip_flexion: 0 },
};
