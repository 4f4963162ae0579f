// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { ReactElement } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { aimsFor } from '@/core/aims/for-student';
import { ELEMENT_IDS } from '@/core/body';
import type { Findings, Settling } from '@/core/inference';
import { infer } from '@/core/inference/infer';
import { DIMENSIONS } from '@/core/inference/prior';
import { studioDatabase } from '@/store/studio';
import { QuestionBar } from '../measure/QuestionBar';
import { placeFrom } from '../measure/course';
import { AimSettings } from '../settings/AimSettings';
import { readDefaults } from '../settings/use-aim-defaults';
import { inStudio, pick, TestStudio } from '../shell/test-studio';
import { AimList } from './AimList';
import { EndedInPain } from './EndedInPain';
import { FoundBody } from './FoundBody';
import { FoundThere } from './FoundThere';
import { OpenPoints } from './OpenPoints';
import { SideCard } from './SideCard';

const demo = publishedStudio();
const maren = demo.students[0];
const own = demo.readings.filter((r) => r.student === maren.id);
const { findings } = infer(maren, own);
const db = studioDatabase('demo');

const show = (page: ReactElement) => inStudio(page);
afterEach(cleanup);

describe('the body', () => {
  it('is shown from both sides with what limits it, by name and side', () => {
    show(<FoundBody movements={findings.movements} height={300} />);
    const [front, back] = screen.getAllByRole('img');
    expect(front.getAttribute('aria-label')).toMatch(/^The body from the front. Painted: hamstrings on the left/);
    expect(back.querySelectorAll('[data-structure="hamstrings"][data-side="left"]').length).toBe(1);
  });
  it('says so where nothing limits', () => {
    show(<FoundBody movements={[]} height={300} />);
    expect(screen.getAllByRole('img')[0].getAttribute('aria-label')).toContain('Nothing is painted.');
  });
});

describe('what bothers and what hurt', () => {
  it('the complaint stands with what was found there', () => {
    show(<FoundThere student={maren} findings={findings} readings={own} />);
    const there = screen.getByRole('region', { name: /What bothers/ });
    expect(there.textContent).toContain('back of the thigh, left');
    expect(there.textContent).toMatch(/Straight leg raise on the left is .* limited by the hamstrings/);
  });
  it('a reading that ended in pain is told as pain', () => {
    show(<EndedInPain readings={own.map((r) => (r.test === 'straight-leg-raise' ? { ...r, pain: true } : r))} />);
    expect(screen.getByRole('region', { name: 'What ended in pain' }).textContent).toContain(
      'Pain is no measure of length',
    );
  });
  it('nothing is said where nothing hurt', () => {
    show(<EndedInPain readings={own} />);
    expect(screen.queryByRole('region', { name: 'What ended in pain' })).toBeNull();
  });
});

