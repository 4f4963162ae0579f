import { describe, expect, it } from 'vitest';
import { copyOf, standingPose, withAngles, withRung } from '@/core/pose-editor/edit';
import { LIBRARY, setOwnShapes, shapeById, allShapes } from '@/core/poses';
import { readPose, writePose } from './pose';
import { readRecord } from './read-record';
import { writeRecord } from './record';

const MOMENT = '2026-11-27T10:00:00.000Z';
const pose = standingPose('own-a', MOMENT);
type Loose = Record<string, unknown>;
const changed = (by: (pose: Loose) => Loose): string => {
  const file = JSON.parse(writePose(pose)) as { pose: Loose };
  return JSON.stringify({ ...file, pose: by(file.pose) });
};
const rung0 = (p: Loose): Loose => (p.rungs as Loose[])[0];
const inRung = (by: Loose) => changed((p) => ({ ...p, rungs: [{ ...rung0(p), ...by }] }));

describe('kolpos/pose', () => {
  it('every pose of the library goes out and comes in as it was', () => {
    for (const shape of LIBRARY) {
      const own = copyOf(shape, `own-${shape.id}`, MOMENT);
      const back = readPose(writePose(own), MOMENT);
      expect(back.ok && { ...back.pose, inLibrary: false }).toEqual({ ...own, inLibrary: false });
    }
  });

  it.each([
    ['a text', 'hello', 'line 1'],
    ['half a file', writePose(pose).slice(0, 200), /^line \d+$/],
    ['a list', '[]', 'the file'],
    ['another format', '{"format":"kolpos/record","version":2}', 'format'],
    ['a newer version', '{"format":"kolpos/pose","version":7}', 'version'],
    ['no name', changed((p) => ({ ...p, name: '  ' })), 'pose.name'],
    ['the id of a pose that ships', changed((p) => ({ ...p, id: 'pigeon' })), 'pose.id'],
    ['no rung', changed((p) => ({ ...p, rungs: [] })), 'pose.rungs'],
    ['an angle nobody has', inRung({ path: [{ tail: 3 }, {}, {}] }), 'pose.rungs[0].path[0].tail'],
    ['a knee bent by 400°', inRung({ path: [{}, {}, { knee_flexion_worked: 400 }] }), /knee_flexion_worked$/],
    ['an angle without its side', inRung({ path: [{ hip_flexion: 3 }, {}, {}] }), /hip_flexion$/],
    ['a contact of nothing', inRung({ contacts: [{ point: 'tail', on: 'floor' }] }), 'pose.rungs[0].contacts[0].point'],
    [
      'a limb without saying which',
      inRung({ contacts: [{ point: 'ankle_worked', on: 'limb' }] }),
      /contacts\[0\]\.limb$/,
    ],
    ['a shortest hold above the longest', inRung({ hold: [60, 20] }), 'pose.rungs[0].hold'],
    ['words where a number belongs', inRung({ hold: ['long', 20] }), 'pose.rungs[0].hold[0]'],
  ])('%s is refused with its place', (_, text, field) => {
    const result = readPose(text, MOMENT);
    expect(result.ok).toBe(false);
    if (result.ok) return;
    if (typeof field === 'string') expect(result.problem.field).toBe(field);
    else expect(result.problem.field).toMatch(field);
    expect(result.problem.message).toMatch(/[a-z]/i);
  });

  it('what cannot be done is read and stays out of the library, with the reason', () => {
    const crossed = withRung(
      pose,
      0,
      withAngles(pose.rungs[0], 'full', { hip_adduction_worked: 40, hip_adduction_other: 40 }),
    );
    const result = readPose(writePose(crossed), MOMENT);
    expect(result.ok && result.pose.inLibrary).toBe(false);
    expect(result.ok && result.obstacles.join(' ')).toMatch(/into/);
    const fine = readPose(writePose(pose), MOMENT);
    expect(fine.ok && fine.pose.inLibrary).toBe(true);
  });
});

describe('own poses in a record and in the library', () => {
  it('a record of the first version opens, with no poses of her own', () => {
    const old = JSON.stringify({
      format: 'kolpos/record',
      version: 1,
      exportedAt: MOMENT,
      students: [],
      readings: [],
      practices: [],
      logs: [],
    });
    const result = readRecord(old);
    expect(result.ok && result.record.poses).toEqual([]);
  });
  it('her poses go out and come in with everything else', () => {
    const text = writeRecord({
      exportedAt: MOMENT,
      students: [],
      readings: [],
      practices: [],
      logs: [],
      poses: [pose],
    });
    const result = readRecord(text);
    expect(result.ok && result.record.poses).toEqual([pose]);
  });
  it('they stand beside the library, those on the bench are only found by id, and none hides one that ships', () => {
    const bench = standingPose('own-b', MOMENT);
    setOwnShapes([pose, bench, { ...pose, id: 'pigeon' }], [pose, { ...pose, id: 'pigeon' }]);
    expect(
      allShapes()
        .slice(LIBRARY.length)
        .map((s) => s.id),
    ).toEqual(['own-a']);
    expect(shapeById('own-b')?.id).toBe('own-b');
    expect(shapeById('pigeon')?.name).toBe('Pigeon');
    setOwnShapes([]);
    expect(allShapes()).toBe(LIBRARY);
  });
});
