import { describe, expect, it } from 'vitest';
import { wantedMinutes } from '@/core/practice/doses';
import { requestOf } from '@/core/practice/request';
import type { Aim } from '@/core/students/student';
import { classAims, sharedAims } from './shared';
import { aboutOf, THEME_IDS, themedAims, themeOf } from './themes';
import { classWeeksSchema, planClassWeeks, requestOfWeek, themeNeeds, weekOn, type ThemeNeed } from './weeks';

const aim = (kind: Aim['kind'], group: string, weight: number, side: Aim['side'] = 'left'): Aim => ({
  kind,
  group,
  side,
  weight,
});
const who = (id: string, ...aims: Aim[]) => ({ id, aims, stopped: null });
const rower = who('rower', aim('lengthen', 'hamstrings', 0.8), aim('strengthen', 'gluteus-maximus', 0.4));
const potter = who('potter', aim('lengthen', 'hamstrings', 0.4), aim('lengthen', 'deep-hip-flexor', 0.6));
const pilot = who('pilot', aim('leave', 'adductors', 0));
const choice = (more: object = {}) => classWeeksSchema.parse({ start: '2026-12-01', weeks: 8, day: 4, ...more });

describe('themes of a class', () => {
  it('every aim of a muscle that is lengthened or strengthened has one, what is left alone has none', () => {
    expect(themeOf(aim('lengthen', 'calf', 1))).toBe('back');
    expect(themeOf(aim('lengthen', 'rectus-femoris', 1))).toBe('front');
    expect(themeOf(aim('strengthen', 'calf', 1))).toBe('strong');
    expect(themeOf(aim('leave', 'calf', 1))).toBeNull();
    expect(themeOf(aim('lengthen', 'nerve-like', 1))).toBeNull();
  });
  it('are told by share of need, with whose they are', () => {
    expect(themeNeeds(sharedAims([rower, potter, pilot]))).toEqual([
      { theme: 'back', share: expect.closeTo(1.2 / 2.2), who: ['rower', 'potter'] },
      { theme: 'front', share: expect.closeTo(0.6 / 2.2), who: ['potter'] },
      { theme: 'strong', share: expect.closeTo(0.4 / 2.2), who: ['rower'] },
    ]);
  });
  it('a theme comes first among the aims of its week, and the others go on beside it', () => {
    const aims = classAims([rower, potter], 'strong');
    expect(aims[0]).toMatchObject({ kind: 'strengthen', group: 'gluteus-maximus' });
    expect(aims.map((a) => a.group).sort()).toEqual(['deep-hip-flexor', 'gluteus-maximus', 'hamstrings']);
    expect(classAims([rower, potter], 'all')).toEqual(classAims([rower, potter]));
    expect(themedAims([aim('leave', 'calf', 0.5)], 'strong')[0].weight).toBe(0.5);
  });
  it('in its week an aim is wanted in full, the others a third as much', () => {
    const aims = classAims([rower, potter], 'front');
    const about = aboutOf(aims, 'front');
    expect(about).toEqual(['lengthen:deep-hip-flexor:left']);
    expect(wantedMinutes(aims, 40, about).map((m, i) => [aims[i].group, m])).toEqual([
      ['deep-hip-flexor', 4],
      ['hamstrings', expect.closeTo(1.2)],
      ['gluteus-maximus', expect.closeTo(1.2)],
    ]);
    expect(aboutOf(aims, 'inner')).toBeUndefined();
    expect(aboutOf(aims, 'all')).toBeUndefined();
  });
  it('an aim beyond the eight that weigh most is there in the week that is about it', () => {
    const sides = ['left', 'right'] as const;
    const many = ['hamstrings', 'calf', 'adductors', 'vasti'].flatMap((g) =>
      sides.map((s) => aim('lengthen', g, 1, s)),
    );
    const members = [who('a', ...many, aim('strengthen', 'gluteus-maximus', 0.4))];
    expect(classAims(members).some((a) => a.kind === 'strengthen')).toBe(false);
    expect(classAims(members, 'strong')[0].kind).toBe('strengthen');
  });
});

