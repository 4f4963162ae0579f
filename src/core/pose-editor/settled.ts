import type { Rung, Shape } from '@/core/poses';
import { carriesOf } from '@/core/poses/gaps';
import { settlePath } from '@/core/poses/settling/settle';
import { isHeld } from './edit';

/**
 * A rung put on what it touches at entry, half-way and full: the joint angles nearest to hers at which contacts and
 * hands meet and nothing passes through anything (`core/poses/settling`). How far structures are stretched is left to
 * her.
 */
export function settledRung(
  shape: Pick<Shape, 'id' | 'position' | 'sided'> & { rungs: readonly Rung[] },
  at: number,
): Rung {
  const rung = shape.rungs[at];
  const [entry, , full] = rung.path;
  const none: ReadonlySet<string> = new Set();
  const { path, hands } = settlePath({
    id: shape.id,
    rung: at + 1,
    sided: shape.sided,
    kind: rung.kind,
    entry: isHeld(rung) ? full : entry,
    full,
    held: { entry: none, full: none },
    reaches_sd: null,
    reach: rung.reach,
    contacts: rung.contacts,
    wall: rung.wall,
    // A wall, a strap or a post keeps the balance, or the hands do.
    balance: rung.wall === undefined && !rung.props.some((p) => p === 'strap' || p === 'post' || p === 'wall'),
    carries: carriesOf(shape, rung),
  });
  return { ...rung, path, ...(hands && { reach: hands }) };
}
