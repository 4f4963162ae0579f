// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { useLiveQuery } from 'dexie-react-hooks';
import { SnackbarProvider } from 'notistack';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import type { CautionEntry, Complaint, Student } from '@/core/students/student';
import { screen as screened } from '@/core/cautions/screen';
import { studioDatabase } from '@/store/studio';
import { StudioProvider } from '../../shell/studio-context';
import { AskStep } from '../AskStep';
import { BodyMap } from './BodyMap';
import { CautionList } from './CautionList';
import { ComplaintList } from './ComplaintList';
import { FirstTests } from './FirstTests';
import { KeptText } from './KeptText';
import { SinceLastTime } from './SinceLastTime';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);
const [maren] = publishedStudio().students;
const inStudio = (children: ReactNode) =>
  render(
    <SnackbarProvider>
      <StudioProvider name="studio">{children}</StudioProvider>
    </SnackbarProvider>,
  );

describe('the body that is tapped', () => {
  it('shows every place once a side, and says which was tapped', () => {
    const onToggle = vi.fn();
    render(<BodyMap complaints={[{ place: 'back-thigh', side: 'both' }]} onToggle={onToggle} />);
    for (const side of ['left', 'right'])
      expect(screen.getByRole('button', { name: `back of the thigh, ${side}` }).getAttribute('aria-pressed')).toBe(
        'true',
      );
    fireEvent.click(screen.getByRole('button', { name: 'outer hip, left' }));
    expect(onToggle).toHaveBeenCalledWith('outer-hip', 'left');
  });
  it('is worked by the keyboard', () => {
    const onToggle = vi.fn();
    render(<BodyMap complaints={[]} onToggle={onToggle} />);
    fireEvent.keyDown(screen.getByRole('button', { name: 'low back, right' }), { key: 'Enter' });
    expect(onToggle).toHaveBeenCalledWith('low-back', 'right');
  });
});

