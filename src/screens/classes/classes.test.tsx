// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { TableRow } from '@/core/classes/table';
import type { Aim } from '@/core/students/student';
import { shapeById } from '@/core/poses';
import { PROP_SIZES } from '@/core/poses/prop-sizes';
import type { PracticeItem } from '@/core/practice/practice';
import { studioDatabase } from '@/store/studio';
import type { MemberFacts } from '@/workers/core.worker';
import { inStudio } from '../shell/test-studio';
import { ClassTable } from './ClassTable';
import { SharedAims } from './SharedAims';
import { WeeksAhead } from './WeeksAhead';
import { WhoGetsLittle } from './WhoGetsLittle';

afterEach(cleanup);
const aim = (kind: Aim['kind'], group: string, weight: number): Aim => ({ kind, group, side: 'left', weight });
const member = (id: string, name: string, more: Partial<MemberFacts> = {}): MemberFacts => ({
  id,
  name,
  aims: [],
  cautions: [],
  stopped: null,
  measured: true,
  ...more,
});
const rower = member('r', 'Sedge Heron', { aims: [aim('lengthen', 'hamstrings', 0.8)] });
const potter = member('p', 'Wren Slipway', {
  aims: [aim('lengthen', 'hamstrings', 0.4), aim('strengthen', 'gluteus-maximus', 0.6)],
  cautions: ['Low back ache'],
});
const pilot = member('f', 'Pell Mooring', { aims: [aim('leave', 'hamstrings', 0)], measured: false });

describe('aims of a class', () => {
  it('are told with whose they are, whose they are not, and their weight for all', () => {
    inStudio(<SharedAims members={[rower, potter, pilot]} />);
    const [first, second] = screen.getAllByRole('listitem');
    expect(first.textContent).toContain('hamstrings');
    expect(first.textContent).toContain('Sedge, Wren');
    expect(first.textContent).toContain('left alone in Pell');
    expect(first.textContent).toContain('0.40');
    expect(second.textContent).toContain('gluteus maximus');
    expect(second.textContent).toContain('0.20');
  });
  it('cautions are named, who waits is told why, who is not measured is taken as typical', () => {
    inStudio(<SharedAims members={[potter, pilot, member('w', 'Brook Weir', { stopped: 'A doctor looks first.' })]} />);
    expect(screen.getByText('▲ Wren: Low back ache')).toBeTruthy();
    expect(screen.getByText('▲ Brook waits: A doctor looks first.')).toBeTruthy();
    expect(screen.getByText('Pell is not measured yet and taken as typical.')).toBeTruthy();
  });
  it('without any it says what to do', () => {
    inStudio(<SharedAims members={[pilot]} />);
    expect(screen.getByText(/No aims yet: measure them/)).toBeTruthy();
  });
});

