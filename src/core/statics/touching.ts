import { contactsOf, fleshOf, floorOf, type Reach, type Side, type Skeleton } from '@/core/body';
import type { Contact, Rung } from '@/core/poses';
import { partOf, type BodyPart } from './degrees-of-freedom';

/** Landmarks this near to the floor bear like those that are named, metres. */
const TOUCHES = 0.02;
/** A thigh whose flesh lies this near to the height of the seat rests on it, metres. */
const SEAT = 0.025;

/** The trunk rests where it lies, and the head with it. */
const TRUNK: readonly BodyPart[] = ['pelvis', 'lower', 'upper', 'thorax'];

/**
 * What is named, and what else of the body lies on the floor or the seat. In a rung that is there to work a limb that
 * only comes near to the floor does not lie down: it bears where the pose says so, or where the same part does already.
 */
export function touching(
  contacts: readonly Contact[],
  skeleton: Skeleton,
  reach: Partial<Record<Side, Reach>>,
  kind: Rung['kind'],
): readonly Contact[] {
  const { points } = skeleton;
  const named = new Set(contacts.map((c) => c.point));
  const bearing = new Set<BodyPart>(
    contacts
      .filter((c) => c.on === 'floor')
      .flatMap((c): BodyPart[] => {
        const part = partOf(c.point);
        // Who lies on the ankle lies on the back of the foot too.
        return c.point.startsWith('ankle_') ? [part, part.replace('shank', 'foot') as BodyPart] : [part];
      }),
  );
  const lying = [...bearing].some((part) => TRUNK.includes(part));
  const lies = (point: string): boolean => {
    if (kind !== 'strength') return true;
    // The middle of the back leaves the floor first; a trunk that bears there says so.
    if (point === 'back' || /^(calf|ankle)_/.test(point)) return false;
    const part = partOf(point);
    // On hands and knees or feet nobody lets the head bear, however near the floor is.
    return bearing.has(part) || (lying && (TRUNK.includes(part) || part === 'head'));
  };
  const floor = contactsOf(points, floorOf(points, reach), TOUCHES)
    .filter((p) => !named.has(p) && !/^(hand|shin|arch)/.test(p) && lies(p))
    .map((point) => ({ point, on: 'floor' as const }));
  const seat = contacts
    .filter((c) => c.on === 'chair' && c.point.startsWith('buttock_'))
    .map((c) => ({ seat: c.point, thigh: c.point.replace('buttock', 'thigh') }))
    .filter(
      ({ seat: s, thigh }) =>
        !named.has(thigh) && Math.abs(points[thigh][1] - fleshOf(thigh) - (points[s][1] - fleshOf(s))) < SEAT,
    )
    .map(({ thigh }) => ({ point: thigh, on: 'chair' as const }));
  return [...contacts, ...floor, ...seat];
}
