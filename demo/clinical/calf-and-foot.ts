import { felt, type ClinicalCase } from './case';

export const CALF_AND_FOOT: readonly ClinicalCase[] = [
  {
    name: 'knee to wall 26°, felt low in the calf; straight-knee lunge 20°',
    says: 'Calf, soleus first.',
    readings: [
      ['knee-to-wall', 'shin-angle', 26, felt('calf-low')],
      ['straight-knee-lunge', 'ankle-dorsiflexion', 20, felt('calf-low')],
    ],
    expected: { stops: { 'ankle-dorsiflexion-knee-bent': ['calf'] }, short: ['calf'], aims: ['lengthen calf left'] },
  },
  {
    name: 'knee to wall 24°, a hard pinch at the front of the ankle',
    says: 'The ankle joint: no calf stretch opens it.',
    readings: [['knee-to-wall', 'shin-angle', 24, felt('ankle-front', { endFeel: 'pinch' })]],
    expected: { notShort: ['calf'], noAims: ['lengthen calf *', 'both calf *'] },
  },
  {
    name: 'knee to wall 40°, straight-knee lunge 20°, felt high in the calf',
    says: 'Gastrocnemius: free with the knee bent.',
    readings: [
      ['knee-to-wall', 'shin-angle', 40],
      ['straight-knee-lunge', 'ankle-dorsiflexion', 20, felt('calf-high')],
    ],
    expected: { stops: { 'ankle-dorsiflexion-knee-straight': ['calf'] }, aims: ['lengthen calf left'] },
  },
  {
    name: 'toes 4 cm from the wall, felt in front of the ankle, no word of a pinch',
    says: 'The front of the ankle is pressed, not the calf stretched: the joint.',
    before: 'left it open between calf and ankle joint',
    readings: [['knee-to-wall', 'toe-distance', 4, felt('ankle-front')]],
    expected: { hints: ['joint'], aims: ['leave ankle-joint left'], noAims: ['lengthen calf *', 'both calf *'] },
  },
];
