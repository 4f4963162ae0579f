// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { NumberField } from './NumberField';

afterEach(cleanup);
const shown = (how: { when?: 'typing' | 'leaving'; whole?: boolean } = {}) => {
  const put = vi.fn<(value: number) => void>();
  const Held = () => {
    const [value, setValue] = useState(30);
    return (
      <NumberField
        label="Hold"
        help="seconds"
        value={value}
        least={5}
        most={300}
        {...how}
        onPut={(v) => {
          put(v);
          setValue(v);
        }}
      />
    );
  };
  render(<Held />);
  const field = screen.getByLabelText<HTMLInputElement>('Hold');
  return { put, field, type: (value: string) => fireEvent.change(field, { target: { value } }) };
};

it('takes a comma, and answers what is wrong with what it may be while the old number stays', () => {
  const { put, field, type } = shown();
  type('37,5');
  expect(put.mock.calls).toEqual([[37.5]]);
  for (const wrong of ['4', '301', 'long', '1e999']) {
    type(wrong);
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByText('5 to 300')).toBeTruthy();
  }
  // Nothing typed yet is not wrong.
  for (const begun of ['', '-', '−']) {
    type(begun);
    expect(field.getAttribute('aria-invalid')).toBe('false');
  }
  fireEvent.blur(field);
  expect([field.value, put.mock.calls.length]).toEqual(['37.5', 1]);
});
it('asked for once it is left, puts nothing before, and nothing that was not changed', () => {
  const { put, field, type } = shown({ when: 'leaving', whole: true });
  type('4');
  type('45');
  expect(put).not.toHaveBeenCalled();
  fireEvent.blur(field);
  expect(put.mock.calls).toEqual([[45]]);
  type('45.5');
  expect(screen.getByText('A whole number, please')).toBeTruthy();
  fireEvent.blur(field);
  type('45');
  fireEvent.blur(field);
  expect([field.value, put.mock.calls.length]).toEqual(['45', 1]);
});
