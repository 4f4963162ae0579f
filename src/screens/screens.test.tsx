// @vitest-environment happy-dom
import { aimsFor } from '@/core/aims/for-student';
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { infer } from '@/core/inference/infer';
import type { Student } from '@/core/students/student';
import { latest } from '@/core/assessment/reading';
import { readoutOf, testById } from '@/core/assessment/battery';
import { studioDatabase } from '@/store/studio';
import { AimList } from './findings/AimList';
import { ToleranceChart } from './findings/ToleranceChart';
import { ChoiceChips } from './measure/ChoiceChips';
import { LiveFindings } from './measure/LiveFindings';
import { ReadingPanel } from './measure/ReadingPanel';
import { Ruler } from './measure/Ruler';
import { inStudio as inAny } from './shell/test-studio';
import { StudentForm } from './students/StudentForm';
import { FeltPanel } from './teach/FeltPanel';

const demo = publishedStudio();
const [maren] = demo.students;
const inference = infer(maren, demo.readings);
const slr = readoutOf('straight-leg-raise', 'hip-flexion');
const slrTest = testById('straight-leg-raise');
if (!slr || !slrTest) throw new Error('no test');
const inStudio = (children: ReactNode) => inAny(children, 'studio');
afterEach(async () => {
  cleanup();
  // A draft outlives its panel on purpose; tests begin without one.
  await studioDatabase('studio').drafts.clear();
});

