import { beforeAll, describe, expect, it } from 'vitest';
import { groupOf } from '@/core/body';
import type { Aim } from '@/core/students/student';
import { LIBRARY, rungOf, shapeById } from '@/core/poses';
import { blocksOf } from '@/core/practice/blocks';
import { buildPractice, type BuiltPractice } from '@/core/practice/build';
import { aimKey, BESIDE } from '@/core/practice/aim-key';
import { itemSchema, totalSeconds } from '@/core/practice/practice';
import { requestOf } from '@/core/practice/request';
import { aim, ranked } from '@/core/practice/practices.fixtures';
import { inTheWay } from '@/core/practice/units';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import { logSchema, type LogEntry } from '@/core/teaching/log';
import { practiceOfClass, type YogaClass } from './class';
import { littleFor } from './help';
import { logOf } from './logs';
import type { Member } from './member';
import { insteadOf, insteadsIn, openRungs, ownRung } from './own-rung';
import { classAims, sharedAims } from './shared';
import { attending, classTable, dosesFor, herParts } from './table';
import { classRanking } from './together';

const member = (id: string, aims: Aim[], list: RankedPose[], more: Partial<Member> = {}): Member => ({
  id,
  name: id,
  aims,
  ranked: list,
  cautions: [],
  stopped: null,
  measured: true,
  ...more,
});
const ROWER = [aim('lengthen', 'hamstrings', 'left', 1), aim('strengthen', 'gluteus-maximus', 'left', 0.4)];
const POTTER = [aim('lengthen', 'hamstrings', 'left', 0.5), aim('lengthen', 'deep-hip-flexor', 'right', 0.8)];
const PILOT = [aim('lengthen', 'deep-hip-flexor', 'right', 0.6)];
const members = [
  member('rower', ROWER, ranked(ROWER, undefined, { hamstrings: -2 })),
  member('potter', POTTER, ranked(POTTER, 'knee-injury')),
  member('pilot', PILOT, ranked(PILOT, 'osteoporosis', { 'deep-hip-flexor': -2 })),
];
const [rower, potter, pilot] = members;
const request = requestOf({ minutes: 30 });

describe('what a class shares', () => {
  it('weighs an aim by the mean over all, and tells whose it is', () => {
    const shared = sharedAims(members);
    expect(shared.map((s) => [s.aim.group, s.aim.side, s.who])).toEqual([
      ['hamstrings', 'left', ['rower', 'potter']],
      ['deep-hip-flexor', 'right', ['potter', 'pilot']],
      ['gluteus-maximus', 'left', ['rower']],
    ]);
    expect(shared.map((s) => s.aim.weight)).toEqual([1.5 / 3, 1.4 / 3, 0.4 / 3].map((w) => expect.closeTo(w, 9)));
  });
  it('leaves out who cannot take part, and tells for whom something is to be left alone', () => {
    const waits = member('waits', ROWER, [], { stopped: 'Ask a clinician first.' });
    const careful = member('careful', [aim('leave', 'hamstrings', 'left')], pilot.ranked);
    const [first] = sharedAims([...members, waits, careful]).filter((s) => s.aim.group === 'hamstrings');
    expect(first.who).not.toContain('waits');
    expect(first.against).toEqual(['careful']);
    expect(first.aim.weight).toBeCloseTo(1.5 / 4, 9);
  });
  it('is built for at most eight', () => {
    const groups = ['hamstrings', 'adductors', 'calf', 'deep-buttock', 'lateral-hip'] as const;
    const many = groups.flatMap((g) => [aim('lengthen', g, 'left'), aim('lengthen', g, 'right')]);
    expect(classAims([member('all', many, [])])).toHaveLength(8);
  });
});

