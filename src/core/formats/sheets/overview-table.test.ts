import { describe, expect, it } from 'vitest';
import type { OverviewRow } from '@/core/overview/studio-overview';
import { overviewTable } from './overview-table';
import { readTable } from './table';

const row = (name: string, more: Partial<OverviewRow> = {}): OverviewRow => ({
  id: name,
  name,
  limits: [{ group: 'hamstrings', side: 'left', band: -1.5, probability: 0.9 }],
  measured: '2026-11-16',
  due: 2,
  practised: 3,
  minutes: 41,
  planned: 4,
  done: 3,
  came: 1,
  missed: 0,
  next: null,
  ...more,
});

describe('the overview as a table', () => {
  it('reads back, a row a student, with what limits in words', () => {
    const back = readTable(overviewTable([row('Ilka Rushmere', { limits: null }), row('=Maren')]));
    if (!back.ok) throw new Error(back.why);
    const { rows, columns } = back.table;
    expect(rows.map((r) => r[0])).toEqual(['Ilka Rushmere', '=Maren']);
    expect(rows.map((r) => r[1])).toEqual(['', 'hamstrings left']);
    expect(columns).toHaveLength(rows[0].length);
    expect(rows[1].slice(2)).toEqual(['2026-11-16', '2', '3', '41', '4', '3', '1', '0', '']);
  });
});
