import { GROUP_WORDS } from '@/core/body/words';
import type { Movement } from '@/core/tests/definition';
import { MOVEMENT_WORDS } from '@/core/tests/words';
import type { AimReason } from './propose';

export const AIM_WORDS = { lengthen: 'Lengthen', strengthen: 'Strengthen', leave: 'Leave alone' } as const;

const isMovement = (m: string): m is Movement => m in MOVEMENT_WORDS;

/** Why an aim is proposed, in one plain sentence. */
export function reasonWords(reason: AimReason): string {
  switch (reason.kind) {
    case 'short':
      return `Shorter than typical, ${Math.min(99, Math.round(reason.probability * 100))} in 100.`;
    case 'limits':
      return `Stops the ${isMovement(reason.movement) ? MOVEMENT_WORDS[reason.movement] : reason.movement}, ${Math.min(99, Math.round(reason.probability * 100))} in 100.`;
    case 'side-gap':
      return `Less than on the other side by ${reason.gap.toFixed(1)} SD.`;
    case 'least':
      return 'Nothing is short; this is where there is least.';
    case 'opposes':
      return `Works against the ${GROUP_WORDS[reason.group].name}: load it while that lengthens.`;
    case 'very-mobile':
      return 'Already lets itself be lengthened far.';
  }
}
