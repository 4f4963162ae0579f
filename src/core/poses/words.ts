import type { PropId } from './format';

/** Height from which a prop alone does not do, centimetres: a bolster, a block on its end, a folded blanket (our default). */
const ALONE: Partial<Record<PropId, number>> = { bolster: 26, block: 24, blanket: 12 };

/** A prop with the height that the fit asks for; where one alone is too low, what does instead. */
export function propWords(prop: PropId, height_cm: number | null): string {
  if (height_cm === null) return prop;
  const tallest = ALONE[prop] ?? Infinity;
  if (height_cm > tallest) return `${prop} on a chair seat or stacked, ${height_cm} cm high`;
  return prop === 'blanket' ? `blanket, folded ${height_cm} cm high` : `${prop}, ${height_cm} cm high`;
}