describe('each one’s own rung', () => {
  it('is open to her, the best for her aims, and within the wishes', () => {
    const bare = requestOf({ minutes: 30, props: [] });
    for (const m of members)
      for (const pose of new Set(m.ranked.map((r) => r.pose))) {
        const shape = shapeById(pose);
        if (!shape) throw new Error(pose);
        for (const wishes of [request, bare]) {
          const own = ownRung(m, shape, wishes);
          if (!own) continue;
          expect(own.sides.every((s) => s.cautions.length === 0 && !s.beyondEntry)).toBe(true);
          expect(inTheWay(shape, shape.rungs[own.rung - 1], wishes)).toBeNull();
          const score = (sides: RankedPose[]) => sides.reduce((s, r) => s + r.score, 0) / sides.length;
          for (const o of openRungs(m, shape, wishes))
            if (shape.rungs[o.rung - 1].kind !== 'rest')
              expect(score(o.sides)).toBeLessThanOrEqual(score(own.sides) + 1e-6);
        }
      }
  });
  it('is none that its shape warns of, where a cleaner one is open', () => {
    const lunge = shapeById('low-lunge');
    if (!lunge) throw new Error('low-lunge');
    expect(lunge.rungs[2].loose).toBe(true);
    // However much more the loose one gives her.
    const spilled = member(
      'spilled',
      ROWER,
      rower.ranked.map((r) => (r.pose === 'low-lunge' && r.rung === 3 ? { ...r, score: 9 } : r)),
    );
    expect(ownRung(spilled, lunge, request)?.rung).not.toBe(3);
    const nothingElse = member(
      'nothing else',
      ROWER,
      spilled.ranked.filter((r) => r.pose !== 'low-lunge' || r.rung === 3),
    );
    expect(ownRung(nothingElse, lunge, request)?.rung).toBe(3);
  });
  it('where a shape is closed to her, she does another in the same position, or rests', () => {
    const closed = pilot.ranked.filter((r) => r.cautions.length > 0).map((r) => r.pose);
    expect(closed.length).toBeGreaterThan(0);
    for (const pose of new Set(closed)) {
      const other = insteadOf(pilot, pose, request);
      expect(other).not.toBeNull();
      if (!other) continue;
      const [s] = other.sides;
      expect(other.sides.every((x) => x.cautions.length === 0 && !x.beyondEntry)).toBe(true);
      const found = rungOf(s.pose, s.rung);
      // A rest may be another rung of the same.
      if (found?.rung.kind !== 'rest') expect(s.pose).not.toBe(pose);
      expect(found?.rung.kind === 'rest' || found?.shape.position === shapeById(pose)?.position).toBe(true);
    }
  });
});

describe('what stands in for closed shapes', () => {
  const items = pilot.ranked.filter((r) => r.cautions.length > 0).map(({ pose, rung }) => ({ pose, rung }));
  const instead = insteadsIn(pilot, items, request);
  it('is not the same again and again while something else is nearly as good', () => {
    const done = new Map<string, number>();
    for (const o of instead.values())
      if (o && o.sides[0].score > 0) done.set(o.sides[0].pose, (done.get(o.sides[0].pose) ?? 0) + 1);
    for (const [key, o] of instead) {
      if (!o || o.sides[0].score <= 0) continue;
      const [pose] = key.split('/');
      const often = done.get(o.sides[0].pose) ?? 0;
      const best = insteadOf(pilot, pose, request);
      // Whatever is done three times more often than another that would be nearly as good is not spread.
      const other = insteadOf(pilot, pose, request, done);
      if (best && other) expect(often - (done.get(other.sides[0].pose) ?? 0)).toBeLessThanOrEqual(2);
    }
    expect(done.size).toBeGreaterThan(5);
  });
  it('is a rest where the class rests, and nothing else', () => {
    const rests = LIBRARY.flatMap((shape) =>
      shape.rungs.flatMap((r, i) => (r.kind === 'rest' ? [{ pose: shape.id, rung: i + 1 }] : [])),
    );
    const closed = {
      ranked: pilot.ranked.map((r) => (r.pose === 'resting-back' && r.rung === 2 ? { ...r, beyondEntry: true } : r)),
    };
    const own = insteadsIn(closed, rests, request);
    expect(own.get('resting-back/2')?.sides[0]).toMatchObject({ pose: 'resting-back', rung: 1 });
    for (const o of own.values()) if (o) expect(rungOf(o.sides[0].pose, o.rung)?.rung.kind).toBe('rest');
  });
  it('is nothing where the shape is open', () => {
    for (const { pose, rung } of items) {
      const found = rungOf(pose, rung);
      const open = found && ownRung(pilot, found.shape, request, found.rung.kind === 'rest' ? rung : undefined);
      expect(instead.has(`${pose}/${rung}`)).toBe(!open);
    }
  });
});

