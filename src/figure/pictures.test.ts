import { describe, expect, it } from 'vitest';
import { postureFrom } from '@/core/body';
import { draw } from './draw';
import { Pictures, type Painter } from './pictures';
import type { Detail, Drawing, Scene } from './scene';
import { wordOf } from './word';

const scene = (knee: number): Scene => ({
  posture: postureFrom({ knee_flexion_right: knee }),
  view: { yaw: 0, pitch: 4 },
});
const empty: Drawing = { paints: [], box: { x: 0, y: 0, width: 1, height: 1 }, points: {}, angles: [] };
const never = new Promise<never>(() => undefined);
const told = (p: Pictures, s: Scene, detail: Detail) =>
  new Promise<Drawing | null>((done) => void p.ask(wordOf(s, detail), s, detail, done));

describe('drawings beside the page', () => {
  it('are made once and kept', async () => {
    let made = 0;
    const p = new Pictures(() => ({ draw: () => (made++, Promise.resolve(empty)), gone: never }));
    await told(p, scene(10), 'small');
    expect(p.known(wordOf(scene(10), 'small'))).toBe(empty);
    await told(p, scene(10), 'small');
    expect(made).toBe(1);
  });
  it('are not made when nobody waits any longer, and large ones come first', async () => {
    const asked: string[] = [];
    let free: () => void = () => undefined;
    const painter: Painter = {
      draw: (_, detail) => {
        asked.push(detail);
        return new Promise((done) => (free = () => done(empty)));
      },
      gone: never,
    };
    const p = new Pictures(() => painter);
    const first = told(p, scene(1), 'small');
    const left = p.ask('left', scene(2), 'medium', () => undefined);
    const small = told(p, scene(3), 'small'),
      large = told(p, scene(4), 'large');
    left();
    const turns = async (answer: Promise<unknown>) => {
      free();
      await answer;
    };
    await turns(first);
    await turns(large);
    await turns(small);
    expect(asked).toEqual(['small', 'large', 'small']);
  });
  it('are made by the page where the worker is gone, also the one that was under way', async () => {
    let die: (e: Error) => void = () => undefined;
    const gone = new Promise<never>((_, fail) => (die = fail));
    const p = new Pictures(() => ({ draw: () => never, gone }));
    const waiting = told(p, scene(20), 'moving');
    die(new Error('gone'));
    const here = draw(scene(20), 'moving');
    expect(await waiting).toEqual(here);
    expect(await told(p, scene(20), 'small')).toEqual(draw(scene(20), 'small'));
  });
  it('and by the page where there is none', async () => {
    const p = new Pictures(() => null);
    expect((await told(p, scene(5), 'moving'))?.paints.length).toBeGreaterThan(3);
  });
});

it('the word of a scene differs by all that is drawn and by nothing else', () => {
  const s = scene(30);
  expect(wordOf({ ...s }, 'small')).toBe(wordOf(s, 'small'));
  const others: Scene[] = [
    scene(31),
    { ...s, view: { yaw: 5, pitch: 4 } },
    { ...s, shown: 'bones' },
    { ...s, tints: [{ structure: 'psoas', side: 'left', fill: '#000' }] },
    { ...s, ground: false },
    { ...s, props: [{ kind: 'block', at: 'heel_left' }] },
  ];
  expect(new Set([s, ...others].map((x) => wordOf(x, 'small'))).size).toBe(others.length + 1);
  expect(wordOf(s, 'large')).not.toBe(wordOf(s, 'small'));
});