describe('weeks of a class', () => {
  const needs = themeNeeds(sharedAims([rower, potter, pilot]));
  const weeks = planClassWeeks(needs, choice());

  it('meet on the day that was said, a week apart, from the first one on or after the start', () => {
    expect(weeks.map((w) => w.day).slice(0, 3)).toEqual(['2026-12-03', '2026-12-10', '2026-12-17']);
    expect(planClassWeeks(needs, choice({ day: 2 }))[0].day).toBe('2026-12-01');
    expect(planClassWeeks(needs, choice({ day: 1 }))[0].day).toBe('2026-12-07');
  });
  it('take the themes in turn, the most needed first; every fourth is lighter and about everything', () => {
    expect(weeks.map((w) => w.theme)).toEqual(['back', 'front', 'strong', 'all', 'back', 'front', 'back', 'all']);
    expect(weeks.map((w) => w.asks)).toEqual([
      'as-they-are',
      'as-they-are',
      'as-they-are',
      'light',
      'longer',
      'longer',
      'next-rung',
      'light',
    ]);
  });
  it('what the teacher chose stays, and the others make up for it', () => {
    const own = planClassWeeks(needs, choice({ themes: { '0': 'strong', '3': 'inner' } }));
    expect(own[0]).toMatchObject({ theme: 'strong', chosen: true });
    expect(own[3]).toMatchObject({ theme: 'inner', chosen: true, asks: 'light' });
    expect(own.slice(1, 3).map((w) => w.theme)).toEqual(['back', 'front']);
  });
  it('a class without aims has none', () =>
    expect(planClassWeeks(themeNeeds(sharedAims([pilot])), choice())).toEqual([]));
  it('each theme has about its levelled share of any number of weeks, whatever is needed', () => {
    let seed = 7;
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    for (let run = 0; run < 300; run++) {
      const raw = THEME_IDS.slice(0, 1 + Math.floor(random() * THEME_IDS.length)).map((theme) => ({
        theme,
        weight: 0.02 + random(),
      }));
      const total = raw.reduce((s, r) => s + r.weight, 0);
      const made = raw
        .map(({ theme, weight }): ThemeNeed => ({ theme, share: weight / total, who: [] }))
        .sort((a, b) => b.share - a.share);
      const roots = made.reduce((s, n) => s + Math.sqrt(n.share), 0);
      const own = planClassWeeks(made, choice({ weeks: 16 })).filter((w) => w.theme !== 'all');
      own.forEach((_, i) => {
        for (const n of made) {
          const had = own.slice(0, i + 1).filter((w) => w.theme === n.theme).length;
          expect(Math.abs(had - ((i + 1) * Math.sqrt(n.share)) / roots)).toBeLessThan(1.5);
        }
      });
    }
  });
  it('a lighter week asks for milder shapes than were wished, never for harder', () => {
    const level = (week: number, wished: 1 | 2 | 3) =>
      requestOfWeek(weeks[week], requestOf({ minutes: 60, level: wished })).level;
    expect([level(0, 3), level(3, 3), level(3, 2), level(3, 1)]).toEqual([3, 2, 1, 1]);
  });
  it('the week of a day is known, and there is none before or after', () => {
    const on = (day: string) => weekOn(weeks, day)?.week ?? null;
    expect(['2026-12-02', '2026-12-03', '2026-12-09', '2026-12-10', '2027-02-01'].map(on)).toEqual([
      null,
      0,
      0,
      1,
      null,
    ]);
  });
  it('weeks that cannot be are refused', () => {
    for (const wrong of [
      { weeks: 0 },
      { weeks: 17 },
      { day: 8 },
      { start: 'soon' },
      { themes: { '16': 'back' } },
      { themes: { '0': 'legs' } },
    ])
      expect(classWeeksSchema.safeParse({ start: '2026-12-01', weeks: 8, day: 4, ...wrong }).success).toBe(false);
  });
});