describe('the student form', () => {
  const fill = (label: string | RegExp, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  it('answers bad input at its field and keeps what was typed', async () => {
    const onSave = vi.fn();
    render(<StudentForm student={null} label="Add student" onSave={onSave} />);
    fill('Name', 'Wren Slipway');
    fill('Height, cm', '17');
    fill('Mass, kg', 'heavy');
    fireEvent.click(screen.getByRole('button', { name: 'Add student' }));
    await waitFor(() => expect(screen.getByLabelText('Height, cm').getAttribute('aria-invalid')).toBe('true'));
    expect(screen.getByLabelText('Mass, kg').getAttribute('aria-invalid')).toBe('true');
    expect(onSave).not.toHaveBeenCalled();
    expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('Wren Slipway');
  });
  it('keeps what is typed when something else on the page changes the student before it is written down', async () => {
    const onSave = vi.fn<(s: Student) => void>();
    const { rerender } = render(<StudentForm student={maren} onSave={onSave} />);
    fill('Aim', 'Kneel to plant.');
    rerender(<StudentForm student={{ ...maren, cautions: [], height_cm: 181 }} onSave={onSave} />);
    expect((screen.getByLabelText('Aim') as HTMLInputElement).value).toBe('Kneel to plant.');
    await waitFor(() => expect(onSave.mock.lastCall?.[0].aim).toBe('Kneel to plant.'));
    // Nothing is waiting any more: now a change from elsewhere comes in.
    rerender(<StudentForm student={{ ...maren, aim: 'Row.', height_cm: 181 }} onSave={onSave} />);
    await waitFor(() => expect((screen.getByLabelText('Aim') as HTMLInputElement).value).toBe('Row.'));
  });
  it('keeps what is wrong in its field and what is right beside it, whatever else changes', async () => {
    const onSave = vi.fn<(s: Student) => void>();
    const { rerender } = render(<StudentForm student={maren} onSave={onSave} />);
    const typed = (label: string) => (screen.getByLabelText(label) as HTMLInputElement).value;
    fill('Height, cm', 'tall');
    await waitFor(() => expect(screen.getByLabelText('Height, cm').getAttribute('aria-invalid')).toBe('true'));
    fill('Mass, kg', '71');
    await waitFor(() => expect(onSave).toHaveBeenCalled());
    expect(onSave.mock.lastCall?.[0]).toMatchObject({ mass_kg: 71, height_cm: maren.height_cm });
    // Elsewhere she is given a caution, and in another tab an aim: the aim comes in, what is typed stays.
    rerender(<StudentForm student={{ ...maren, mass_kg: 71, cautions: [], aim: 'Row.' }} onSave={onSave} />);
    expect([typed('Height, cm'), typed('Mass, kg'), typed('Aim')]).toEqual(['tall', '71', 'Row.']);
    expect(screen.getByLabelText('Height, cm').getAttribute('aria-invalid')).toBe('true');
  });
  it('writes nothing that nobody typed over what another tab changed', async () => {
    const onSave = vi.fn<(s: Student) => void>();
    const { rerender } = render(<StudentForm student={maren} onSave={onSave} />);
    screen.getByLabelText('Height, cm').focus();
    fill('Height, cm', '181');
    rerender(<StudentForm student={{ ...maren, mass_kg: 71 }} onSave={onSave} />);
    await waitFor(() => expect(onSave).toHaveBeenCalled());
    expect(onSave.mock.lastCall?.[0]).toMatchObject({ height_cm: 181, mass_kg: 71 });
  });
  it('keeps what was typed a moment before she goes on, or leaves', () => {
    const onSave = vi.fn<(s: Student) => void>();
    const { unmount } = render(<StudentForm student={maren} onSave={onSave} />);
    fill('Height, cm', '181');
    fireEvent.focusOut(screen.getByLabelText('Height, cm'));
    expect(onSave.mock.lastCall?.[0].height_cm).toBe(181);
    fill('Mass, kg', '71');
    fill('One slow breath, seconds', 'long');
    unmount();
    expect(onSave.mock.lastCall?.[0]).toMatchObject({ mass_kg: 71, breathSeconds: maren.breathSeconds });
  });
  it('takes a comma for a decimal point', async () => {
    const onSave = vi.fn<(s: Student) => void>();
    render(<StudentForm student={null} label="Add student" onSave={onSave} />);
    fill('Name', 'Wren Slipway');
    fill('Height, cm', '171,5');
    fill('Mass, kg', '64');
    fill('Year of birth', '1990');
    fireEvent.click(screen.getByRole('button', { name: 'Add student' }));
    await waitFor(() => expect(onSave).toHaveBeenCalled());
    expect(onSave.mock.calls[0][0]).toMatchObject({ height_cm: 171.5, dominantLeg: 'unknown', archived: false });
  });
  it('keeps an existing student as she is typed, and only what is valid', async () => {
    const onSave = vi.fn<(s: Student) => void>();
    render(<StudentForm student={maren} onSave={onSave} />);
    fill('Height, cm', '17');
    await waitFor(() => expect(screen.getByLabelText('Height, cm').getAttribute('aria-invalid')).toBe('true'));
    expect(onSave).not.toHaveBeenCalled();
    fill('Height, cm', '179');
    await waitFor(() => expect(onSave).toHaveBeenCalledTimes(1));
    expect(onSave.mock.calls[0][0]).toMatchObject({ id: maren.id, height_cm: 179, name: maren.name });
  });
  it('finds again what was typed for somebody new before a reload', () => {
    const text = JSON.stringify({ name: 'Half Typed', height_cm: '1', cautions: ['touch'] });
    render(
      <StudentForm
        student={null}
        label="Add student"
        onSave={() => undefined}
        draft={{ text, onChange: () => undefined }}
      />,
    );
    expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('Half Typed');
    expect(screen.getByRole('status').textContent).toContain('Ask each time');
  });
  it('shows what a caution means as soon as it is there', () => {
    render(<StudentForm student={maren} onSave={() => undefined} />);
    expect(screen.getByRole('status').textContent).toContain('Pelvis first');
  });
});

describe('one reading', () => {
  const panel = (onKept = vi.fn(), onSkip = vi.fn()) =>
    inStudio(
      <ReadingPanel
        student={maren}
        test={slrTest}
        readout={slr}
        side="left"
        readings={[]}
        onChoose={() => undefined}
        onKept={onKept}
        onSkip={onSkip}
        onPain={() => undefined}
      />,
    );
  const field = () => screen.findByLabelText('Leg above the floor, degrees');
  it('is refused where no joint gets, and stays in the field', async () => {
    const onKept = vi.fn();
    panel(onKept);
    fireEvent.change(await field(), { target: { value: '190' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep and go on' }));
    expect((await screen.findByRole('alert')).textContent).toContain('10° to 150°');
    expect(((await field()) as HTMLInputElement).value).toBe('190');
    expect(onKept).not.toHaveBeenCalled();
  });
  it('asks for a number before it keeps', async () => {
    panel();
    await field();
    fireEvent.click(screen.getByRole('button', { name: 'Keep and go on' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Type the reading first');
  });
  it('collects trials with their spread and warns of a wide one', async () => {
    panel();
    for (const value of ['56', '66']) {
      fireEvent.change(await field(), { target: { value } });
      fireEvent.click(screen.getByRole('button', { name: /Add trial/ }));
    }
    expect(await screen.findByText(/spread 10°, wide: measure once more/)).toBeTruthy();
  });
  it('ends the test where tingling is named, and keeps it as pain', async () => {
    const onSkip = vi.fn();
    panel(vi.fn(), onSkip);
    fireEvent.change(await field(), { target: { value: '44' } });
    fireEvent.click(screen.getByRole('button', { name: '▲ tingling down the leg' }));
    expect(screen.getByRole('alert').textContent).toContain('Stop here');
    fireEvent.click(screen.getByRole('button', { name: 'Keep and go on' }));
    await waitFor(() => expect(onSkip).toHaveBeenCalled());
    expect((await screen.findByText(/ended by pain/)).textContent).toContain('44°');
  });
});

describe('the ruler', () => {
  it('says the typical band and the marks, and sets by arrow keys', () => {
    const onSet = vi.fn();
    render(
      <Ruler
        label="Set it"
        min={0}
        max={100}
        value={58}
        unit="degrees"
        step={1}
        band={[66, 86]}
        bandLabel="typical"
        marks={[{ value: 50, label: 'left' }]}
        onSet={onSet}
      />,
    );
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('Typical 66 to 86 degrees. left 50');
    fireEvent.change(screen.getByLabelText('Set it'), { target: { value: '60' } });
    expect(onSet).toHaveBeenCalledWith(60);
  });
});

describe('chips', () => {
  it('choose, and take back when pressed again', () => {
    const onChoose = vi.fn();
    const choices = [
      { id: 'a', label: 'front' },
      { id: 'b', label: 'pinch', stops: true },
    ];
    const { rerender } = render(
      <ChoiceChips question="Where?" choices={choices} chosen={undefined} onChoose={onChoose} />,
    );
    fireEvent.click(screen.getByRole('button', { name: '▲ pinch' }));
    expect(onChoose).toHaveBeenLastCalledWith('b');
    rerender(<ChoiceChips question="Where?" choices={choices} chosen="b" onChoose={onChoose} />);
    expect(screen.getByRole('button', { name: '▲ pinch' }).getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(screen.getByRole('button', { name: '▲ pinch' }));
    expect(onChoose).toHaveBeenLastCalledWith(undefined);
  });
  it('of a taught pose carry place and strength apart', () => {
    const onFelt = vi.fn();
    render(<FeltPanel name="Pigeon" placeFelt="knee" strength={undefined} onFelt={onFelt} />);
    fireEvent.click(within(screen.getByRole('group', { name: 'How strong?' })).getByText('clear, 4 of 10'));
    expect(onFelt).toHaveBeenLastCalledWith({ strength: 4 });
    fireEvent.click(screen.getByText('deep in the buttock'));
    expect(onFelt).toHaveBeenLastCalledWith({ placeFelt: 'deep-buttock' });
  });
});

describe('findings beside the test', () => {
  const live = (value: typeof inference | null) =>
    render(
      <LiveFindings
        inference={{ value, busy: false, failed: null }}
        readings={latest(demo.readings.filter((r) => r.student === maren.id))}
        test="straight-leg-raise"
        readout={slr}
        side="left"
        person={maren}
        next={[]}
        onTest={() => undefined}
      />,
    );
  it('say what stops the movement with its number, and the side difference with its error', () => {
    live(inference);
    expect(screen.getByText('hamstrings')).toBeTruthy();
    expect(screen.getByText(/9\d in 100/)).toBeTruthy();
    expect(screen.getByText(/the error of measuring \(9°\)/)).toBeTruthy();
  });
  it('name no muscle while muscle or nerve is still to be asked', () => {
    const movements = inference.findings.movements.map((m) =>
      m.side === 'left' && m.movement === slr.movement ? { ...m, orNerve: true, clarity: 'unclear' as const } : m,
    );
    live({ ...inference, findings: { ...inference.findings, movements } });
    expect(screen.getByText('Muscle or nerve is still to be asked.')).toBeTruthy();
    expect(screen.queryByText('hamstrings')).toBeNull();
  });
  it('wait kindly before the first reading', () => {
    live(null);
    expect(screen.getByText(/After the first reading/)).toBeTruthy();
  });
  it('say when the computing failed, and that nothing is lost', () => {
    render(
      <LiveFindings
        inference={{ value: null, busy: false, failed: 'worker gone' }}
        readings={[]}
        test="straight-leg-raise"
        readout={slr}
        side="left"
        person={maren}
        next={[]}
        onTest={() => undefined}
      />,
    );
    expect(screen.getByRole('alert').textContent).toContain('Your readings are kept');
  });
});

describe('tolerances', () => {
  it('open to their source, one button for each muscle group and side', () => {
    const onOpen = vi.fn();
    inStudio(
      <ToleranceChart findings={inference.findings.groups} student={maren} readings={demo.readings} onOpen={onOpen} />,
    );
    const bars = screen
      .getAllByRole('button')
      .filter((b) => /, (left|right): /.test(b.getAttribute('aria-label') ?? ''));
    expect(bars).toHaveLength(18);
    fireEvent.click(screen.getByRole('button', { name: /^hamstrings, left/ }));
    expect(onOpen.mock.calls[0][0]).toMatchObject({ group: 'hamstrings', side: 'left' });
    // And each name says what it means.
    fireEvent.click(screen.getByRole('button', { name: 'hamstrings' }));
    expect(screen.getByRole('dialog', { name: 'hamstrings' }).textContent).toContain('from the sit bone');
  });
});

describe('aims', () => {
  it('are proposed with a reason and can be removed by name', () => {
    inStudio(<AimList student={maren} aimed={aimsFor(maren, demo.readings, inference.findings, 2026)} />);
    const section = screen.getByRole('region', { name: 'Aims' });
    expect(within(section).getAllByText('hamstrings').length).toBeGreaterThan(0);
    expect(section.textContent).toMatch(/in 100/);
  });
});
