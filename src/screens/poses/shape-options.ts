import { namesOf, type Shape } from '@/core/poses';
import { finds, nearness } from '@/core/text-search';

/**
 * For a list of shapes to choose from: by any of its names, what is called as it was typed before what is nearly so.
 */
export function shapeOptions(shapes: readonly Shape[], { inputValue }: { inputValue: string }): Shape[] {
  const found = shapes.filter((s) => finds(namesOf(s).join(' '), inputValue));
  return inputValue.trim() === ''
    ? found
    : found.sort((a, b) => nearness(namesOf(a), inputValue) - nearness(namesOf(b), inputValue));
}
