import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
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
export const poseName = (pose: string, rung: number): string => say(rungOf(pose, rung)?.shape.name ?? pose);
/** What was done and felt in a pose. */
export function itemWords(item: LogItem): string {
  const side = item.side === 'both' ? '' : ` ${SIDE_MARK[item.side]} ${say(item.side)}`;
  const set = item.set ? `, ${setWords(item)}` : '';
  const done = item.skipped
    ? 'skipped'
    : say('{{clock}} of {{clock2}}', { clock: clock(item.doneSeconds), clock2: clock(item.plannedSeconds) });
  const felt = [
    ...(item.placeFelt ? [say('felt {{placeFelt}}', { placeFelt: say(PLACE_WORDS[item.placeFelt]) })] : []),
    ...(item.strength !== undefined ? [say('{{count}} of 10', { count: item.strength })] : []),
  ].join(', ');
  const rung = rungOf(item.pose, item.rung)?.rung.name ?? say('rung {{count}}', { count: item.rung });
  return [
    `${poseName(item.pose, item.rung)}, ${rung}${side}${set}: ${done}`,
    ...(item.stopped ? ['▲ stopped'] : []),
    ...(felt ? [felt] : []),
  ].join(' · ');
}
export const testName = (reading: Pick<Reading, 'test' | 'readout'>): string =>
  `${say(testById(reading.test)?.name ?? reading.test)}, ${within(readoutOf(reading.test, reading.readout)?.name ?? reading.readout)}`;

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
