import type { Side } from '@/core/body';
import { contactsFor, type Rung } from '@/core/poses';
import type { SceneProp } from './draw';

/** What is drawn beside the body in a rung: everything it bears on, the wall, the strap from hand to foot. */
export function sceneProps(rung: Rung, worked: Side): SceneProp[] {
  const contacts = contactsFor(rung, worked);
  const out: SceneProp[] = [];
  for (const { on, point } of contacts) {
    if (on === 'block' || on === 'bolster' || on === 'blanket' || on === 'chair') out.push({ kind: on, at: point });
  }
  const onWall = contacts.find((c) => c.on === 'wall');
  if (onWall && rung.wall) out.push({ kind: 'wall', at: onWall.point, side: rung.wall });
  if (rung.props.includes('strap')) {
    const hand = rung.reach.worked ? worked : worked === 'left' ? 'right' : 'left';
    out.push({ kind: 'strap', at: `ball_${worked}`, to: `wrist_${hand}` });
  }
  return out;
}
