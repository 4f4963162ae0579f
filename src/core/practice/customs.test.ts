import { describe, expect, it } from 'vitest';
import { rungOf } from '@/core/poses';
import { CUSTOMS, customsBroken, type Custom } from './customs-kept';
import type { PracticeItem } from './practice';
import { AIMS, build, POSES } from './practices.fixtures';
import { requestOf, type PracticeRequest } from './request';
import { someOf } from '@/core/how-much.fixtures';

const broken = (items: readonly PracticeItem[], request: PracticeRequest): Custom[] =>
  customsBroken(items, POSES, AIMS, request);
const item = (
  pose: string,
  rung: number,
  phase: PracticeItem['phase'],
  seconds: number,
  side: PracticeItem['side'] = 'both',
) =>
  ({
    id: `${pose}-${rung}-${side}-${phase}`,
    pose,
    rung,
    side,
    phase,
    holdSeconds: seconds,
    breaths: seconds / 6,
    repeats: 1,
    because: [],
    note: '',
  }) as unknown as PracticeItem;
const both = (pose: string, rung: number, phase: PracticeItem['phase'], seconds: number) => [
  item(pose, rung, phase, seconds, 'right'),
  item(pose, rung, phase, seconds, 'left'),
];

describe('customs of teachers', () => {
  const ASKED = [
    ['build', 15],
    ['build', 20],
    ['flow', 45],
    ['build', 45],
    ['quiet', 45],
    ['flow', 30],
    ['strength', 45],
    ['build', 30],
    ['build', 60],
  ] as const;
  it.each(someOf(ASKED, 5))('are kept by what is built: %s, %i minutes', async (style, minutes) => {
    const { items } = await build(minutes, { style });
    expect(broken(items, requestOf({ minutes, style }))).toEqual([]);
  });
  it('stay in each shape once where it is quiet, in one rung of it', async () => {
    const { items } = await build(45, { style: 'quiet' });
    const rungs = [...new Set(items.filter((i) => i.phase !== 'settle').map((i) => `${i.pose}/${i.rung}`))];
    const shapes = rungs.map((key) => key.split('/')[0]);
    expect(shapes).toEqual([...new Set(shapes)]);
  });
  it('go no further down than the chair that was wished for', async () => {
    const { items } = await build(30, { place: 'chair' });
    for (const { pose, rung } of items) {
      const own = rungOf(pose, rung)?.rung;
      const down = own?.contacts.filter((c) => c.on === 'floor' && /^(wrist|elbow|knee)/.test(c.point)) ?? [];
      expect(down, `${pose}/${rung}`).toEqual([]);
    }
  });
  it('end on the feet, standing still, where nothing but standing was wished for', async () => {
    const { items } = await build(20, { place: 'standing' });
    expect(items.at(-1)).toMatchObject({ pose: 'mountain', phase: 'rest' });
    expect(items.at(-1)?.holdSeconds).toBeGreaterThanOrEqual(60);
  });
  it('are kept on a chair and standing too', async () => {
    for (const place of ['chair', 'standing'] as const) {
      const { items } = await build(20, { place });
      expect(broken(items, requestOf({ minutes: 20, place }))).toEqual([]);
    }
  });

  const half = requestOf({ minutes: 30 });
  const rows: readonly [Custom, readonly PracticeItem[]][] = [
    ['rest-share', [item('bridge', 1, 'approach', 60), item('resting-back', 2, 'rest', 600)]],
    ['rest-last', [item('resting-back', 2, 'rest', 120), item('bridge', 1, 'approach', 60)]],
    [
      'pauses',
      [
        item('childs', 2, 'counter', 60),
        item('bridge', 1, 'approach', 60),
        item('childs', 2, 'counter', 60),
        item('bridge', 2, 'approach', 60),
        item('childs', 2, 'counter', 60),
      ],
    ],
    ['woken', [...both('pigeon', 2, 'deepest', 90), item('resting-back', 2, 'rest', 120)]],
    ['moved-first', [...both('strap-leg-raise', 1, 'approach', 120), ...both('windscreen-knees', 1, 'approach', 60)]],
    ['moving', [...both('pigeon', 1, 'deepest', 90), item('resting-back', 2, 'rest', 120)]],
    ['neutral', [...both('pigeon', 1, 'deepest', 90), item('resting-back', 2, 'rest', 120)]],
    ['milder-first', [...both('low-lunge', 2, 'deepest', 60), ...both('low-lunge', 1, 'deepest', 60)]],
    [
      'two-rungs',
      [
        ...both('shin-up-lunge', 1, 'approach', 60),
        ...both('shin-up-lunge', 2, 'deepest', 60),
        ...both('shin-up-lunge', 3, 'deepest', 60),
      ],
    ],
    ['prepared', [...both('pigeon', 2, 'deepest', 90)]],
    ['demanding-prepared', [...both('wide-lunge', 3, 'deepest', 60)]],
    ['demanding-needed', [...both('inner-thigh-plank', 2, 'approach', 12)]],
    ['rounded', [item('up-dog', 2, 'approach', 24)]],
    [
      'rounded-soon',
      [
        item('up-dog', 2, 'approach', 24),
        ...both('half-frog', 1, 'approach', 60),
        ...both('low-lunge', 1, 'deepest', 60),
        ...both('gate', 1, 'deepest', 40),
        ...both('staff', 1, 'deepest', 40),
      ],
    ],
    [
      'journeys',
      [
        item('bridge', 1, 'approach', 60),
        item('chair-pose', 1, 'approach', 30),
        item('bridge', 2, 'approach', 60),
        item('chair-pose', 2, 'approach', 30),
        ...both('knee-to-chest', 1, 'counter', 60),
      ],
    ],
    [
      'stood-once',
      [item('chair-pose', 1, 'approach', 30), item('bridge', 2, 'approach', 60), item('chair-pose', 2, 'approach', 30)],
    ],
    ['once-for-both', both('calf-raise', 1, 'approach', 60)],
    ['unserving', [...both('wall-calf-stretch', 1, 'approach', 240)]],
    ['drills', [...both('hip-hike', 1, 'approach', 60), ...both('clam', 1, 'approach', 60)]],
    ['chair', [...both('chair-figure-four', 1, 'approach', 60), ...both('chair-knee-hug', 1, 'approach', 40)]],
    ['minutes', [item('bridge', 1, 'approach', 60)]],
  ];
  it.each(rows)('%s is seen when it is not kept', (custom, items) => expect(broken(items, half)).toContain(custom));
  it('a quiet hour has neither work nor standing, a flow no long hold and no row of drills at its end, an hour not thirty shapes', () => {
    expect(broken([item('chair-pose', 1, 'approach', 30)], requestOf({ minutes: 30, style: 'quiet' }))).toContain(
      'quiet',
    );
    expect(broken(both('pigeon', 1, 'deepest', 120), requestOf({ minutes: 30, style: 'flow' }))).toContain(
      'flow-short',
    );
    const drills = ['clam', 'side-lift', 'thigh-hold'].flatMap((pose) => both(pose, 1, 'deepest', 30));
    expect(broken(drills, requestOf({ minutes: 45, style: 'flow' }))).toContain('flow-ends');
    expect(broken(drills.slice(0, 4), requestOf({ minutes: 45, style: 'flow' }))).not.toContain('flow-ends');
    const many = Array.from({ length: 20 }, (_, k) =>
      item(k % 2 ? 'bridge' : 'chair-pose', 1 + (k % 2), 'approach', 30),
    );
    expect(broken(many, requestOf({ minutes: 20 }))).toContain('number');
    expect(
      broken(Array.from({ length: 12 }, () => both('low-lunge', 1, 'deepest', 120)).flat(), requestOf({ minutes: 60 })),
    ).toContain('dose');
  });
  it('each has a case here', () => {
    const told = new Set<Custom>([...rows.map(([c]) => c), 'quiet', 'flow-short', 'flow-ends', 'number', 'dose']);
    for (const c of CUSTOMS) expect(told.has(c), c).toBe(true);
    for (const [, items] of rows)
      for (const i of items) expect(rungOf(i.pose, i.rung), `${i.pose}/${i.rung}`).not.toBeNull();
  });
});
