/**
 * The body's form as sections: frame, then the place in it (forward, up, outward) and the half sizes along the same
 * axes. Metres at model size, right side; shaped by eye on the frames that are computed with. How to add one: put a row
 * where the flesh is, look at `scripts/figure-sheet.tsx`.
 */
export type SectionFrame =
  'pelvis' | 'lower' | 'upper' | 'thorax' | 'head' | 'thigh' | 'shank' | 'foot' | 'midfoot' | 'toes' | 'arm';
export type Section = readonly [SectionFrame, number, number, number, number, number, number];
type Chain = readonly Section[];

export const TRUNK: Chain = [
  ['pelvis', -0.062, -0.118, 0, 0.05, 0.03, 0.06],
  ['pelvis', -0.064, -0.085, 0, 0.082, 0.04, 0.118],
  ['pelvis', -0.066, -0.045, 0, 0.098, 0.045, 0.148],
  ['pelvis', -0.066, 0.0, 0, 0.098, 0.05, 0.146],
  ['pelvis', -0.062, 0.045, 0, 0.09, 0.05, 0.134],
  ['lower', 0.04, 0.005, 0, 0.083, 0.05, 0.123],
  ['lower', 0.04, 0.055, 0, 0.079, 0.05, 0.115],
  ['upper', 0.034, 0.01, 0, 0.082, 0.05, 0.117],
  ['upper', 0.028, 0.06, 0, 0.09, 0.05, 0.126],
  ['thorax', 0.008, 0.02, 0, 0.098, 0.05, 0.135],
  ['thorax', 0.007, 0.07, 0, 0.104, 0.05, 0.142],
  ['thorax', 0.003, 0.12, 0, 0.102, 0.05, 0.142],
  ['thorax', -0.006, 0.16, 0, 0.086, 0.04, 0.128],
  ['thorax', -0.012, 0.19, 0, 0.06, 0.03, 0.1],
];
/** From the chest's frame to the head's: the neck bends with both. */
export const NECK: Chain = [
  ['thorax', -0.014, 0.185, 0, 0.062, 0.04, 0.085],
  ['thorax', -0.008, 0.22, 0, 0.056, 0.035, 0.06],
  ['thorax', -0.004, 0.245, 0, 0.053, 0.03, 0.053],
  ['head', 0.004, 0.035, 0, 0.052, 0.03, 0.051],
  ['head', 0.014, 0.075, 0, 0.054, 0.03, 0.052],
];
/** A belly in front of the waist; the half sizes are added to by the build. */
export const BELLY: Chain = [
  ['pelvis', -0.004, 0.0, 0, 0.05, 0.05, 0.09],
  ['lower', 0.075, 0.03, 0, 0.052, 0.06, 0.095],
  ['upper', 0.07, 0.02, 0, 0.05, 0.06, 0.092],
  ['upper', 0.055, 0.07, 0, 0.045, 0.05, 0.08],
];
/** How much of the bulge each of those takes. */
export const BELLY_SHARE = [0.35, 1, 0.95, 0.5] as const;
/** Chains of the trunk that each side has. */
export const TRUNK_SIDES: readonly Chain[] = [
  // Upper edge of the shoulder.
  [
    ['thorax', -0.016, 0.246, 0.012, 0.036, 0.036, 0.034],
    ['thorax', -0.018, 0.228, 0.045, 0.036, 0.034, 0.034],
    ['thorax', -0.014, 0.21, 0.085, 0.037, 0.032, 0.034],
    ['thorax', -0.006, 0.199, 0.125, 0.04, 0.032, 0.034],
    ['thorax', -0.002, 0.192, 0.15, 0.043, 0.037, 0.034],
  ],
  // Shoulder blade.
  [
    ['thorax', -0.05, 0.06, 0.085, 0.04, 0.05, 0.05],
    ['thorax', -0.05, 0.12, 0.09, 0.042, 0.05, 0.052],
    ['thorax', -0.03, 0.175, 0.1, 0.045, 0.04, 0.05],
  ],
  // Chest.
  [
    ['thorax', 0.062, 0.075, 0.06, 0.05, 0.045, 0.065],
    ['thorax', 0.054, 0.115, 0.068, 0.05, 0.045, 0.062],
    ['thorax', 0.03, 0.16, 0.09, 0.045, 0.04, 0.05],
  ],
  // Buttock and side of the hip.
  [
    ['pelvis', -0.112, 0.01, 0.06, 0.055, 0.06, 0.062],
    ['pelvis', -0.118, -0.05, 0.066, 0.068, 0.06, 0.07],
    ['pelvis', -0.108, -0.085, 0.07, 0.066, 0.05, 0.066],
  ],
  [
    ['pelvis', -0.066, 0.03, 0.08, 0.066, 0.06, 0.055],
    ['pelvis', -0.07, -0.03, 0.088, 0.078, 0.06, 0.068],
    ['pelvis', -0.07, -0.075, 0.09, 0.082, 0.06, 0.077],
  ],
];
export const THIGH: readonly Chain[] = [
  [
    ['thigh', -0.002, 0.005, 0.004, 0.082, 0.06, 0.08],
    ['thigh', 0.003, -0.06, 0.005, 0.085, 0.06, 0.08],
    ['thigh', 0.01, -0.13, 0.004, 0.081, 0.06, 0.074],
    ['thigh', 0.012, -0.2, 0.003, 0.073, 0.06, 0.066],
    ['thigh', 0.01, -0.27, 0.001, 0.063, 0.05, 0.057],
    ['thigh', 0.006, -0.33, 0.0, 0.054, 0.045, 0.051],
    ['thigh', 0.003, -0.375, 0, 0.0495, 0.04, 0.0485],
    ['thigh', 0.002, -0.405, 0, 0.0485, 0.04, 0.048],
  ],
  // The seat: half on the pelvis, half on the thigh, so that it follows both.
  [
    ['pelvis', -0.11, -0.045, 0.068, 0.062, 0.055, 0.064],
    ['thigh', -0.03, -0.035, 0.0, 0.07, 0.06, 0.072],
    ['thigh', -0.012, -0.11, 0.002, 0.078, 0.06, 0.072],
  ],
  // Swell above the knee, outer and inner thigh.
  [
    ['thigh', 0.016, -0.26, -0.014, 0.042, 0.05, 0.041],
    ['thigh', 0.016, -0.33, -0.022, 0.031, 0.04, 0.03],
  ],
  [
    ['thigh', 0.01, -0.13, 0.026, 0.055, 0.06, 0.052],
    ['thigh', 0.012, -0.23, 0.022, 0.045, 0.06, 0.042],
  ],
  [
    ['thigh', -0.006, -0.04, -0.03, 0.06, 0.05, 0.046],
    ['thigh', -0.004, -0.11, -0.028, 0.055, 0.05, 0.044],
  ],
];
export const SHANK: readonly Chain[] = [
  [
    ['shank', 0.003, 0.0, 0, 0.0485, 0.04, 0.0475],
    ['shank', 0.001, -0.045, 0, 0.046, 0.04, 0.046],
    ['shank', -0.007, -0.095, 0.001, 0.048, 0.04, 0.0465],
    ['shank', -0.011, -0.14, 0.002, 0.049, 0.04, 0.047],
    ['shank', -0.011, -0.19, 0.002, 0.0465, 0.04, 0.0445],
    ['shank', -0.008, -0.25, 0.001, 0.04, 0.04, 0.038],
    ['shank', -0.005, -0.32, 0, 0.032, 0.03, 0.0295],
    ['shank', -0.004, -0.385, 0, 0.0285, 0.03, 0.0265],
    ['shank', -0.003, -0.425, 0, 0.031, 0.026, 0.0315],
  ],
  // Inner and outer head of the calf.
  [
    ['shank', -0.018, -0.06, -0.018, 0.03, 0.04, 0.028],
    ['shank', -0.03, -0.13, -0.02, 0.035, 0.045, 0.033],
    ['shank', -0.026, -0.19, -0.016, 0.03, 0.04, 0.03],
  ],
  [
    ['shank', -0.018, -0.055, 0.02, 0.03, 0.04, 0.027],
    ['shank', -0.028, -0.115, 0.022, 0.033, 0.045, 0.031],
    ['shank', -0.023, -0.165, 0.018, 0.03, 0.04, 0.028],
  ],
];
export const FOOT: readonly Chain[] = [
  // Heel with its cord, back of the foot, sole.
  [
    ['shank', -0.012, -0.375, 0, 0.021, 0.03, 0.018],
    ['foot', -0.022, -0.012, 0, 0.026, 0.026, 0.024],
    ['foot', -0.036, -0.038, 0.0, 0.028, 0.029, 0.027],
  ],
  [
    ['shank', 0, -0.4, 0, 0.03, 0.026, 0.028],
    ['foot', 0.004, -0.012, 0, 0.033, 0.03, 0.029],
    ['foot', 0.045, -0.03, 0.002, 0.033, 0.028, 0.031],
    ['midfoot', 0.03, -0.02, 0.003, 0.033, 0.022, 0.035],
    ['midfoot', 0.072, -0.029, 0.006, 0.028, 0.0165, 0.041],
    ['toes', 0.012, -0.009, 0.0, 0.02, 0.0135, 0.041],
    ['toes', 0.03, -0.013, -0.002, 0.018, 0.0095, 0.036],
  ],
  [
    ['foot', -0.036, -0.045, 0.0, 0.028, 0.0225, 0.028],
    ['foot', 0.02, -0.044, 0.008, 0.03, 0.021, 0.024],
    ['midfoot', 0.03, -0.024, 0.008, 0.03, 0.02, 0.03],
    ['midfoot', 0.076, -0.03, 0.006, 0.024, 0.0165, 0.043],
  ],
];
/** Five toes: outward place of each, how far it reaches, its radius. */
export const TOES = [
  [-0.027, 0.066, 0.0128],
  [-0.006, 0.064, 0.0095],
  [0.01, 0.058, 0.0088],
  [0.0235, 0.05, 0.0082],
  [0.036, 0.039, 0.008],
] as const;
/** One blunt end in their place where the cells are too wide to show them. */
export const BLUNT_TOES: Chain = [
  ['toes', 0.012, -0.009, 0, 0.02, 0.013, 0.036],
  ['toes', 0.045, -0.0125, -0.004, 0.022, 0.0115, 0.03],
];
export const HEAD: readonly Chain[] = [
  // Skull, face, nose, lips.
  [
    ['head', 0.004, 0.14, 0, 0.082, 0.07, 0.068],
    ['head', 0.012, 0.163, 0, 0.093, 0.084, 0.076],
  ],
  [
    ['head', 0.044, 0.165, 0, 0.058, 0.055, 0.061],
    ['head', 0.052, 0.135, 0, 0.05, 0.045, 0.058],
    ['head', 0.055, 0.1, 0, 0.043, 0.035, 0.05],
    ['head', 0.062, 0.07, 0, 0.036, 0.024, 0.037],
    ['head', 0.077, 0.052, 0, 0.021, 0.016, 0.019],
  ],
  [
    ['head', 0.093, 0.14, 0, 0.011, 0.012, 0.008],
    ['head', 0.108, 0.114, 0, 0.011, 0.008, 0.011],
    ['head', 0.092, 0.104, 0, 0.012, 0.008, 0.014],
  ],
  [
    ['head', 0.09, 0.088, 0, 0.012, 0.008, 0.018],
    ['head', 0.087, 0.075, 0, 0.012, 0.007, 0.016],
  ],
];
export const JAW: Chain = [
  ['head', 0.012, 0.105, 0.042, 0.022, 0.03, 0.02],
  ['head', 0.022, 0.078, 0.04, 0.02, 0.018, 0.016],
  ['head', 0.062, 0.055, 0.018, 0.016, 0.013, 0.016],
];
export const HAIR: readonly Chain[] = [
  [
    ['head', -0.02, 0.105, 0, 0.057, 0.034, 0.06],
    ['head', -0.012, 0.135, 0, 0.077, 0.05, 0.0745],
    ['head', 0.0, 0.166, 0, 0.09, 0.08, 0.081],
    ['head', 0.014, 0.18, 0, 0.091, 0.075, 0.079],
    ['head', 0.032, 0.196, 0, 0.068, 0.058, 0.067],
  ],
  // A knot, so that the back of the head is told from its front at any size.
  [
    ['head', -0.09, 0.19, 0, 0.028, 0.029, 0.03],
    ['head', -0.08, 0.194, 0, 0.03, 0.032, 0.033],
  ],
];
export const EAR: Chain = [
  ['head', 0.004, 0.133, 0.073, 0.019, 0.017, 0.009],
  ['head', 0.008, 0.113, 0.07, 0.013, 0.016, 0.008],
];