describe('weeks ahead of a class', () => {
  const choice = { start: '2026-11-26', weeks: 4, day: 4, themes: { '1': 'inner' as const } };
  const shown = (over: Partial<Parameters<typeof WeeksAhead>[0]> = {}) => {
    const onPut = vi.fn(),
      onBuild = vi.fn();
    inStudio(
      <WeeksAhead
        one={{ id: 'c', name: 'Tide Table' }}
        choice={choice}
        members={[rower, potter, pilot]}
        today="2026-12-11"
        canBuild
        onPut={onPut}
        onBuild={onBuild}
        {...over}
      />,
    );
    return { onPut, onBuild, rows: screen.queryAllByRole('listitem') };
  };
  it('each says its day, what it is about, for whom, and what it asks', () => {
    const { rows } = shown();
    expect(rows).toHaveLength(4);
    expect(rows[0].textContent).toContain('Thursday 26 November');
    expect(rows[0].textContent).toContain('The backs of the legs');
    expect(rows[0].textContent).toContain('for Sedge, Wren');
    expect(rows[1].textContent).toContain('nobody’s aim just now');
    expect(rows[3].textContent).toContain('A lighter week');
    expect(rows.map((r) => r.getAttribute('aria-current'))).toEqual([null, null, 'date', null]);
  });
  it('one is built by a press, and none while something is built', () => {
    const { rows, onBuild } = shown();
    fireEvent.click(within(rows[2]).getByRole('button', { name: 'Build week 3' }));
    expect(onBuild).toHaveBeenCalledWith(expect.objectContaining({ week: 2, day: '2026-12-10', theme: 'strong' }));
    cleanup();
    expect(within(shown({ canBuild: false }).rows[2]).getByRole<HTMLButtonElement>('button').disabled).toBe(true);
  });
  it('what was chosen goes back to its turn', () => {
    const { rows, onPut } = shown();
    fireEvent.mouseDown(within(rows[1]).getByRole('combobox'));
    fireEvent.click(screen.getByRole('option', { name: 'In turn, by need' }));
    const [change, did] = onPut.mock.calls[0];
    expect(did).toBe('It follows in its turn.');
    // Of what is stored, not of what was drawn.
    expect(change({ ...choice, themes: { '1': 'inner', '2': 'front' } })).toEqual({
      ...choice,
      themes: { '2': 'front' },
    });
  });
  it('go into the day book once, from today on, and an hour that is none is answered', async () => {
    const db = studioDatabase('demo');
    await db.visits.clear();
    shown();
    fireEvent.change(screen.getByLabelText('Lasts (min)'), { target: { value: 'an hour' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put them into the day book' }));
    expect(screen.getByText(/^Whole minutes/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Lasts (min)'), { target: { value: '75' } });
    fireEvent.change(screen.getByLabelText('Meets at'), { target: { value: '18:30' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put them into the day book' }));
    expect(await screen.findByText('One day was put into the day book.')).toBeTruthy();
    expect(await db.visits.toArray()).toEqual([
      expect.objectContaining({ class: 'c', day: '2026-12-17', at: '18:30', minutes: 75 }),
    ]);
    fireEvent.click(screen.getByRole('button', { name: 'Put them into the day book' }));
    expect(await screen.findByText('Its days ahead are in the day book already.')).toBeTruthy();
    expect(await db.visits.count()).toBe(1);
  });
  it('nonsense is answered, and without aims it is said why there are none', () => {
    const { onPut } = shown({ choice: null, members: [pilot] });
    expect(screen.getByText(/Weeks take their themes from the aims of the class/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Weeks'), { target: { value: '99' } });
    fireEvent.click(screen.getByRole('button', { name: 'Lay the weeks out' }));
    expect(screen.getByRole('alert').textContent).toBe('Type weeks between 1 and 16.');
    expect(onPut).not.toHaveBeenCalled();
  });
});

describe('who gets little', () => {
  const lengthen = aim('lengthen', 'hamstrings', 1);
  const change = {
    kind: 'swap' as const,
    pose: 'wide-squat',
    rung: 1,
    to: { pose: 'pyramid', rung: 1 },
    items: [],
    minutes: 2.44,
  };
  it('is told with her aim, its minutes, and the change that is taken by a press', () => {
    const onTake = vi.fn();
    const little = [{ member: 'r', aim: lengthen, minutes: 0.84, wanted: 4, change }];
    inStudio(<WhoGetsLittle little={little} members={[rower, potter]} onTake={onTake} />);
    const item = screen.getByRole('listitem');
    expect(item.textContent).toContain('Sedge: hamstrings left, 0.8 of 4.0 minutes.');
    expect(item.textContent).toMatch(/It would help most: Pyramid.*, in place of .+\. Then 2\.4 minutes\./);
    fireEvent.click(within(item).getByRole('button', { name: /^Do that for Sedge/ }));
    expect(onTake).toHaveBeenCalledWith(change);
  });
  it('where no change helps that is said, and where nobody gets little there is nothing', () => {
    const little = [{ member: 'p', aim: lengthen, minutes: 0, wanted: 2, change: null }];
    inStudio(<WhoGetsLittle little={little} members={[rower, potter]} onTake={() => undefined} />);
    expect(screen.getByText(/No single change would help/)).toBeTruthy();
    cleanup();
    inStudio(<WhoGetsLittle little={[]} members={[rower]} onTake={() => undefined} />);
    expect(screen.queryByText('Who gets little')).toBeNull();
  });
});

describe('the table of a class', () => {
  const [shape, other] = ['resting-back', 'wide-squat'].map((id) => {
    const found = shapeById(id);
    if (!found) throw new Error(id);
    return found;
  });
  const item: PracticeItem = {
    id: 'i',
    pose: shape.id,
    rung: 1,
    side: 'both',
    holdSeconds: 60,
    breaths: 10,
    repeats: 1,
    phase: 'settle',
    because: [],
  };
  const side = (height_cm: number | null) => ({
    side: 'both' as const,
    depth: 1,
    props: height_cm === null ? [] : [{ prop: 'bolster' as const, height_cm } as never],
  });
  const row: TableRow = {
    block: {
      id: 'i',
      pose: shape.id,
      rung: 1,
      phase: 'settle',
      items: [item],
      sets: 1,
      before: 0,
      at: 75,
      seconds: 60,
      spans: [],
    },
    hers: [
      { member: 'r', pose: shape.id, rung: 1, kind: 'same', sides: [side(12), side(20)] },
      { member: 'p', pose: shape.id, rung: 2, kind: 'own', sides: [side(null)] },
      { member: 'f', pose: other.id, rung: 1, kind: 'instead', sides: [side(null)] },
    ],
  };
  const doses = [{ member: 'r', doses: [{ aim: aim('lengthen', 'hamstrings', 0.8), minutes: 1.25, wanted: 4 }] }];
  const show = (onLeaveOut = vi.fn(), rows = [row]) => {
    inStudio(
      <ClassTable
        rows={rows}
        members={[rower, potter, pilot]}
        doses={doses}
        sizes={PROP_SIZES}
        onLeaveOut={onLeaveOut}
      />,
    );
    return onLeaveOut;
  };
  it('has a column each: the same, her own rung, or something instead', () => {
    show();
    const [head, line] = screen.getAllByRole('row');
    expect(
      within(head)
        .getAllByRole('columnheader')
        .map((h) => h.textContent),
    ).toEqual(expect.arrayContaining(['Sedge', 'Wren ▲', 'Pell']));
    expect(line.textContent).toContain('1:15');
    expect(line.textContent).toContain('10 breaths');
    // Of two sides the one that needs more of a prop serves both.
    expect(line.textContent).toMatch(/the same · bolster.*\(needs 20\)|the same · bolster, 20 cm/);
    expect(within(line).getByText(shape.rungs[1].name)).toBeTruthy();
    expect(line.textContent).toContain(`instead: ${other.name}, ${other.rungs[0].name}`);
  });
  it('who has nothing open to her waits', () => {
    show(vi.fn(), [{ ...row, hers: [{ member: 'r', pose: null, rung: 0, kind: 'waits', sides: [] }] }]);
    expect(screen.getByText('rests, or waits')).toBeTruthy();
    expect(screen.queryByText('Pell')).toBeNull();
  });
  it('tells who does one side alone, and what she does meanwhile', () => {
    const meanwhile = { pose: other.id, rung: 1, sides: [side(12)], most_s: 30 };
    const oneSide = { only: 'right' as const, meanwhile };
    show(vi.fn(), [{ ...row, hers: [{ ...row.hers[0], oneSide }] }]);
    const [, line] = screen.getAllByRole('row');
    // With the props that it needs, and what a caution lets her hold.
    expect(line.textContent).toMatch(
      new RegExp(
        `, right only; on the left instead: ${other.name}, ${other.rungs[0].name} · .*bolster.* ▲ 30 s at most, then rest`,
      ),
    );
  });
  it('tells what each one’s own aims get, and leaves a shape out at a touch', () => {
    const onLeaveOut = show();
    expect(screen.getByText('1.3 of 4.0')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: `Leave out ${shape.name}` }));
    expect(onLeaveOut).toHaveBeenCalledWith(row);
  });
});
