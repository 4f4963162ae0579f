import { say } from '@/core/languages/spoken';
import type { Strain, StrainId } from './strains';

const WORDS: Readonly<Record<StrainId, { name: string; about: string }>> = {
  'knee-twist': { name: 'twist at the knee', about: 'what floor and hands turn the shin with, about its own length' },
  'knee-sideways': { name: 'sideways bending at the knee', about: 'what bends the knee across its hinge' },
  kneecap: {
    name: 'pressure on the kneecap',
    about: 'pull of the thigh muscles over the bent knee, and what kneels on it',
  },
  'low-back-flexed': {
    name: 'load on the rounded low back',
    about: 'torque at the lowest joint of the spine, counted as the back rounds',
  },
  'low-back-extended': {
    name: 'load on the arched low back',
    about: 'torque at the lowest joint of the spine, counted as the back arches',
  },
  'hip-front': { name: 'pressure at the front of the hip', about: 'how near thigh bone and socket come to each other' },
  instep: { name: 'strain on the instep', about: 'how near the top of the foot is to its end' },
  hanging: { name: 'working hard at full length', about: 'stretch times load of the same muscle' },
};

export const strainName = (id: StrainId): string => say(WORDS[id].name);
export const strainAbout = (id: StrainId): string => say(WORDS[id].about);

/** Amount and limit, as they are computed. */
export function strainFigures({ amount, limit, unit }: Strain): string {
  const digits = unit === 'N·m' ? 0 : 2;
  return say('{{amount}} of {{limit}} {{what}}', {
    amount: amount.toFixed(digits),
    limit: limit.toFixed(digits),
    what: unit === 'share' ? say('(shares)') : unit,
  });
}
