import { say } from '@/core/languages/spoken';
import { shapeById } from '@/core/poses';
import type { Nudge } from '@/core/practice/nudges';

const nameOf = (pose: string): string => say(shapeById(pose)?.name ?? pose);
const formOf = (to: { pose: string; rung: number }): string => {
  const shape = shapeById(to.pose);
  return shape ? `${say(shape.name)}, ${say(shape.rungs[to.rung - 1]?.name ?? '')}` : to.pose;
};
/** A change as a sentence. */
export function nudgeWords({ kind, pose, to }: Pick<Nudge, 'kind' | 'pose' | 'to'>): string {
  if (kind === 'longer' || !to) return say('Hold {{name}} half a minute longer.', { name: nameOf(pose) });
  return kind === 'swap'
    ? say('{{form}}, in place of {{name}}.', { form: formOf(to), name: nameOf(pose) })
    : say('Add {{form}}, after {{name}}.', { form: formOf(to), name: nameOf(pose) });
}
