import type { Rung, Shape } from '@/core/poses';
import type { PracticeRequest } from './request';
import { styleOf } from './styles';

/**
 * The way of a practice through the room: wake lying, come to all fours, stand up once, kneel, sit, lie down again and
 * stay. Each unit has its station on that way, so that each ground is visited once or twice and nobody hops between
 * floor and standing.
 */
export const STATIONS = ['wake', 'fours', 'chair', 'standing', 'kneeling', 'seated', 'lying'] as const;
export type Station = (typeof STATIONS)[number];

/** What carries the body. A chair is a ground of its own: somebody has to fetch it and to get up from it. */
export type Ground = 'lying' | 'front' | 'kneeling' | 'seated' | 'chair' | 'standing';

/**
 * True where a hand or a forearm bears: a side plank comes with the planks, not between the last stretch and the rest.
 */
const pressesUp = (rung: Rung): boolean =>
  rung.kind === 'strength' && Object.values(rung.reach).some((r) => r?.forearm || r?.bears || r?.floor !== undefined);

export function groundOf(shape: Pick<Shape, 'position'>, rung: Rung): Ground {
  switch (shape.position) {
    case 'on the back':
      return 'lying';
    case 'on the side':
      return pressesUp(rung) ? 'front' : 'lying';
    case 'on the front':
      return 'front';
    case 'all-fours':
    case 'kneeling':
      return 'kneeling';
    case 'seated':
      return rung.props.includes('chair') ? 'chair' : 'seated';
    case 'standing':
      return 'standing';
  }
}

/**
 * True where a rung wakes a joint before depth is asked of it: it moves, or it is a mild stretch that is taught early.
 */
export const wakesIn = (rung: Rung): boolean =>
  rung.kind === 'mobility' || (rung.kind === 'stretch' && rung.level === 1 && rung.phases.includes('warm'));

/** Where on the way a rung stands. In a practice of work, what works lying comes before standing up. */
export function stationOf(shape: Shape, rung: Rung, ground: Ground, { style, place }: PracticeRequest): Station {
  const workFirst = styleOf(style).first === 'work';
  // Where work comes first, stretches wait for it.
  const early =
    rung.kind === 'mobility' ||
    (wakesIn(rung) && !rung.phases.includes('counter') && !(workFirst && rung.kind === 'stretch'));
  switch (ground) {
    case 'lying':
      return early || (workFirst && rung.kind === 'strength' && shape.position === 'on the back') ? 'wake' : 'lying';
    case 'kneeling':
      return rung.kind === 'mobility' || (rung.kind === 'strength' && rung.level === 1) ? 'fours' : 'kneeling';
    case 'front':
      return 'kneeling';
    case 'chair':
      // Where a chair is the place, it is where one arrives and where one ends.
      return place === 'chair' ? (early ? 'wake' : 'seated') : 'chair';
    case 'seated':
      return 'seated';
    case 'standing':
      return 'standing';
  }
}

export const stationRank = (s: Station): number => STATIONS.indexOf(s);
