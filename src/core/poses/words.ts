import { say } from '@/core/languages/spoken';
import type { Give, Kind, Level, PropId, Shape } from './format';

/**
 * Height from which a prop alone does not do, centimetres: a bolster, a block on its end, a folded blanket (our
 * default).
 */
const ALONE: Partial<Record<PropId, number>> = { bolster: 26, block: 24, blanket: 12 };

/** A prop with the height that the fit asks for; where one alone is too low, what does instead. */
export function propWords(prop: PropId, height_cm: number | null, length_cm?: number): string {
  if (length_cm !== undefined) return say('{{prop}}, {{count}} cm with a loop', { prop: say(prop), count: length_cm });
  if (height_cm === null || prop === 'chair') return prop;
  const tallest = ALONE[prop] ?? Infinity;
  if (height_cm > tallest)
    return say('{{prop}} on a chair seat or stacked, {{count}} cm high', { prop: say(prop), count: height_cm });
  return prop === 'blanket'
    ? say('blanket, folded {{count}} cm high', { count: height_cm })
    : say('{{prop}}, {{count}} cm high', { prop: say(prop), count: height_cm });
}

/** Every name by which a shape is known: its title, Sanskrit, other names, and what the body does in plain words. */
export const namesOf = (shape: Pick<Shape, 'name' | 'plain' | 'sanskrit' | 'also'>): string[] =>
  [shape.name, shape.sanskrit, ...(shape.also ?? []), shape.plain].filter((n): n is string => n !== undefined);

export const LEVEL_WORDS: Readonly<Record<Level, string>> = { 1: 'mild', 2: 'middle', 3: 'demanding' };
export const KIND_WORDS: Readonly<Record<Kind, string>> = {
  stretch: 'lengthens',
  strength: 'works',
  mobility: 'moves',
  rest: 'rests',
};
export const GIVE_WORDS: Readonly<Record<Give, string>> = {
  'knee-bends': 'let the knee bend',
  'pelvis-rolls': 'let the pelvis roll with the thigh',
  'heel-lifts': 'let the heel lift',
  'stance-shortens': 'shorten the stance',
  'thigh-turns': 'let the thigh turn less',
};
