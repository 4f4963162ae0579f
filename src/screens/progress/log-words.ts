import { SIDE_MARK } from '@/core/body/words';
import { PLACE_WORDS } from '@/core/students/words';
import { rungOf } from '@/core/poses';
import { clock } from '@/core/practice/sheet';
import { setWords } from '@/core/practice/taught-order';
import type { LogItem } from '@/core/teaching/log';
import { readoutOf, testById } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import type { LineKind } from '@/core/progress/timeline';

/** Names in the log; what the library no longer has keeps its id. */
export const poseName = (pose: string, rung: number): string => rungOf(pose, rung)?.shape.name ?? pose;
/** What was done and felt in a pose. */
export function itemWords(i: LogItem): string {
  const side = i.side === 'both' ? '' : ` ${SIDE_MARK[i.side]} ${i.side}`;
  const set = i.set ? `, ${setWords(i)}` : '';
  const done = i.skipped ? 'skipped' : `${clock(i.doneSeconds)} of ${clock(i.plannedSeconds)}`;
  const felt = [
    ...(i.placeFelt ? [`felt ${PLACE_WORDS[i.placeFelt]}`] : []),
    ...(i.strength !== undefined ? [`${i.strength} of 10`] : []),
  ].join(', ');
  const rung = rungOf(i.pose, i.rung)?.rung.name ?? `rung ${i.rung}`;
  return [
    `${poseName(i.pose, i.rung)}, ${rung}${side}${set}: ${done}`,
    ...(i.stopped ? ['▲ stopped'] : []),
    ...(felt ? [felt] : []),
  ].join(' · ');
}
export const testName = (r: Pick<Reading, 'test' | 'readout'>): string =>
  `${testById(r.test)?.name ?? r.test}, ${readoutOf(r.test, r.readout)?.name.toLowerCase() ?? r.readout}`;

/** What a line of the story is about, in a word. */
export const LINE_WORDS: Readonly<Record<LineKind, string>> = {
  asked: 'asked',
  tested: 'tested',
  read: 'found',
  aims: 'aims',
  built: 'built',
  taught: 'taught',
  weeks: 'weeks',
};
