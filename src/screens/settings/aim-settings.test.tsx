// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { AIM_DEFAULTS } from '@/core/aims/defaults';
import { studioDatabase } from '@/store/studio';
import { inStudio } from '../shell/test-studio';
import { AimSettings } from './AimSettings';
import { AIM_MEMO } from './use-aim-defaults';

const db = studioDatabase('demo');
const stored = async () => JSON.parse((await db.memos.get(AIM_MEMO))?.value ?? 'null') as unknown;
const leave = (label: string, typed?: string) => {
  const field = screen.getByLabelText(label);
  if (typed !== undefined) fireEvent.change(field, { target: { value: typed } });
  fireEvent.blur(field);
};

afterEach(async () => {
  cleanup();
  await db.memos.delete(AIM_MEMO);
});

describe('doses of a teacher’s own', () => {
  it('are all kept, however fast one follows another', async () => {
    inStudio(<AimSettings />);
    leave('One hold', '40');
    leave('Holds a day', '2');
    fireEvent.click(screen.getByRole('button', { name: 'strengthen them' }));
    await waitFor(async () =>
      expect(await stored()).toEqual({ ...AIM_DEFAULTS, holdSeconds: 40, holds: 2, hamstrings: 'strengthen' }),
    );
  });
  it('are not written by whoever only goes through the fields, nor by nonsense', async () => {
    inStudio(<AimSettings />);
    leave('One hold');
    leave('Holds a day', 'many');
    leave('Sets of strength', '');
    expect((screen.getByLabelText('Holds a day') as HTMLInputElement).value).toBe(String(AIM_DEFAULTS.holds));
    expect(await stored()).toBeNull();
  });
});
