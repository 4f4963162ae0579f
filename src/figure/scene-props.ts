import type { Side } from '@/core/body';
import { contactsFor, type Rung } from '@/core/poses';
import type { SceneProp } from './draw';

/** What is drawn beside the body in a rung: everything it bears on, the wall, the strap from hand to foot. */
export function sceneProps(rung: Rung, worked: Side): SceneProp[] {
  const contacts = contactsFor(rung, worked);
  const out: SceneProp[] = [];
  for (const { on, point } of contacts) {
    if (on !== 'block' && on !== 'bolster' && on !== 'blanket' && on !== 'chair') continue;
    // A seat under both sides, or under a whole foot, is one piece; hands have one each.
    const mate = out.find((q) => q.kind === on && q.at !== point && !q.also && joined(q.at, point, on));
    if (mate) mate.also = point;
    // A hand beside the seat is on the chair that she sits on.
    else if (!(on === 'chair' && out.some((q) => q.kind === 'chair' && bare(q.at) === 'buttock')))
      out.push({ kind: on, at: point });
  }
  const onWall = contacts.find((c) => c.on === 'wall');
  if (onWall && rung.wall) out.push({ kind: 'wall', at: onWall.point, side: rung.wall });
  // Where only hands lean on it, it stands where they are held out to.
  else if (rung.props.includes('wall')) out.push({ kind: 'wall', at: 'hand_right', also: 'hand_left' });
  if (rung.props.includes('strap')) {
    const other = worked === 'left' ? 'right' : 'left';
    // A hand that is on the floor holds nothing.
    const free = rung.reach.other && rung.reach.other.floor === undefined;
    const hand = rung.reach.worked && !(free && rung.reach.worked.floor !== undefined) ? worked : other;
    out.push({ kind: 'strap', at: `ball_${worked}`, to: `wrist_${hand}` });
  }
  return out;
}

const bare = (point: string): string => point.replace(/_(left|right)$/, '');
const sideOf = (point: string): string => point.slice(point.lastIndexOf('_'));
const SHIN = /^(knee|calf|ankle)/;
function joined(a: string, b: string, on: string): boolean {
  const foot = /^(heel|ball|toe)/;
  if (foot.test(a) && foot.test(b)) return sideOf(a) === sideOf(b) || on === 'chair';
  // A shin along a seat lies on one seat.
  if (on === 'chair' && SHIN.test(a) && SHIN.test(b)) return sideOf(a) === sideOf(b);
  if (bare(a) !== bare(b)) return /^(back|head)/.test(a) && /^(back|head)/.test(b);
  return bare(a) === 'buttock' || (bare(a) === 'calf' && on !== 'block') || on === 'chair';
}
