import { describe, expect, it } from 'vitest';
import { whenTyped } from './when';

describe('the hour and the minutes of a visit', () => {
  it('are taken as typed; without an hour the visit is for the day', () => {
    expect(whenTyped('17:30', ' 60 ')).toEqual({ ok: true, when: { at: '17:30', minutes: 60 } });
    expect(whenTyped('', '45')).toEqual({ ok: true, when: { minutes: 45 } });
  });
  it.each([
    ['25:00', '60', 'at'],
    ['5 pm', '60', 'at'],
    ['17:30', '', 'minutes'],
    ['17:30', 'an hour', 'minutes'],
    ['17:30', '37,5', 'minutes'],
    ['17:30', '4', 'minutes'],
    ['17:30', '481', 'minutes'],
  ] as const)('“%s” for “%s” says what is wrong', (at, minutes, of) =>
    expect(whenTyped(at, minutes)).toMatchObject({ ok: false, of }),
  );
});