describe('a student with one side closed', () => {
  // The lunge is open to her with the right side worked, and no rung of it with the left.
  const oneSided: Member = {
    ...rower,
    id: 'one-sided',
    ranked: rower.ranked.map((r) =>
      r.pose === 'low-lunge' && r.side === 'left' ? { ...r, cautions: [rower.ranked[0].pose] } : r,
    ),
  };
  const lunge = shapeById('low-lunge');
  if (!lunge) throw new Error('low-lunge');
  const items = (['right', 'left'] as const).map((side) =>
    itemSchema.parse({
      id: side,
      pose: 'low-lunge',
      rung: 1,
      side,
      phase: 'approach',
      breaths: 6,
      holdSeconds: 36,
      repeats: 1,
      because: [],
    }),
  );
  const her = attending(oneSided, items, request);
  it('does the open one, and something else meanwhile', () => {
    expect(ownRung(oneSided, lunge, request)).toMatchObject({ only: 'right' });
    const [row] = classTable([oneSided], items, request);
    const [hers] = row.hers;
    expect(hers).toMatchObject({ pose: 'low-lunge', oneSide: { only: 'right' } });
    expect(hers.sides.map((s) => s.side)).toEqual(['right']);
    expect(hers.oneSide?.meanwhile.pose).not.toBeNull();
    const [right, left] = items.map((item) => herParts(her, item));
    expect(right).toMatchObject([{ pose: 'low-lunge', side: 'right', share: 1 }]);
    expect(left.length).toBeGreaterThan(0);
    for (const part of left) {
      expect(part.pose).toBe(hers.oneSide?.meanwhile.pose);
      const fit = oneSided.ranked.find((r) => r.pose === part.pose && r.rung === part.rung && r.side === part.side);
      expect(fit?.cautions).toEqual([]);
    }
  });
  it('does not do the other alone because one is stiff', () => {
    const stiff = {
      ...rower,
      ranked: rower.ranked.map((r) => (r.pose === 'low-lunge' && r.side === 'left' ? { ...r, beyondEntry: true } : r)),
    };
    expect(ownRung(stiff, lunge, request)).toBeNull();
  });
  it('does both where another rung is open on both', () => {
    const milder = {
      ...oneSided,
      ranked: rower.ranked.map((r) =>
        r.pose === 'low-lunge' && r.side === 'left' && r.rung > 1 ? { ...r, cautions: ['x'] } : r,
      ),
    };
    expect(ownRung(milder, lunge, request)?.only).toBeUndefined();
  });
  it('leaves both sides to the class, which does nothing that nobody does on both', () => {
    const sidesOf = (who: Member[]) =>
      classRanking(who, rower.aims, request)
        .filter((r) => r.pose === 'low-lunge')
        .map((r) => r.side)
        .sort();
    expect(sidesOf([oneSided, rower])).toEqual(['left', 'right']);
    expect(sidesOf([oneSided])).toEqual([]);
  });
});

