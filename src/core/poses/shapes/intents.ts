import type { Intent } from '../format';

/**
 * A cue that asks a muscle for at least so much of its capacity, where the weight of a limb alone asks for less (ours).
 */
export const works = (
  cue: Intent['cue'],
  words: string,
  id: string,
  side: 'worked' | 'both',
  least: number,
): Intent => ({ cue, words, structure: { id, side, least } });

/**
 * A cue that asks for a push: the world's answer at a landmark, share of body weight forward, up and outward (ours).
 */
export const pushes = (
  cue: Intent['cue'],
  words: string,
  point: string,
  force: readonly [number, number, number],
): Intent => ({ cue, words, at: { point, force } });

/**
 * A leg's own weight asks little of the buttock, as the hamstrings would carry it: the cue asks for the rest (ours).
 */
export const BUTTOCK: readonly Intent[] = [
  works('squeeze', 'Squeeze the buttock of the lifted leg.', 'gluteus-maximus', 'worked', 0.35),
];