describe('a side', () => {
  it('begins with a sentence to read out, then movements that open', () => {
    const onOpen = vi.fn();
    show(<SideCard side="left" movements={findings.movements} readings={own} onOpen={onOpen} onSettle={vi.fn()} />);
    const card = screen.getByRole('region', { name: 'left side' });
    expect(card.textContent).toContain('Your left straight leg rises no further because of the back of the thigh');
    fireEvent.click(within(card).getByRole('button', { name: /straight leg raise/ }));
    expect(onOpen.mock.calls[0][0]).toMatchObject({ movement: 'hip-flexion-knee-straight', side: 'left' });
    const before = within(card).getAllByRole('listitem').length;
    fireEvent.click(within(card).getByRole('button', { name: /^\d more/ }));
    expect(within(card).getAllByRole('listitem').length).toBeGreaterThan(before);
  });
  it('names the test that tells a movement where its own does not', () => {
    const movements = findings.movements.map((m) =>
      m.movement === 'hip-flexion-knee-straight' && m.side === 'left'
        ? { ...m, test: 'knee-extension-90-90', readout: 'missing-extension', measured: 44 }
        : m,
    );
    show(<SideCard side="left" movements={movements} readings={own} onOpen={vi.fn()} onSettle={vi.fn()} />);
    const card = screen.getByRole('region', { name: 'left side' });
    expect(card.textContent).toContain('thigh upright: what is missing to straight 44°');
    expect(card.textContent).not.toContain('straight leg raise 44°');
  });
  it('offers to settle what is limited and not clear', () => {
    const onSettle = vi.fn();
    const movements = findings.movements.map((m) =>
      m.movement === 'hip-extension' && m.side === 'left'
        ? {
            ...m,
            clarity: 'unclear' as const,
            band: -1.6,
            limiters: m.limiters.map((l, k) => ({ ...l, probability: 0.45 - 0.1 * k })),
          }
        : m,
    );
    show(<SideCard side="left" movements={movements} readings={own} onOpen={vi.fn()} onSettle={onSettle} />);
    fireEvent.click(
      screen.getByRole('button', { name: 'Which test would make clear what stops the left hip straightening?' }),
    );
    expect(onSettle.mock.calls[0][0]).toMatchObject({ movement: 'hip-extension' });
  });
  it('says so where nothing is read', () => {
    show(<SideCard side="right" movements={[]} readings={[]} onOpen={vi.fn()} onSettle={vi.fn()} />);
    expect(screen.getByText(/Nothing is read/)).toBeDefined();
  });
});

describe('open points', () => {
  const [first, second] = own;
  const open: Findings = {
    ...findings,
    doubts: [
      { kind: 'stray', reading: first.id, side: 'left', expected: 12, beyond: 3.4 },
      { kind: 'contradiction', readings: [first.id, second.id], side: 'left', group: 'hamstrings' },
    ],
    hints: [{ kind: 'nerve', side: 'left', facts: {}, from: [first.id], refer: true }],
  };
  it('say what does not fit and offer to take it again', () => {
    const onTest = vi.fn();
    show(<OpenPoints findings={open} readings={own} onSettle={vi.fn()} onTest={onTest} />);
    expect(screen.getByRole('region', { name: 'What does not fit' }).textContent).toContain('does not average them');
    fireEvent.click(screen.getAllByRole('button', { name: /Take again/ })[0]);
    expect(onTest.mock.calls[0][0]).toMatchObject({ id: first.id });
    expect(screen.getByRole('region', { name: 'Signs that it is more than muscle' }).textContent).toContain(
      'clinician',
    );
  });
});

describe('aims', () => {
  it('keep the teacher’s word beside the proposal, and go back to it', async () => {
    await db.students.put(maren);
    const aimed = aimsFor(maren, own, findings, 2026);
    const { rerender } = show(<AimList student={maren} aimed={aimed} />);
    fireEvent.click(screen.getByRole('button', { name: 'Change hamstrings left' }));
    pick(
      within(screen.getByRole('group', { name: /hamstrings left/ })).getByRole('combobox', { name: /Do/ }),
      'Strengthen',
    );
    await waitFor(async () =>
      expect((await db.students.get(maren.id))?.aimChoices?.[0]).toMatchObject({
        kind: 'strengthen',
        proposed: { kind: 'lengthen' },
      }),
    );
    const changed = await db.students.get(maren.id);
    if (!changed) throw new Error('no student');
    rerender(
      <TestStudio>
        <AimList student={changed} aimed={aimsFor(changed, own, findings, 2026)} />
      </TestStudio>,
    );
    expect(screen.getByText(/Kolpos proposed: lengthen/)).toBeDefined();
    fireEvent.click(screen.getByRole('button', { name: 'Back to the proposal' }));
    await waitFor(async () => expect((await db.students.get(maren.id))?.aimChoices).toBeUndefined());
  });
  it('name the muscle of a group that is short where it is not all of it', () => {
    const mean = new Float32Array(DIMENSIONS);
    mean[ELEMENT_IDS.indexOf('soleus')] = -1.5;
    const aims = [{ kind: 'lengthen', group: 'calf', side: 'left', weight: 0.6 }] as const;
    const student = { ...maren, aims: [...aims] };
    show(
      <AimList
        student={student}
        aimed={aimsFor(student, own, findings, 2026)}
        posterior={{ mean, draws: mean, drawCount: 1 }}
      />,
    );
    expect(screen.getByRole('group', { name: /Aim: Lengthen calf left/ }).textContent).toContain(
      'Short in it: soleus.',
    );
  });
  it('can be added for both sides at once', async () => {
    await db.students.put(maren);
    show(<AimList student={maren} aimed={aimsFor(maren, own, findings, 2026)} />);
    pick(screen.getByRole('combobox', { name: /What/ }), 'calf');
    fireEvent.click(screen.getByRole('button', { name: 'Add this aim' }));
    await waitFor(async () =>
      expect((await db.students.get(maren.id))?.aimChoices?.map((c) => `${c.group} ${c.side}`)).toEqual([
        'calf left',
        'calf right',
      ]),
    );
  });
});

