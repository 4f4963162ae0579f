import { describe, expect, it } from 'vitest';
import { SIDES, skeletonOf } from '@/core/body';
import { handGaps } from '../gaps';
import { LIBRARY, postureAt, reachFor } from '../index';
import paths from '../data/paths.json';
import { SKETCHES } from '../shapes';
import { roughOf, withHands, type Rough } from '../sketch';
import { faults } from './faults';
import { movedHands } from './hands';
import { settle, settlePath } from './settle';
import { MEANT, sits, variablesOf } from './variables';

const rough = (id: string, rung: number): Rough => {
  const found = SKETCHES.flatMap(roughOf).find((r) => r.id === id && r.rung === rung);
  if (!found) throw new Error(`no rung ${id}/${rung}`);
  return found;
};

describe('settling', () => {
  it('leaves a posture alone that touches already', () => {
    const standing = rough('chair-pose', 1);
    expect(settle(standing, standing.full).moved.by).toBeLessThan(1);
  });
  it('brings down a foot that hangs, and bends what may bend for it', () => {
    const own = rough('chair-pose', 1);
    const hanging = { ...own.full, knee_flexion_worked: 40, knee_flexion_other: 52 };
    expect(faults(hanging, own).gap).toBeGreaterThan(0.015);
    expect(settle(own, hanging).gap).toBeLessThan(0.004);
  });
  it('rounds the back of somebody who sits and cannot tip the pelvis: the chest stays where it was written', () => {
    const lean = (a: Readonly<Record<string, number>>) =>
      (a.pelvis_tilt ?? 0) + (a.lumbar_flexion ?? 0) + (a.thorax_flexion ?? 0);
    const rows = SKETCHES.flatMap(roughOf).filter(
      (r) => sits(r) && !Object.values(r.reach).some((w) => w?.floor === 0),
    );
    expect(rows.length).toBeGreaterThan(20);
    const backs = rows.map((r) => {
      const entry = LIBRARY.find((s) => s.id === r.id)?.rungs[r.rung - 1].path[0] ?? {};
      return { rung: `${r.id}/${r.rung}`, by: Math.min(0, lean(r.entry)) - lean(entry) };
    });
    for (const { rung, by } of backs) expect(by, `${rung} leans back by`).toBeLessThan(23);
    expect(backs.filter(({ by }) => by > 12).length).toBeLessThanOrEqual(0.1 * backs.length);
  });
  it('holds what was meant within twice its leash, in every rung of the library', () => {
    for (const r of SKETCHES.flatMap(roughOf)) {
      const own = LIBRARY.find((s) => s.id === r.id)?.rungs[r.rung - 1];
      if (!own) throw new Error('no rung');
      for (const v of variablesOf(r, r.full, r.held.full).filter((x) => MEANT.test(x.bare))) {
        const end = own.path[2][v.names[0]] ?? 0;
        // Relief may take it towards neutral as far as it likes, but not further away.
        const away = Math.abs(end) - Math.abs(v.start);
        expect(away, `${r.id}/${r.rung} ${v.names[0]} ${v.start} → ${end}`).toBeLessThanOrEqual(2 * v.leash + 0.1);
      }
    }
  });
  it('leaves free feet as they were drawn', () => {
    const own = rough('bird-dog', 1);
    const names = variablesOf(own, own.full, own.held.full).flatMap((v) => v.names);
    expect(names).not.toContain('ankle_dorsiflexion_worked');
    expect(names).toContain('ankle_dorsiflexion_other');
  });
  it('keeps what is held by its author', () => {
    const own = rough('locust', 1);
    expect(own.held.full.has('hip_flexion_worked')).toBe(true);
    expect(settlePath(own).path[2].hip_flexion_worked).toBe(own.full.hip_flexion_worked);
  });
  it('is the same each time', () => {
    const own = rough('half-split', 2);
    expect(settlePath(own)).toEqual(settlePath(own));
  });
});

describe('hands that cannot arrive', () => {
  it('go up a block instead of bending the body', () => {
    const own = rough('forward-hinge', 3);
    const low = withHands(own, {
      worked: { to: 'shoulder_worked', floor: 0 },
      other: { to: 'shoulder_other', floor: 0 },
    });
    const upright = { ...own.full, pelvis_tilt: 40, hip_flexion_worked: 40, hip_flexion_other: 40 };
    const moved = movedHands(low, upright);
    expect(moved?.worked?.floor).toBeGreaterThan(0.2);
    expect(moved?.worked?.floor).toBeLessThanOrEqual(0.3);
  });
  it('stay where they are when they arrive, and when they carry', () => {
    const own = rough('chair-rest', 1);
    expect(movedHands(own, LIBRARY.find((s) => s.id === 'chair-rest')?.rungs[0].path[2] ?? {})).toBeNull();
    expect(movedHands({ ...own, carries: true }, own.full)).toBeNull();
  });
  it('arrive at full depth where settling put them, on the left as on the right', () => {
    const moved = Object.entries(paths as unknown as Record<string, unknown[]>).filter(([, stored]) => stored[3]);
    expect(moved.length).toBeGreaterThan(20);
    for (const [key] of moved) {
      const [id, number] = key.split('/');
      const rung = LIBRARY.find((s) => s.id === id)?.rungs[Number(number) - 1];
      if (!rung) throw new Error(`no rung ${key}`);
      for (const side of SIDES) {
        const reach = reachFor(rung, side);
        for (const gap of handGaps(skeletonOf(postureAt(rung, side, 1), reach), reach))
          expect(gap, `${key} ${side}`).toBeLessThanOrEqual(0.015);
      }
    }
  });
});