describe('complaints', () => {
  const one: Complaint = { place: 'sit-bone', side: 'left' };
  it('say kindly when there are none', () => {
    render(<ComplaintList complaints={[]} onChange={() => undefined} onAskCaution={() => undefined} />);
    expect(screen.getByText(/No trouble so far/)).toBeTruthy();
  });
  it('take when, how and how strong, and can be taken out', () => {
    const onChange = vi.fn<(c: Complaint[]) => void>();
    render(<ComplaintList complaints={[one]} onChange={onChange} onAskCaution={() => undefined} />);
    fireEvent.click(screen.getByRole('button', { name: 'sitting' }));
    expect(onChange).toHaveBeenLastCalledWith([{ ...one, times: ['sitting'] }]);
    fireEvent.click(screen.getByRole('button', { name: 'an ache' }));
    expect(onChange).toHaveBeenLastCalledWith([{ ...one, quality: 'ache' }]);
    fireEvent.change(screen.getByLabelText(/How strong, sit bone/), { target: { value: '6' } });
    expect(onChange).toHaveBeenLastCalledWith([{ ...one, strength: 6 }]);
    fireEvent.click(screen.getByRole('button', { name: 'Take out' }));
    expect(onChange).toHaveBeenLastCalledWith([]);
  });
  it('tell what it may be, never what it is, and ask for the caution', () => {
    const onAskCaution = vi.fn();
    render(
      <ComplaintList
        complaints={[{ ...one, sounds: 'sit-bone' }]}
        onChange={() => undefined}
        onAskCaution={onAskCaution}
      />,
    );
    expect(screen.getByText(/Possible, not a diagnosis/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Note the caution' }));
    expect(onAskCaution).toHaveBeenCalledWith('sit-bone', 'left');
  });
});

describe('cautions', () => {
  const list = (entries: CautionEntry[], onChange = vi.fn<(e: CautionEntry[]) => void>()) => {
    render(<CautionList entries={entries} onChange={onChange} />);
    return onChange;
  };
  it('say why, what to say and what they lock', () => {
    list([{ caution: 'knee-injury', since: '2019' }]);
    const told = screen.getByRole('listitem');
    expect(told.textContent).toContain('Adapt: Knee ligament');
    expect(told.textContent).toContain('Why:');
    expect(told.textContent).toContain('You might say:');
    expect(told.textContent).toContain('heel to buttock, lying on the front');
  });
  it('of one leg can be told of the other as well, as an entry of its own, and once', () => {
    const left: CautionEntry = { caution: 'knee-replacement', side: 'left', since: 'May', until: '2099-01-01' };
    const onChange = list([left]);
    fireEvent.click(screen.getByRole('button', { name: 'The right side too' }));
    const both = [left, { caution: 'knee-replacement', side: 'right' as const }];
    expect(onChange).toHaveBeenLastCalledWith(both);
    cleanup();
    list(both);
    expect(screen.getAllByRole('listitem').map((li) => li.getAttribute('aria-label'))).toEqual([
      expect.stringMatching(/left$/),
      expect.stringMatching(/right$/),
    ]);
    expect(screen.queryByRole('button', { name: /side too$/ })).toBeNull();
    cleanup();
    // Of both legs, of no leg, or lifted: there is no other one to tell of.
    list([
      { caution: 'knee-replacement' },
      { caution: 'sciatic' },
      { caution: 'hip-replacement', side: 'left', cleared: { by: 'GP', on: '2026-11-01' } },
    ]);
    expect(screen.queryByRole('button', { name: /side too$/ })).toBeNull();
  });
  it('of one leg ask which, and are called by it', () => {
    const onChange = list([{ caution: 'knee-injury' }]);
    const which = screen.getByRole('group', { name: 'Which side' });
    expect(within(which).getByRole('button', { name: 'both, or not asked' }).getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(within(which).getByRole('button', { name: 'right' }));
    expect(onChange).toHaveBeenCalledWith([{ caution: 'knee-injury', side: 'right' }]);
    cleanup();
    const again = list([{ caution: 'knee-injury', side: 'right' }]);
    expect(screen.getByRole('listitem').textContent).toContain('Adapt: Knee ligament or meniscus injury, right');
    // Of what it locked of both only what cannot be done on either side is left.
    expect(screen.getByRole('listitem').textContent).not.toContain('heel to buttock, lying on the front');
    fireEvent.click(screen.getByRole('button', { name: 'both, or not asked' }));
    expect(again).toHaveBeenCalledWith([{ caution: 'knee-injury', side: undefined }]);
    cleanup();
    list([{ caution: 'reflux' }]);
    expect(screen.queryByRole('group', { name: 'Which side' })).toBeNull();
  });
  it('are lifted only by somebody, and stand again when asked', () => {
    const onChange = list([{ caution: 'knee-injury' }]);
    fireEvent.click(screen.getByRole('button', { name: 'Lifted by …' }));
    const lift = screen.getByRole<HTMLButtonElement>('button', { name: 'Lift it' });
    expect(lift.disabled).toBe(true);
    fireEvent.change(screen.getByLabelText(/^Who lifted it/), { target: { value: ' physiotherapist ' } });
    fireEvent.click(screen.getByRole('button', { name: 'Lift it' }));
    expect(onChange.mock.calls[0][0][0].cleared?.by).toBe('physiotherapist');
    cleanup();
    const again = list([{ caution: 'knee-injury', cleared: { by: 'GP', on: '2026-05-01' } }]);
    expect(screen.getByRole('listitem').textContent).toContain('lifted by GP');
    fireEvent.click(screen.getByRole('button', { name: 'It stands again' }));
    expect(again).toHaveBeenCalledWith([{ caution: 'knee-injury', cleared: undefined }]);
  });
  it('of a newer file are shown by their name and lock nothing', () => {
    list([{ caution: 'moon-sickness' }]);
    expect(screen.getByRole('listitem').textContent).toContain('moon-sickness');
  });
});

describe('what to look at first', () => {
  it('names tests with their reason, and nothing while a doctor comes first', () => {
    inStudio(<FirstTests student="s" complaints={maren.complaints} screening={screened([], '2026-01-05')} />);
    expect(screen.getAllByRole('listitem')[0].textContent).toContain('Straight leg raise');
    cleanup();
    inStudio(
      <FirstTests
        student="s"
        complaints={maren.complaints}
        screening={screened([{ caution: 'hot-calf' }], '2026-01-05')}
      />,
    );
    expect(screen.queryByRole('listitem')).toBeNull();
    expect(screen.getByText(/nothing is tested until/)).toBeTruthy();
  });
  it('marks a test that a caution leaves only another way', () => {
    inStudio(
      <FirstTests
        student="s"
        complaints={[{ place: 'front-hip-crease', side: 'left', sounds: 'front-after-sitting' }]}
        screening={screened([{ caution: 'pregnancy-late' }], '2026-01-05')}
      />,
    );
    expect(screen.getAllByRole('listitem')[0].textContent).toContain('only lying on the side');
  });
});

describe('a student who comes back', () => {
  it('is asked for changes only, and not at all on the same day', () => {
    const change = vi.fn<(part: Partial<Student>) => void>();
    const { rerender } = render(<SinceLastTime student={{ ...maren, askedOn: '2026-01-05' }} change={change} />);
    fireEvent.click(within(screen.getByRole('region')).getByRole('button', { name: 'better' }));
    expect(change.mock.calls[0][0].complaints?.[0]).toMatchObject({ strength: 2 });
    fireEvent.click(screen.getByRole('button', { name: 'That is all' }));
    expect(change.mock.calls[1][0].askedOn).toBeTruthy();
    rerender(<SinceLastTime student={{ ...maren, askedOn: '2999-01-01' }} change={change} />);
    expect(screen.queryByRole('region')).toBeNull();
  });
});

describe('a text that is kept', () => {
  it('is kept after a pause, and when the page goes', async () => {
    const onKeep = vi.fn();
    const { unmount } = render(<KeptText label="Days" value="" max={10} onKeep={onKeep} />);
    fireEvent.change(screen.getByLabelText('Days'), { target: { value: 'sits' } });
    await waitFor(() => expect(onKeep).toHaveBeenCalledWith('sits'));
    fireEvent.change(screen.getByLabelText('Days'), { target: { value: 'sits long and longer' } });
    unmount();
    expect(onKeep).toHaveBeenLastCalledWith('sits long ');
  });
});

it('Ask keeps what is tapped, and can be put back as it was', async () => {
  const db = studioDatabase('studio');
  await db.students.put(maren);
  inStudio(<AskStep student={maren} />);
  fireEvent.click(screen.getByRole('button', { name: 'knee, right' }));
  await waitFor(async () => expect((await db.students.get(maren.id))?.complaints).toHaveLength(2));
  // The facts of the form are untouched by what the other parts keep.
  expect(await db.students.get(maren.id)).toMatchObject({
    height_cm: maren.height_cm,
    aim: maren.aim,
    daily: maren.daily,
  });
});

it('Ask says that it is kept when all that is typed is, and not before', async () => {
  const db = studioDatabase('studio');
  await db.students.put(maren);
  const Stored = () => {
    const student = useLiveQuery(() => db.students.get(maren.id));
    return student ? <AskStep student={student} /> : null;
  };
  inStudio(<Stored />);
  const status = await screen.findByRole('status', { name: 'Kept or not' });
  expect(status.textContent).toBe('Kept as you type.');
  const daily = screen.getByLabelText(/^The days/);
  fireEvent.change(daily, { target: { value: 'rows before work' } });
  expect(status.textContent).toBe('Not kept yet …');
  await waitFor(() => expect(status.textContent).toBe('Kept.'));
  expect((await db.students.get(maren.id))?.daily).toBe('rows before work');
  // What is wrong is kept nowhere, and what else was kept does not hide it.
  const height = await screen.findByLabelText('Height, cm');
  fireEvent.change(height, { target: { value: 'tall' } });
  await waitFor(() => expect(status.textContent).toBe('Not kept yet …'));
  fireEvent.change(daily, { target: { value: 'rows before work, and after' } });
  await waitFor(async () => expect((await db.students.get(maren.id))?.daily).toContain('after'));
  expect(status.textContent).toBe('Not kept yet …');
  fireEvent.change(height, { target: { value: '171,5' } });
  await waitFor(() => expect(status.textContent).toBe('Kept.'));
  expect((await db.students.get(maren.id))?.height_cm).toBe(171.5);
});

it('Ask keeps what is typed after it was put back as it was', async () => {
  const db = studioDatabase('studio');
  await db.students.put(maren);
  const Stored = () => {
    const student = useLiveQuery(() => db.students.get(maren.id));
    return student ? <AskStep student={student} /> : null;
  };
  inStudio(<Stored />);
  const status = await screen.findByRole('status', { name: 'Kept or not' });
  const typed = (label: string): HTMLInputElement => screen.getByLabelText(label);
  await screen.findByLabelText('Height, cm');
  fireEvent.change(typed('Height, cm'), { target: { value: '181' } });
  await waitFor(() => expect(status.textContent).toBe('Kept.'));
  fireEvent.click(screen.getByRole('button', { name: 'Restore' }));
  await waitFor(() => expect(typed('Height, cm').value).toBe(String(maren.height_cm)));
  await waitFor(async () => expect((await db.students.get(maren.id))?.height_cm).toBe(maren.height_cm));
  fireEvent.change(typed('Height, cm'), { target: { value: '182' } });
  await waitFor(async () => expect((await db.students.get(maren.id))?.height_cm).toBe(182));
  await waitFor(() => expect(status.textContent).toBe('Kept.'));
  // Something else on the page is kept and drawn: what was typed stays, in the field and in the database.
  fireEvent.click(screen.getByRole('button', { name: 'outer hip, left' }));
  await waitFor(async () =>
    expect((await db.students.get(maren.id))?.complaints).toHaveLength(maren.complaints.length + 1),
  );
  fireEvent.change(typed('Mass, kg'), { target: { value: '71' } });
  await waitFor(async () => expect(await db.students.get(maren.id)).toMatchObject({ height_cm: 182, mass_kg: 71 }));
  expect(typed('Height, cm').value).toBe('182');
});
