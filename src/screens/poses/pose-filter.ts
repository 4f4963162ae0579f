import { say } from '@/core/languages/spoken';
import { LEVEL_WORDS, namesOf, rungOf, type Kind, type Level, type Position, type PropId } from '@/core/poses';
import type { FittedPose } from '@/core/fit/fit';
import { finds, nearness } from '@/core/text-search';

/** What of the library is shown. */
export interface PoseFilter {
  text: string;
  position: Position | null;
  prop: PropId | 'none' | null;
  level: Level | null;
  kind: Kind | null;
  /** An aim's key, `kind:group:side`; only poses that give something to it. */
  aim: string | null;
  /** All rungs, or of each shape the best only. */
  rungs: 'best' | 'all';
}

export const NO_FILTER: PoseFilter = {
  text: '',
  position: null,
  prop: null,
  level: null,
  kind: null,
  aim: null,
  rungs: 'best',
};

/** True where a fitted pose answers the filter; aims and one-rung-a-shape are for the caller. */
export function matches(fit: Pick<FittedPose, 'pose' | 'rung'>, filter: PoseFilter): boolean {
  const found = rungOf(fit.pose, fit.rung);
  if (!found) return false;
  const { shape, rung } = found;
  if (filter.position && shape.position !== filter.position) return false;
  if (filter.prop === 'none' ? rung.props.length > 0 : filter.prop !== null && !rung.props.includes(filter.prop))
    return false;
  if (filter.level !== null && rung.level !== filter.level) return false;
  if (filter.kind && rung.kind !== filter.kind) return false;
  if (filter.text.trim() === '') return true;
  return finds(
    [...namesOf(shape), say(rung.name), say(shape.position), say(LEVEL_WORDS[rung.level])].join(' '),
    filter.text,
  );
}

/** What is called as it was typed first; else the order stays. */
export function calledFirst<T extends Pick<FittedPose, 'pose' | 'rung'>>(list: readonly T[], text: string): T[] {
  if (text.trim() === '') return [...list];
  const near = (pose: T) => {
    const shape = rungOf(pose.pose, pose.rung)?.shape;
    return shape ? nearness(namesOf(shape), text) : 3;
  };
  return [...list].sort((a, b) => near(a) - near(b));
}

/** The first of each shape and side in a list that is in order. */
export function firstOfShape<T extends Pick<FittedPose, 'pose' | 'side'>>(list: readonly T[]): T[] {
  const seen = new Set<string>();
  return list.filter((p) => {
    const key = `${p.pose}/${p.side}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}
