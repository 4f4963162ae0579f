import type { Highs } from 'highs';
import type { PropId } from '@/core/poses';
import { possible } from './choose';
import type { Locked, Time } from './asked';
import type { Avoided, PracticeRequest } from './request';
import type { PracticeUnit } from './units';

/** The smallest change of a wish with which it can be met. */
export type Change =
  | { kind: 'prop'; prop: PropId }
  | { kind: 'avoid'; avoided: Avoided }
  | { kind: 'level' }
  | { kind: 'place' }
  | { kind: 'peak' }
  | { kind: 'minutes'; minutes: number }
  /** Cautions or reach leave nothing whatever is asked. */
  | { kind: 'nothing' };

const PROPS: readonly PropId[] = ['blanket', 'block', 'strap', 'wall', 'chair', 'bolster', 'post'];

/**
 * One change at a time, the slightest first, until a practice fits: a prop more, one thing less avoided, a level more,
 * another place, no peak, fewer minutes.
 */
export function smallestChange(
  highs: Highs,
  unitsOf: (request: PracticeRequest) => PracticeUnit[],
  request: PracticeRequest,
  timeOf: (request: PracticeRequest) => Time,
  lockedOf: (request: PracticeRequest) => readonly Locked[],
): Change {
  const fits = (r: PracticeRequest) => possible(highs, unitsOf(r), r, timeOf(r), lockedOf(r));
  if (request.props)
    for (const prop of PROPS)
      if (!request.props.includes(prop) && fits({ ...request, props: [...request.props, prop] }))
        return { kind: 'prop', prop };
  for (const avoided of request.avoid)
    if (fits({ ...request, avoid: request.avoid.filter((a) => a !== avoided) })) return { kind: 'avoid', avoided };
  if (request.level < 3 && fits({ ...request, level: 3 })) return { kind: 'level' };
  if (request.peak && fits({ ...request, peak: null })) return { kind: 'peak' };
  if (request.place !== 'anywhere' && fits({ ...request, place: 'anywhere' })) return { kind: 'place' };
  for (let minutes = Math.ceil(request.minutes) - 1; minutes >= 5; minutes--)
    if (fits({ ...request, minutes })) return { kind: 'minutes', minutes };
  return { kind: 'nothing' };
}
