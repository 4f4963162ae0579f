import { inSentence } from '@/core/languages/in-sentence';
import type { Side } from '@/core/body';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import { anglesAt, rungOf } from '@/core/poses';
import type { PracticeItem } from './practice';

/** Joints whose angles tell whether two shapes feel alike; the worked side first. */
const JOINTS = ['hip_flexion', 'hip_adduction', 'hip_rotation', 'knee_flexion'] as const;
/** Mean difference of these joints up to which two shapes of different position are alike, degrees. Ours. */
const ALIKE = 17;

type Of = Pick<PracticeItem, 'pose' | 'rung' | 'side'>;

/** Hip and knee angles of an item at full depth, worked side then the other, degrees. */
function legs(item: Of): number[] | null {
  const found = rungOf(item.pose, item.rung);
  if (!found) return null;
  const worked: Side = item.side === 'left' ? 'left' : 'right';
  const a = anglesAt(found.rung, worked, 1);
  return [worked, worked === 'left' ? 'right' : 'left'].flatMap((s) => JOINTS.map((j) => a[`${j}_${s}`]));
}

/**
 * "As in the low lunge before": what of the items before asks the same of hips and knees, so that it can be called
 * back; null where nothing does. The second side of a rung is not called back to its first.
 */
export function callBack(item: Of, before: readonly PracticeItem[], say: Say = spoken): string | null {
  const here = legs(item);
  const own = rungOf(item.pose, item.rung);
  if (!here || !own || own.rung.kind === 'rest') return null;
  const earlier = before.filter((b) => !(b.pose === item.pose && b.rung === item.rung));
  const milder = earlier.filter((b) => b.pose === item.pose).at(-1);
  if (milder)
    return say('Start as in {{pose}}, {{rung}}; then go one step further.', {
      pose: named(own.shape.name, say),
      rung: say(rungOf(milder.pose, milder.rung)?.rung.name ?? ''),
    });
  let best: { name: string; off: number } | null = null;
  for (const b of earlier) {
    const found = rungOf(b.pose, b.rung);
    const there = legs(b);
    if (!found || !there || found.rung.kind === 'rest') continue;
    const off = there.reduce((s, v, i) => s + Math.abs(v - here[i]), 0) / there.length;
    if (off <= ALIKE && (!best || off < best.off)) best = { name: found.shape.name, off };
  }
  return best && say('The legs are as before in {{pose}}.', { pose: named(best.name, say) });
}

/** A pose within a sentence: in English as English has it. */
function named(name: string, say: Say): string {
  const own = say(name);
  return own === name ? inSentence(name) : own;
}
