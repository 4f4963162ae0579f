import { describe, expect, it } from 'vitest';
import { feltIn, logPutRight, logSchema, type LogEntry } from './log';

const item = { pose: 'pigeon', rung: 1, side: 'left' as const, plannedSeconds: 90, doneSeconds: 90, skipped: false };
const log: LogEntry = {
  id: 'l',
  student: 's',
  practice: 'p',
  title: 'Slip',
  startedAt: '2026-10-05T10:00:00.000Z',
  endedAt: '2026-10-05T10:20:00.000Z',
  items: [item, { ...item, side: 'right' }],
  note: 'Calm.',
};
const NOW = '2026-10-06T08:00:00.000Z';

describe('a log put right', () => {
  it('keeps the words that stood there, and the items only where they changed', () => {
    const words = logPutRight(log, { note: 'Calm and long.' }, NOW);
    expect(words.history).toEqual([{ note: 'Calm.', changedAt: NOW }]);
    const felt = { ...item, placeFelt: 'deep-buttock' as const, strength: 4, doneSeconds: 60 };
    const items = logPutRight(words, { items: [felt, log.items[1]] }, NOW);
    expect(items.items[0]).toEqual(felt);
    expect(items.history?.[1]).toEqual({ note: 'Calm and long.', items: log.items, changedAt: NOW });
    expect(logSchema.safeParse(items).success).toBe(true);
  });
  it('is the same log where nothing differs', () => {
    expect(logPutRight(log, {}, NOW)).toBe(log);
    expect(logPutRight(log, { note: 'Calm.', items: [{ ...item }, { ...item, side: 'right' }] }, NOW)).toBe(log);
  });
  it('remembers the last twenty changes', () => {
    let many = log;
    for (let k = 0; k < 25; k++) many = logPutRight(many, { note: `words ${k}` }, NOW);
    expect(many.history).toHaveLength(20);
    expect(many.history?.at(-1)?.note).toBe('words 23');
    expect(logSchema.safeParse(many).success).toBe(true);
  });
  it('what was put right is what the findings hear', () => {
    const felt = logPutRight(log, { items: [{ ...item, placeFelt: 'outer-hip' }, log.items[1]] }, NOW);
    expect(feltIn([log])).toEqual([]);
    expect(feltIn([felt])).toEqual([{ log: 'l', pose: 'pigeon', rung: 1, side: 'left', place: 'outer-hip' }]);
    const hurt = logPutRight(felt, { items: [{ ...item, placeFelt: 'outer-hip', stopped: true }, log.items[1]] }, NOW);
    expect(feltIn([hurt])).toEqual([]);
  });
});
