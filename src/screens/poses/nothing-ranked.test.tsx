// @vitest-environment happy-dom
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Aim } from '@/core/students/student';
import { inStudio } from '../shell/test-studio';
import { NothingRanked } from './NothingRanked';

const aim = (kind: Aim['kind']): Aim => ({ kind, group: 'hamstrings', side: 'left', weight: 0.5 });
const shown = (aims: readonly Aim[], named = false) =>
  inStudio(<NothingRanked aims={aims} student="s" named={named} />).container.textContent;
afterEach(cleanup);

describe('where no pose stands', () => {
  it('something to leave alone leads back to what is open', () => {
    expect(shown([aim('leave')])).toContain('only something to leave alone: hamstrings left');
    expect(screen.getByRole('link', { name: 'Findings' }).getAttribute('href')).toContain('step=findings');
  });
  it('choices are to be cleared where there is something to serve', () =>
    expect(shown([aim('leave'), aim('lengthen')])).toContain('Clear a choice'));
  it('a name that nothing has is a name', () =>
    expect(shown([aim('leave')], true)).toContain('No pose is called that'));
});
