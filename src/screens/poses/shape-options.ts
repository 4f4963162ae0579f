import { namesOf, type Shape } from '@/core/poses';
import { finds, findsExactly } from '@/core/text-search';

/** For a list of shapes to choose from: by any of its names, what stands there as it was typed before what is nearly so. */
export function shapeOptions(shapes: readonly Shape[], { inputValue }: { inputValue: string }): Shape[] {
  const names = (s: Shape) => namesOf(s).join(' ');
  const found = shapes.filter((s) => finds(names(s), inputValue));
  const order = (s: Shape) => (findsExactly(s.name, inputValue) ? 0 : findsExactly(names(s), inputValue) ? 1 : 2);
  return found.sort((a, b) => order(a) - order(b));
}