/** Sections of an arm's bone: share of its length, then forward offset, half depth and half width. */
export type TubeSection = readonly [number, number, number, number];
export const UPPER_ARM: readonly TubeSection[] = [
  [-0.01, 0, 0.044, 0.042],
  [0.1, 0, 0.0505, 0.048],
  [0.26, 0.001, 0.0485, 0.0445],
  [0.5, 0.003, 0.044, 0.039],
  [0.75, 0.002, 0.0385, 0.036],
  [0.92, 0, 0.035, 0.0355],
  [1, 0, 0.0335, 0.035],
];
export const FOREARM: readonly TubeSection[] = [
  [0, 0, 0.0335, 0.035],
  [0.12, 0.003, 0.037, 0.0375],
  [0.28, 0.004, 0.0365, 0.037],
  [0.5, 0.002, 0.0315, 0.032],
  [0.7, 0, 0.026, 0.027],
];
/** In the hand's own turn: a wrist is flat the way the palm is. */
export const WRIST: readonly TubeSection[] = [
  [0.86, 0, 0.0205, 0.0255],
  [1, 0, 0.0195, 0.027],
];
/** Four fingers from the forefinger: place across the knuckles, length, radius. */
export const FINGERS = [
  [0.0285, 0.08, 0.0086],
  [0.0095, 0.089, 0.0089],
  [-0.01, 0.083, 0.0085],
  [-0.0275, 0.066, 0.0076],
] as const;