describe('doses in the settings', () => {
  it('are kept when they make sense, and put back when not', async () => {
    show(<AimSettings />);
    const field = await screen.findByLabelText('One hold');
    fireEvent.change(field, { target: { value: '45' } });
    fireEvent.blur(field);
    await waitFor(async () => expect(readDefaults((await db.memos.get('school/aims'))?.value).holdSeconds).toBe(45));
    await waitFor(() => expect(screen.getByDisplayValue('45')).toBe(field));
    fireEvent.change(field, { target: { value: 'long' } });
    expect(screen.getByText('5 to 300')).toBeDefined();
    fireEvent.blur(field);
    await waitFor(() => expect(screen.getByDisplayValue('45')).toBe(field));
    expect(readDefaults((await db.memos.get('school/aims'))?.value).holdSeconds).toBe(45);
  });
  it('are ours where the text is broken', () => {
    expect(readDefaults('{').holds).toBe(3);
    expect(readDefaults('{"holds":"many"}').holds).toBe(3);
  });
});

describe('the question that leads', () => {
  const asked = { side: 'left', movement: 'hip-extension', asked: 1, closed: [] } as const;
  const settling: Settling = {
    side: 'left',
    movement: 'hip-extension',
    state: 'ask',
    limiters: [
      { group: 'deep-hip-flexor', probability: 0.6 },
      { group: 'rectus-femoris', probability: 0.35 },
    ],
    between: ['deep-hip-flexor', 'rectus-femoris'],
    tests: [{ test: 'modified-thomas', side: 'left', variant: 'knee-straight', gain: 0.4, turns: 1 }],
  };
  const bar = (s: Settling | null, onTest = vi.fn()) => {
    cleanup();
    show(<QuestionBar asked={{ ...asked, closed: [] }} settling={s} busy={false} onTest={onTest} onLeave={vi.fn()} />);
    return screen.getByRole('region', { name: 'Question' });
  };
  it('proposes the test that tells, in words', () => {
    const onTest = vi.fn();
    const region = bar(settling, onTest);
    expect(region.textContent).toContain('Test 2 of at most 4');
    expect(region.textContent).toContain('it costs one turn of the body');
    fireEvent.click(within(region).getByRole('button', { name: /knee straightened/ }));
    expect(onTest.mock.calls[0][0]).toMatchObject({ variant: 'knee-straight' });
  });
  it('says when it is settled, and when tests cannot settle it', () => {
    expect(bar({ ...settling, state: 'settled', tests: [] }).textContent).toContain('Settled: psoas and iliacus');
    expect(bar({ ...settling, state: 'cannot', tests: [] }).textContent).toContain('Tests cannot settle it');
    expect(bar(null).textContent).toContain('looking for the test');
  });
});

describe('a place in an address', () => {
  it('is a known read-out and side, or nothing', () => {
    expect(placeFrom('modified-thomas/hip-extension/left/knee-straight')).toEqual({
      test: 'modified-thomas',
      readout: 'hip-extension',
      side: 'left',
      variant: 'knee-straight',
    });
    for (const text of [null, '', 'x', 'modified-thomas/height/left', 'modified-thomas/hip-extension/middle'])
      expect(placeFrom(text)).toBeNull();
  });
});
