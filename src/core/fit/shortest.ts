import { ELEMENTS, GROUPS, isMuscleGroup, SIDES, type GroupId, type Side } from '@/core/body';
import { MEMBER_WORDS } from '@/core/body/words';
import { ELEMENT_COUNT } from '@/core/inference';

/** From where a muscle is short, SD of people; and how much shorter than its neighbours of the group it must be to stand for them. Ours. */
const SHORT = -0.5;
const APART = 0.5;

/** The muscle that a group is called by: it stands for the group where no other of it is the short one. */
const CALLED: Readonly<Partial<Record<GroupId, string>>> = { 'lateral-hip': 'tensor-fasciae-latae' };

/** Members of each muscle group that has more than one, by element. */
const MEMBERS: readonly { group: GroupId; of: readonly number[] }[] = GROUPS.filter(isMuscleGroup)
  .map((group) => ({ group, of: ELEMENTS.flatMap((e, i) => (e.group === group ? [i] : [])) }))
  .filter(({ of }) => of.length > 1);

/** A group whose aim is about some of its muscles only. */
export interface Shortest {
  side: Side;
  group: GroupId;
  /** Those, as indexes of tolerances (left then right). */
  elements: readonly number[];
}

const known = new WeakMap<object, readonly Shortest[]>();

/**
 * Where a group's aim is about some of its muscles alone: a calf that is short with the knee straight and not with it bent is served by
 * what lengthens the gastrocnemius, whatever a deep squat does for the soleus. A group whose muscles stand alike is left out, but for one
 * that is called by one of them: whoever asks for the tensor fasciae latae does not mean the gluteals beside it.
 * @param mean tolerances, SD of people, left then right
 */
export function shortestIn(mean: ArrayLike<number> & object): readonly Shortest[] {
  let own = known.get(mean);
  if (!own) known.set(mean, (own = found(mean)));
  return own;
}

function found(mean: ArrayLike<number>): Shortest[] {
  return SIDES.flatMap((side, s) =>
    MEMBERS.flatMap(({ group, of }) => {
      const all = of.map((e) => s * ELEMENT_COUNT + e);
      const least = Math.min(...all.map((e) => mean[e]));
      const elements = all.filter((e) => mean[e] <= least + APART);
      if (least <= SHORT && elements.length < all.length) return [{ side, group, elements }];
      const called = of.filter((e) => ELEMENTS[e].id === CALLED[group]).map((e) => s * ELEMENT_COUNT + e);
      return called.length > 0 ? [{ side, group, elements: called }] : [];
    }),
  );
}

/** Names of the muscles that an aim for a group is about, where they are not all of it and not what the group is called by; else null. */
export function shortestWords(mean: ArrayLike<number> & object, group: GroupId, side: Side): string | null {
  const own = shortestIn(mean).find((x) => x.group === group && x.side === side);
  const ids = own?.elements.map((e) => ELEMENTS[e % ELEMENT_COUNT].id) ?? [];
  if (ids.length === 0 || ids.includes(CALLED[group] ?? '')) return null;
  return ids.map((id) => MEMBER_WORDS[id] ?? id).join(' and ');
}
