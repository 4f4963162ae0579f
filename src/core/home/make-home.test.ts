import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { screen } from '@/core/cautions/screen';
import { GROUPS, isMuscleGroup, LINES, MUSCLES } from '@/core/body';
import { groupName } from '@/core/body/words';
import { LIBRARY, rungOf, verdictOfRung } from '@/core/poses';
import { buildPractice } from '@/core/practice/build';
import type { PracticeItem } from '@/core/practice/practice';
import { ranked } from '@/core/practice/practices.fixtures';
import { requestOf } from '@/core/practice/request';
import { without } from '@/core/practice/without';
import { BATTERY } from '@/core/assessment/battery';
import { verdictOfTest } from '@/core/assessment/locks';
import { AIMS, bodyOf, practiceOf } from './home.fixtures';
import { placeOf } from './felt-words';
import { avoided, makeHome } from './make-home';
import { homeTests } from './self-tests';
import { someOf } from '@/core/how-much.fixtures';

const { items } = await buildPractice(ranked(AIMS), AIMS, requestOf({ minutes: 30 }));
const practice = practiceOf(items);
const made = (more: Parameters<typeof bodyOf>[1] = {}, of = practice) => makeHome(bodyOf([of], more));
const unwrapped = (m: ReturnType<typeof makeHome>) => {
  if (!m) throw new Error('nothing was made');
  return m;
};

