import { LATELY_DAYS, limitsWords, type OverviewRow } from '@/core/overview/studio-overview';
import { writeTable } from './table';

/** The overview of a studio as a table, one row a student; what limits as words, strongest first. */
export const overviewTable = (rows: readonly OverviewRow[]): string =>
  writeTable(
    [
      'student',
      'limited by',
      'measured',
      'readings due again',
      `practised in ${LATELY_DAYS} days`,
      'minutes held',
      'planned days',
      'of them done',
      'came',
      'did not come',
      'next visit',
    ],
    rows.map((r) => [
      r.name,
      r.limits === null ? '' : limitsWords(r.limits),
      r.measured ?? '',
      r.due,
      r.practised,
      r.minutes,
      r.planned,
      r.done,
      r.came,
      r.missed,
      r.next ? `${r.next.day}${r.next.at ? ` ${r.next.at}` : ''}` : '',
    ]),
  );
