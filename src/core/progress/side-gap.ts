import { say } from '@/core/languages/spoken';
import { readoutOf } from '@/core/assessment/battery';
import { withUnit } from '@/core/assessment/reading';
import type { ReadingChange } from './change';

/** The difference of the sides of a reading, in the first round and now. */
export interface GapChange {
  then: number;
  now: number;
  /** Smallest difference that is more than the error of measuring. */
  detectable: number;
}

/** Side differences of a change and its other side, where both were read on both days; null else. */
export function gapChange(change: ReadingChange, changes: readonly ReadingChange[]): GapChange | null {
  const other = changes.find(
    (c) =>
      c.test === change.test &&
      c.readout === change.readout &&
      c.variant === change.variant &&
      c.active === change.active &&
      c.atHome === change.atHome &&
      c.side !== change.side &&
      c.first.day === change.first.day &&
      c.last.day === change.last.day,
  );
  if (!other || change.side === 'both') return null;
  return {
    then: Math.abs(change.first.value - other.first.value),
    now: Math.abs(change.last.value - other.last.value),
    detectable: Math.max(change.detectable, other.detectable),
  };
}

/** A side difference as a sentence. */
export function gapSentence(gap: GapChange, change: ReadingChange): string {
  const readout = readoutOf(change.test, change.readout);
  if (!readout) return '';
  const unit = (v: number) => withUnit(readout, v);
  const now = gap.now < gap.detectable ? say('within the error of measuring') : say('more than the error of measuring');
  return say('The sides differed by {{unit}} then, by {{unit2}} now, {{now}}.', {
    unit: unit(gap.then),
    unit2: unit(gap.now),
    now: say(now),
  });
}