describe('what goes home', () => {
  it('has every item with its words, its picture and what is easier', () => {
    const { file, pictures } = unwrapped(made());
    const [p] = file.practices;
    expect(p.items.map((i) => [i.pose, i.rung, i.side, i.holdSeconds])).toEqual(
      items.map((i) => [i.pose, i.rung, i.side, i.holdSeconds]),
    );
    const keys = new Set(pictures.map((q) => q.key));
    for (const i of p.items) {
      expect(i.enter, i.pose).not.toBe('');
      expect(keys.has(i.picture.replace('~', '')), i.picture).toBe(true);
      if (i.easier) expect(keys.has(i.easier.picture.replace('~', ''))).toBe(true);
    }
    expect(p.items.some((i) => i.easier)).toBe(true);
    expect(p.items.some((i) => i.feel)).toBe(true);
    expect(file.renew).toBe('2027-01-01');
  });
  it('names nobody but by the first name, and not that where it is not wished', () => {
    expect(JSON.stringify(unwrapped(made()).file)).not.toContain('Kiln');
    expect(unwrapped(made()).file.name).toBe('Hazel');
    expect(JSON.stringify(unwrapped(made({ named: false })).file)).not.toMatch(/Hazel(?!")|Kiln/);
  });
  it('says no muscle, no finding, no aim and no caution', () => {
    const told = screen(
      [{ caution: 'hip-replacement' }, { caution: 'sciatic' }, { caution: 'older-adult' }],
      '2026-11-20',
    );
    const { file } = unwrapped(
      makeHome(bodyOf([practice], { screening: told, ranked: ranked(AIMS, 'hip-replacement') })),
    );
    const shown = JSON.stringify(
      file.practices.map((p) => [p.title, p.items.map((i) => without(i, 'id', 'pose', 'picture', 'easier'))]),
    );
    const words = [
      ...LINES.map((l) => l.structure.replaceAll('-', ' ')),
      ...GROUPS.filter(isMuscleGroup).map((g) => groupName(g)),
      ...MUSCLES.map((m) => m.name),
    ]
      .map((w) => w.toLowerCase())
      // Everyday words that are also names of groups.
      .filter((w) => !['calf', 'inner thigh', 'hamstrings'].includes(w));
    for (const word of words) expect(new RegExp(`\\b${word}\\b`, 'i').test(shown), word).toBe(false);
    for (const { name } of CAUTIONS) expect(JSON.stringify(file)).not.toContain(name);
    expect(file.practices.flatMap((p) => p.items.flatMap((i) => i.because))).toEqual([]);
    expect(file.avoid).toContain('Hips bent beyond 90°');
  });
  it.each(someOf(['pregnancy-late', 'hip-replacement', 'knee-injury', 'groin-pinch', 'high-pressure'], 1))(
    'under %s has nothing in it that is closed, as it is or easier',
    (caution) => {
      const s = screen([{ caution }], '2026-11-20');
      const m = made({ screening: s, ranked: ranked(AIMS, caution) });
      if (!m) return;
      const open = (i: { pose: string; rung: number; side: PracticeItem['side']; holdSeconds: number }): boolean => {
        const found = rungOf(i.pose, i.rung);
        const v = found && verdictOfRung(s, found.shape, i.rung, i.side);
        return v !== null && v.state !== 'closed' && i.holdSeconds <= (v.hold_s ?? Infinity);
      };
      for (const i of m.file.practices.flatMap((p) => p.items)) {
        expect(open(i), `${i.pose}/${i.rung}`).toBe(true);
        if (i.easier) expect(open(i.easier), `easier: ${i.easier.pose}/${i.easier.rung}`).toBe(true);
      }
    },
  );
  it('is not made where a lesson may not be given, or nothing is left', () => {
    expect(
      made({ screening: screen([{ caution: 'chest-pain' }, { caution: 'from-a-newer-version' }], '') }),
    ).toBeNull();
    expect(made({}, practiceOf([]))).toBeNull();
  });
  it('keeps days ahead of practices that are in it', () => {
    const week = ['2026-11-19', '2026-11-20', '2026-11-22'].map((day) => ({ day, practice: 'p1' }));
    const { file } = unwrapped(made({ week: [...week, { day: '2026-11-23', practice: 'other' }] }));
    expect(file.week.map((d) => d.day)).toEqual(['2026-11-20', '2026-11-22']);
  });
  it('turns a picture round for the other side where both go as deep', () => {
    const twins = unwrapped(made()).file.practices[0].items.filter((i) => i.picture.startsWith('~'));
    for (const i of twins) expect(i.picture.endsWith(i.side)).toBe(false);
    expect(twins.length).toBeGreaterThan(0);
  });
});

describe('what is to be left alone', () => {
  it('is told for every caution that closes something, without its name', () => {
    for (const c of CAUTIONS) {
      if (c.rules === 'all') continue;
      const told = avoided(screen([{ caution: c.id }], '2026-11-20'));
      const shut = c.rules.some((r) => (r.does === 'closes' || r.does === 'stops') && r.demand !== 'demanding');
      expect(told.length > 0, c.id).toBe(shut);
      expect(told.some((t) => t.includes(c.name))).toBe(false);
    }
  });
  it('has what hurt', () => {
    const hurt = [{ log: 'a', pose: LIBRARY[0].id, rung: 1, side: 'left' as const, on: '2026-11-01' }];
    const side = avoided(screen([{ caution: 'hip-replacement', side: 'left' }], '2026-11-20'));
    expect(side).toContain('Hips bent beyond 90° (left)');
    // What is no matter of a leg has no side.
    expect(avoided(screen([{ caution: 'bone-stress', side: 'left' }], '2026-11-20'))).toContain('Strong holds');
    expect(avoided({ ...screen([], ''), hurt })).toEqual([`${LIBRARY[0].name}, left: it hurt before`]);
  });
});

describe('tests at home', () => {
  it('are those that nothing closes or limits', () => {
    for (const { id } of CAUTIONS) {
      const s = screen([{ caution: id }], '');
      for (const t of homeTests(s)) {
        const test = BATTERY.find((b) => b.id === t.test);
        expect(test && verdictOfTest(s, test).state).toBe('open');
      }
    }
    expect(homeTests(screen([], '')).map((t) => `${t.test} ${t.side}`)).toEqual([
      'knee-to-wall left',
      'knee-to-wall right',
      'single-leg-stance left',
      'single-leg-stance right',
      'chair-stands both',
    ]);
    expect(homeTests(screen([{ caution: 'a-newer-one' }], ''))).toEqual([]);
  });
});

describe('where it is felt', () => {
  it('is an everyday place of each muscle', () => {
    expect(placeOf('hamstrings')).toBe('back-thigh');
    expect(placeOf('rectus-femoris')).toBe('front-thigh');
    expect(placeOf('deep-hip-flexor')).toBe('front-hip-crease');
    expect(placeOf('nerve-like')).toBeNull();
  });
});
