import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import { LIBRARY, namesOf } from '@/core/poses';
import { finds, nearness } from './text-search';

const poses = (typed: string) => LIBRARY.filter((s) => finds(namesOf(s).join(' '), typed)).map((s) => s.id);

describe('a name is found', () => {
  it.each([
    ['downward-facing dog', 'dog'],
    ['Downward Facing Dog', 'dog'],
    ['down dog', 'dog'],
    ['downwrd dog', 'dog'],
    ['adho mukha', 'dog'],
    ['adho mukha śvānāsana', 'dog'],
    ['warrior I', 'warrior-one'],
    ['warrior 2', 'warrior-two'],
    ['child’s pose', 'childs'],
    ['childs pose', 'childs'],
    ["child's", 'childs'],
    ['balasana', 'childs'],
    ['corpse', 'resting-back'],
    ['shavasana', 'resting-back'],
    ['savasna', 'resting-back'],
    ['lizard', 'wide-lunge'],
    ['lizzard', 'wide-lunge'],
    ['half happy baby', 'happy-baby'],
    ['cow face', 'stacked-knees'],
    ['gomukhasana', 'stacked-knees'],
    ['butterfly', 'bound-soles'],
    ['cobbler', 'bound-soles'],
    ['pigeon', 'pigeon'],
    ['pidgeon', 'pigeon'],
    ['virasana', 'hero'],
    ['dancer', 'standing-bow'],
    ['goddess', 'wide-squat'],
    ['malasana', 'squat'],
    ['clamshell', 'clam'],
    ['ninety ninety', 'deer'],
    ['90/90', 'deer'],
    ['monkey', 'front-split'],
  ])('%s → %s', (typed, id) => {
    expect(poses(typed)).toContain(id);
  });
  it('and not everything else with it', () => {
    for (const typed of ['warrior I', 'lizard', 'goddess', 'butterfly', 'virasana'])
      expect(poses(typed).length).toBeLessThan(12);
    expect(poses('cartwheel')).toEqual([]);
    expect(finds('Cobra', 'cob ra x')).toBe(false);
    expect(finds('Cobra', '?!')).toBe(false);
    expect(finds('Cobra', ' ')).toBe(true);
  });
  it('in any script', () => {
    expect(finds('Łukasz Щука', 'щука')).toBe(true);
    expect(finds('Łukasz Щука', 'окунь')).toBe(false);
    expect(finds('Sedge Kilnbank', 'щука')).toBe(false);
  });
  it('tells what stands there from what is nearly there', () => {
    expect(nearness(['Lizard', 'lizard pose'], 'lizard')).toBe(0);
    expect(nearness(['Garland', 'yogi squat'], 'yogi')).toBe(1);
    expect(nearness(['Garland', 'yogi squat'], 'squat')).toBe(2);
    expect(nearness(['Lizard'], 'lizzard')).toBe(3);
    expect(nearness(['Child’s pose'], 'childs')).toBe(0);
  });
});

describe('names', () => {
  it('are each the name of one shape and one test', () => {
    const titles = LIBRARY.map((s) => s.name);
    expect(new Set(titles).size).toBe(titles.length);
    const clinical = BATTERY.map((t) => t.clinical);
    expect(new Set(clinical).size).toBe(clinical.length);
  });
  it.each([
    ['Thomas', 'modified-thomas'],
    ['Ober', 'ober'],
    ['FABER', 'faber'],
    ['patricks', 'faber'],
    ['Ely', 'prone-knee-bend'],
    ['90/90', 'knee-extension-90-90'],
    ['SLR', 'straight-leg-raise'],
    ['Trendelenburg', 'single-leg-stance'],
    ['sorensen', 'trunk-extension-hold'],
    ['craigs', 'trochanteric-version'],
  ])('the test %s is found as %s', (typed, id) => {
    expect(BATTERY.filter((t) => finds(`${t.name} ${t.clinical}`, typed)).map((t) => t.id)).toContain(id);
  });
});
