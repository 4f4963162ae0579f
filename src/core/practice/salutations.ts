import type { PoseId } from '@/core/poses';
import { alike, wordsOf } from '@/core/text-search';
import type { PracticeItem } from './practice';
import type { Saluted } from './request';

/**
 * Salutations: shapes that are taught as one, a breath each, and gone through more than once. Known by name in a
 * teacher's own sequence; in a practice they are a round whose shapes stay in their order.
 */

/**
 * A step: a shape, the forms that fit in, the likeliest first, and the side where it has one. One breath where nothing
 * is said.
 */
export interface SalutationStep {
  pose: PoseId;
  rungs: readonly number[];
  side?: PracticeItem['side'];
  breaths?: number;
}

export interface Salutation {
  id: Exclude<Saluted, 'none'>;
  name: string;
  /** Other names, Sanskrit among them. */
  also: readonly string[];
  steps: readonly SalutationStep[];
}

/** Breaths in the dog at the end of each time through, as is usual. */
const STAY = 5;
const MOUNTAIN: SalutationStep = { pose: 'mountain', rungs: [2, 1] };
const FOLD: SalutationStep = { pose: 'bent-knee-fold', rungs: [2, 1] };
const LIFT: SalutationStep = { pose: 'forward-hinge', rungs: [1] };
const PLANK: SalutationStep = { pose: 'plank', rungs: [2, 1] };
const COBRA: SalutationStep = { pose: 'cobra', rungs: [2, 1] };
const DOG: SalutationStep = { pose: 'dog', rungs: [2, 1] };
const CHAIR: SalutationStep = { pose: 'chair-pose', rungs: [2, 1] };
const warrior = (side: 'right' | 'left'): SalutationStep => ({ pose: 'warrior-one', rungs: [1], side });
const lunge = (side: 'right' | 'left'): SalutationStep => ({ pose: 'low-lunge', rungs: [1], side });
const through: readonly SalutationStep[] = [PLANK, COBRA, DOG];
const half = (side: 'right' | 'left'): SalutationStep[] => [MOUNTAIN, FOLD, lunge(side), ...through, lunge(side), FOLD];

export const SALUTATIONS: readonly Salutation[] = [
  {
    id: 'half-sun',
    name: 'Half sun salutation',
    also: ['Ardha Surya Namaskar', 'half sun salute', 'half salutation', 'half sun sal'],
    steps: [MOUNTAIN, FOLD, LIFT, FOLD, MOUNTAIN],
  },
  {
    id: 'sun-a',
    name: 'Sun salutation A',
    also: [
      'Surya Namaskar A',
      'Surya Namaskara A',
      'sun salute A',
      'sun sal A',
      'sun A',
      'sun salutation',
      'Surya Namaskar',
      'sun salute',
      'salutation A',
    ],
    steps: [MOUNTAIN, FOLD, LIFT, PLANK, COBRA, { ...DOG, breaths: STAY }, LIFT, FOLD, MOUNTAIN],
  },
  {
    id: 'sun-b',
    name: 'Sun salutation B',
    also: ['Surya Namaskar B', 'Surya Namaskara B', 'sun salute B', 'sun sal B', 'sun B', 'salutation B'],
    steps: [
      ...[CHAIR, FOLD, LIFT, ...through],
      ...[warrior('right'), ...through],
      ...[warrior('left'), PLANK, COBRA, { ...DOG, breaths: STAY }],
      ...[LIFT, FOLD, CHAIR, MOUNTAIN],
    ],
  },
  {
    id: 'sun-c',
    name: 'Sun salutation C',
    also: [
      'classical sun salutation',
      'Surya Namaskar C',
      'Surya Namaskara C',
      'sun salute C',
      'sun sal C',
      'sun C',
      'sun salutation with lunges',
      'salutation C',
    ],
    steps: [...half('right'), ...half('left'), MOUNTAIN],
  },
];

/** Words alike to this share are one, however they are spelt. Ours. */
const SPELT = 0.75;
const wordsIn = (text: string): string[] =>
  wordsOf(text)
    .map((w) => (/^salutations$|^sals$/.test(w) ? w.slice(0, -1) : w))
    .filter((w) => !['the', 'of', 'our', 'pose', 'series', 'flow'].includes(w));

/** The salutation of a name, as it is usually written; null for anything else. */
export function salutationNamed(name: string): Salutation | null {
  const written = wordsIn(name);
  if (written.length === 0) return null;
  const is = (known: string): boolean => {
    const words = wordsIn(known);
    return (
      words.length === written.length &&
      // A single letter tells one from another: it has to be that letter.
      words.every((w, i) => (w.length === 1 ? w === written[i] : alike(w, written[i]) >= SPELT))
    );
  };
  return SALUTATIONS.find((s) => [s.name, ...s.also].some(is)) ?? null;
}

/** Name of the salutation that an item is a step of; null for any other. */
export const salutationOf = ({ salutation }: Pick<PracticeItem, 'salutation'>): string | null =>
  (salutation !== undefined && SALUTATIONS.find((s) => s.id === salutation)?.name) || null;
