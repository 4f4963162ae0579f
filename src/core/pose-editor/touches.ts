import type { Contact, Rung, Shape } from '@/core/poses';
import { withContacts } from './edit';

/**
 * What a rung touches, changed as a teacher does: in a shape of both sides at once, what is said of one side holds for
 * the other.
 */

/** Usual heights of what lies under a body, centimetres; what is not here has none. */
const HEIGHT: Partial<Record<Contact['on'], number>> = { blanket: 4, block: 12, bolster: 18, chair: 44 };

const swapped = (name: string): string =>
  name.endsWith('_worked') ? name.replace('_worked', '_other') : name.replace('_other', '_worked');

/** A contact with its twin on the other side, where both sides do the same. */
function twins(shape: Pick<Shape, 'sided'>, c: Contact): Contact[] {
  if (shape.sided || !/_(worked|other)$/.test(c.point)) return [c];
  return [c, { ...c, point: swapped(c.point), ...(c.limb && { limb: swapped(c.limb) }) }];
}

/**
 * Changes what a landmark bears on; a height that is not told is the usual one, a limb that is not told the nearer
 * thigh.
 */
export function withTouch(
  shape: Pick<Shape, 'sided'>,
  rung: Rung,
  point: string,
  change: Partial<Omit<Contact, 'point'>>,
): Rung {
  const old = rung.contacts.find((c) => c.point === point);
  if (!old) return rung;
  const { on, limb, height_cm } = { ...old, ...change };
  const height = change.on && change.on !== old.on ? HEIGHT[on] : (height_cm ?? HEIGHT[on]);
  const own: Contact = {
    point,
    on,
    ...(on === 'limb' && { limb: limb ?? (point.startsWith('ankle') ? 'thigh_other' : 'thigh_worked') }),
    ...(HEIGHT[on] !== undefined && height !== undefined && { height_cm: height }),
  };
  const both = twins(shape, own);
  return withContacts(
    rung,
    rung.contacts.map((c) => both.find((b) => b.point === c.point) ?? c),
  );
}

/** Landmarks laid on the floor; those that touch something already stay as they are. */
export function withTouches(shape: Pick<Shape, 'sided'>, rung: Rung, points: readonly string[]): Rung {
  const told = new Set(rung.contacts.map((c) => c.point));
  const more = points
    .flatMap((point) => twins(shape, { point, on: 'floor' }))
    .filter((c) => !told.has(c.point) && told.add(c.point));
  return withContacts(rung, [...rung.contacts, ...more]);
}

/** A landmark, and its twin, touch nothing any more. */
export function withoutTouch(shape: Pick<Shape, 'sided'>, rung: Rung, point: string): Rung {
  const gone = new Set(twins(shape, { point, on: 'floor' }).map((c) => c.point));
  return withContacts(
    rung,
    rung.contacts.filter((c) => !gone.has(c.point)),
  );
}
