import { say } from '@/core/languages/spoken';
import { ELEMENTS, groupOf, GROUPS, isMuscleGroup, membersOf, SIDES, type GroupId, type Side } from '@/core/body';
import { GROUP_WORDS, MEMBER_WORDS } from '@/core/body/words';
import { ONE_NAME, type Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { TYPICAL } from './typical';

/**
 * From where a muscle is short, SD of people, and how much shorter than a neighbour of its group it must be to stand
 * apart from it. Ours.
 */
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
 * Where a group's aim is about some of its muscles alone: a calf that is short with the knee straight and not with it
 * bent is served by what lengthens the gastrocnemius, whatever a deep squat does for the soleus. A muscle is only left
 * out of its group where it is sure to stand apart. A group whose muscles stand alike is left out, but for one that is
 * called by one of them: whoever asks for the tensor fasciae latae does not mean the gluteals beside it.
 */
export function shortestIn(posterior: Posterior): readonly Shortest[] {
  let own = known.get(posterior.mean);
  if (!own) known.set(posterior.mean, (own = found(posterior)));
  return own;
}

function found(posterior: Posterior): Shortest[] {
  const { mean } = posterior;
  return SIDES.flatMap((side, s) =>
    MEMBERS.flatMap(({ group, of }) => {
      const all = of.map((e) => s * ELEMENT_COUNT + e);
      const least = all.reduce((a, e) => (mean[e] < mean[a] ? e : a));
      const elements = all.filter((e) => e === least || apartIn(posterior, least, e) < ONE_NAME);
      if (mean[least] <= SHORT && elements.length < all.length) return [{ side, group, elements }];
      const called = of.filter((e) => ELEMENTS[e].id === CALLED[group]).map((e) => s * ELEMENT_COUNT + e);
      return called.length > 0 ? [{ side, group, elements: called }] : [];
    }),
  );
}

/** Share of the draws in which a muscle is longer than the shortest of its group by so much that it stands apart. */
function apartIn({ draws, drawCount }: Posterior, least: number, other: number): number {
  let apart = 0;
  for (let d = 0; d < drawCount; d++)
    if (draws[d * DIMENSIONS + other] - draws[d * DIMENSIONS + least] > APART) apart++;
  return apart / Math.max(1, drawCount);
}

/**
 * Share by which a group must be stretched further than the muscles that stand for it, for others of it to be what is
 * stretched. Ours.
 */
const FURTHER = 0.05;

/**
 * What of a group a pose stretches, by name: a figure-four reaches the front of gluteus medius, which is of the outer
 * hip, and not the tensor fasciae latae by which the group is called.
 * @param posterior typical people where not told
 */
export function stretchedName(
  { stretch, ofShortest }: Stretch,
  group: GroupId,
  side: Side,
  posterior: Posterior = TYPICAL,
): string {
  const called = CALLED[group];
  const own = shortestIn(posterior).find((x) => x.group === group && x.side === side);
  const share = ofShortest?.[side][group];
  if (!called || !own || share === undefined) return say(GROUP_WORDS[group].name);
  const ids = own.elements.map((e) => ELEMENTS[e % ELEMENT_COUNT].id);
  const further = stretch[side][group] > share + FURTHER;
  const told = membersOf(group).filter((id) => ids.includes(id) !== further);
  return told.includes(called)
    ? say(GROUP_WORDS[group].name)
    : told.map((id) => say(MEMBER_WORDS[id]) ?? id).join(say(' and '));
}
/** How far groups are stretched, and the muscles that stand for them. */
interface Stretch {
  stretch: Record<Side, Record<GroupId, number>>;
  ofShortest?: Record<Side, Partial<Record<GroupId, number>>>;
}

/**
 * Names of the muscles that an aim for a group is about, where they are not all of it and not what the group is called
 * by; else null.
 */
export function shortestWords(posterior: Posterior, group: GroupId, side: Side): string | null {
  const own = shortestIn(posterior).find((x) => x.group === group && x.side === side);
  const ids = own?.elements.map((e) => ELEMENTS[e % ELEMENT_COUNT].id) ?? [];
  if (ids.length === 0 || ids.includes(CALLED[group] ?? '')) return null;
  return ids.map((id) => say(MEMBER_WORDS[id]) ?? id).join(say(' and '));
}

/** The same of an aim; null, too, where it is not about length. */
export function shortInAim(aim: { kind: string; group: string; side: Side }, posterior: Posterior): string | null {
  const group = aim.kind === 'lengthen' || aim.kind === 'both' ? groupOf(aim.group) : null;
  return group && shortestWords(posterior, group, aim.side);
}