describe('a practice for a class', () => {
  const aims = classAims(members);
  const together = classRanking(members, aims, request);
  let built: BuiltPractice;
  beforeAll(async () => {
    built = await buildPractice(together, aims, request);
  });

  it('a shape is worth to an aim what it is worth on the mean, by weight, to those whose aim it is', () => {
    let seen = 0;
    for (const r of together) {
      const found = rungOf(r.pose, r.rung);
      if (!found || found.rung.kind !== 'stretch') continue;
      for (const a of aims.filter((x) => x.kind === 'lengthen')) {
        let worth = 0,
          weight = 0;
        for (const m of members) {
          const hers = m.aims.find((x) => x.kind === a.kind && x.group === a.group && x.side === a.side);
          if (!hers) continue;
          weight += hers.weight;
          const fit = ownRung(m, found.shape, request)?.sides.find((s) => s.side === r.side);
          if (fit) worth += hers.weight * worthFor(fit, hers).worth;
        }
        expect(worthFor(r, a).worth).toBeCloseTo(Math.min(1, worth / weight), 6);
        if (worth > 0.1) seen += 1;
      }
    }
    expect(seen).toBeGreaterThan(20);
  });
  it('has only what is open to half of them, and no more strain than the one with most', () => {
    for (const r of together) {
      const found = rungOf(r.pose, r.rung);
      if (!found) throw new Error(r.pose);
      const rest = found.rung.kind === 'rest' ? r.rung : undefined;
      const owns = members.flatMap((m) => ownRung(m, found.shape, request, rest)?.sides ?? []);
      const able = members.filter((m) => ownRung(m, found.shape, request, rest) !== null);
      expect(able.length).toBeGreaterThanOrEqual(members.length / 2);
      for (const s of r.strains)
        expect(s.share).toBeCloseTo(
          Math.max(
            ...owns
              .filter((o) => o.side === r.side)
              .flatMap((o) => o.strains.filter((x) => x.id === s.id))
              .map((x) => x.share),
          ),
          9,
        );
    }
  });
  it('is built by the same solver, in the minutes asked for', () => {
    expect(built.change).toBeNull();
    expect(Math.abs(totalSeconds(built.items) - 1800)).toBeLessThanOrEqual(36);
    expect(built.doses.some((d) => d.minutes > 1)).toBe(true);
  });
  it('in the table everybody has something that is open to her', () => {
    const rows = classTable(members, built.items, request);
    expect(rows.flatMap((r) => r.block.items)).toHaveLength(built.items.length);
    for (const row of rows) {
      expect(row.hers.map((h) => h.member)).toEqual(['rower', 'potter', 'pilot']);
      for (const h of row.hers) {
        expect(h.kind).not.toBe('waits');
        const hers = members.find((m) => m.id === h.member)?.ranked ?? [];
        const fits = hers.filter((r) => r.pose === h.pose && r.rung === h.rung);
        expect(fits.map((f) => f.side).sort()).toEqual(h.sides.map((s) => s.side).sort());
        expect(fits.every((s) => s.cautions.length === 0 && !s.beyondEntry)).toBe(true);
        if (h.kind === 'same') expect([h.pose, h.rung]).toEqual([row.block.pose, row.block.rung]);
        if (h.kind === 'own') expect(h.pose).toBe(row.block.pose);
      }
    }
    // They are not all alike: that is what the table is for.
    expect(rows.some((r) => r.hers.some((h) => h.kind !== 'same'))).toBe(true);
  });
  it('each one’s dose is recomputed from her own rungs', () => {
    for (const m of members)
      for (const dose of dosesFor(m, built.items, request)) {
        let seconds = 0;
        for (const item of built.items)
          for (const part of herParts(attending(m, built.items, request), item)) {
            const fit = m.ranked.find((r) => r.pose === part.pose && r.rung === part.rung && r.side === part.side);
            if (!fit) throw new Error(part.pose);
            seconds += worthFor(fit, dose.aim).worth * item.holdSeconds * item.repeats * part.share;
          }
        expect(dose.minutes).toBeCloseTo(seconds / 60, 6);
        expect(groupOf(dose.aim.group)).not.toBeNull();
      }
    expect(dosesFor(rower, built.items, request)[0].minutes).toBeGreaterThan(0.5);
  });
  it('who gets little is told with one change that gives her more, and is a practice that works', () => {
    let n = 0;
    const newId = () => `h${++n}`;
    // What is left of it serves hardly anybody: its first shapes, and none that is there for the hamstrings.
    const middle = blocksOf(built.items).filter((b) => b.phase !== 'settle' && b.phase !== 'rest');
    const left = new Set(middle.filter((b) => b.items.every((i) => i.because.length === 0)).slice(0, 3));
    const ends = built.items.filter((i) => i.phase === 'settle' || i.phase === 'rest');
    const kept = new Set([...ends, ...[...left].flatMap((b) => b.items)].map((i) => i.id));
    const poor = built.items.filter((i) => kept.has(i.id));
    expect(left.size).toBeGreaterThan(0);
    const little = littleFor(members, poor, { request }, newId);
    expect(little.length).toBeGreaterThan(0);
    for (const { member, aim, minutes, wanted, change } of little) {
      const m = members.find((x) => x.id === member);
      if (!m) throw new Error(member);
      const dose = (items: typeof poor) => dosesFor(m, items, request).find((d) => aimKey(d.aim) === aimKey(aim));
      expect(dose(poor)?.minutes).toBeCloseTo(minutes, 9);
      expect(minutes).toBeLessThan(0.5 * wanted);
      if (!change) continue;
      expect(change.minutes).toBeGreaterThan(minutes);
      expect(dose([...change.items])?.minutes).toBeCloseTo(change.minutes, 9);
      for (const row of classTable(members, change.items, request)) expect(row.hers).toHaveLength(members.length);
    }
    expect(little.some((l) => l.change !== null)).toBe(true);
    const shares = little.map((l) => l.minutes / l.wanted);
    expect(shares).toEqual([...shares].sort((x, y) => x - y));
  });
  it('under a theme less is wanted of all else', () => {
    const rests = built.items.filter((i) => i.phase === 'settle' || i.phase === 'rest');
    const of = (theme?: 'strong') => littleFor(members, rests, { request, theme }, () => 'x');
    const told = of('strong').flatMap((l) => {
      const same = of().find((x) => x.member === l.member && aimKey(x.aim) === aimKey(l.aim));
      return same && l.aim.kind !== 'strengthen' ? [l.wanted / same.wanted] : [];
    });
    expect(told.length).toBeGreaterThan(0);
    for (const share of told) expect(share).toBeCloseTo(BESIDE, 9);
  });
  it('with nothing at hand nobody needs a prop', async () => {
    const bare = requestOf({ minutes: 20, props: [] });
    const list = classRanking(members, aims, bare);
    const plain = await buildPractice(list, aims, bare);
    for (const row of classTable(members, plain.items, bare))
      for (const h of row.hers)
        if (h.pose) expect(rungOf(h.pose, h.rung)?.rung.props.filter((p) => p !== 'wall')).toEqual([]);
  });
  it('is a practice like any other for sheets and the player', () => {
    const c: YogaClass = {
      id: 'c',
      name: 'Tuesday on the slip',
      students: ['rower', 'potter', 'pilot'],
      items: built.items,
      aims,
      request,
      createdAt: '2026-11-01T10:00:00.000Z',
      updatedAt: '2026-11-01T10:00:00.000Z',
    };
    expect(practiceOfClass(c)).toMatchObject({
      id: 'c',
      title: 'Tuesday on the slip',
      minutes: 30,
      items: built.items,
    });
  });
  it('goes into each one’s log as what she did, for as long as the class did', () => {
    const taught: LogEntry = {
      id: 't',
      student: 'c',
      practice: 'c',
      title: 'Tuesday',
      startedAt: '2026-11-03T18:00:00.000Z',
      endedAt: '2026-11-03T18:30:00.000Z',
      items: built.items.map((i, k) => ({
        pose: i.pose,
        rung: i.rung,
        side: i.side,
        plannedSeconds: i.holdSeconds * i.repeats,
        doneSeconds: k === 0 ? 0 : i.holdSeconds * i.repeats,
        skipped: k === 0,
      })),
      note: '',
    };
    const all = taught.items.reduce((s, i) => s + i.doneSeconds, 0);
    for (const m of [rower, potter, pilot]) {
      const log = logOf(m, taught, { items: built.items, request }, `t-${m.id}`);
      expect(logSchema.safeParse(log).success).toBe(true);
      expect(log.student).toBe(m.id);
      expect(log.items.reduce((s, i) => s + i.doneSeconds, 0)).toBeCloseTo(all, 6);
      expect(log.items[0].skipped).toBe(true);
      for (const i of log.items) {
        const fit = m.ranked.find((r) => r.pose === i.pose && r.rung === i.rung && r.side === i.side);
        expect(fit?.cautions).toEqual([]);
      }
    }
  });
});
