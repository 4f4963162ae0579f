import { TYPICAL_BUILD } from '@/core/body';
import { screen } from '@/core/cautions/screen';
import { PROP_SIZES } from '@/core/poses/prop-sizes';
import { SCHOOLS } from '@/core/poses/schools';
import type { Practice, PracticeItem } from '@/core/practice/practice';
import { aim, ranked } from '@/core/practice/practices.fixtures';
import type { HomeResult, HomeReturn } from './code';
import type { HomeBody } from './make-home';

/** A potter's practice and what her phone gives back, for tests. */

export const AIMS = [aim('lengthen', 'hamstrings', 'left', 1), aim('lengthen', 'deep-hip-flexor', 'right', 0.7)];
/** The moment at which she practises. */
export const T0 = Date.UTC(2026, 10, 20, 7, 30);

export const practiceOf = (items: PracticeItem[], more: Partial<Practice> = {}): Practice => ({
  id: 'p1',
  student: 'hazel',
  title: '20 minutes for Hazel',
  minutes: 20,
  items,
  aims: AIMS,
  createdAt: '2026-11-01T09:00:00.000Z',
  updatedAt: '2026-11-01T09:00:00.000Z',
  ...more,
});

export const bodyOf = (practices: Practice[], more: Partial<HomeBody> = {}): HomeBody => ({
  id: 'f1',
  student: { id: 'hazel', name: 'Hazel Kiln', breathSeconds: 6 },
  named: true,
  practices,
  week: [],
  tests: false,
  ranked: ranked(AIMS),
  screening: screen([], '2026-11-20'),
  build: TYPICAL_BUILD,
  sizes: PROP_SIZES,
  schools: SCHOOLS,
  book: {},
  today: '2026-11-20',
  ...more,
});

export const result = (pose: string, side: HomeResult['side'], more: Partial<HomeResult> = {}): HomeResult => ({
  pose,
  rung: 1,
  side,
  plannedSeconds: 60,
  doneSeconds: 60,
  skipped: false,
  ...more,
});

export const returned = (more: Partial<HomeReturn['play']> = {}): HomeReturn => ({
  file: 'f1',
  student: 'hazel',
  play: {
    practice: 'p1',
    startedAt: T0,
    endedAt: T0 + 1_200_000,
    day: '2026-11-20',
    zone: 'Europe/London',
    items: [result('low-lunge', 'left'), result('low-lunge', 'right', { placeFelt: 'front-hip-crease', strength: 4 })],
    readings: [],
    ...more,
  },
});
