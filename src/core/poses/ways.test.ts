import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, shapeById } from './index';
import { inUnits, ownedWords, PROP_SIZES, PROP_SIZES_IMPERIAL, propSizesSchema } from './prop-sizes';
import { SCHOOL_WORDS, schoolCues, SCHOOLS, schoolsSchema, speaksActive, type Schools } from './schools';

describe('props of the sizes at hand', () => {
  it.each([
    ['block', 15, undefined, 'block on its edge, 15 cm'],
    ['block', 10.2, undefined, 'block flat, 10 cm'],
    ['block', 13, undefined, 'block flat and one fold of a blanket, 12.5 cm'],
    ['block', 20, undefined, 'two blocks flat, 20 cm'],
    ['block', 46, undefined, 'two blocks on their ends, 46 cm'],
    ['blanket', 7, undefined, 'a blanket in 3 folds, 7.5 cm'],
    ['bolster', 20, undefined, 'bolster, 20 cm'],
    ['bolster', 8, undefined, 'a blanket in 3 folds in place of the bolster, 7.5 cm'],
    ['strap', null, 130, 'strap of 180 cm (needs 130)'],
    ['strap', null, 239, 'strap of 240 cm'],
    ['strap', null, 300, 'two straps, joined (needs 300 cm)'],
    ['chair', 44, undefined, 'chair'],
    ['wall', null, undefined, 'wall'],
  ] as const)('%s %s', (prop, height, length, words) => expect(ownedWords(prop, height, length)).toBe(words));

  it.each([
    ['block', 15, undefined, 'block on its edge, 6 in'],
    ['block', 13, undefined, 'block flat and one fold of a blanket, 5 in'],
    ['blanket', 7, undefined, 'a blanket in 3 folds, 3 in'],
    ['bolster', 20, undefined, 'bolster, 8 in'],
    ['strap', null, 200, 'strap of 8 ft (needs 6 ft 7 in)'],
    ['strap', null, 243, 'strap of 8 ft'],
    ['strap', null, 320, 'two straps, joined (needs 10 ft 6 in)'],
  ] as const)('in feet and inches: %s %s', (prop, height, length, words) =>
    expect(ownedWords(prop, height, length, PROP_SIZES_IMPERIAL)).toBe(words),
  );
  it('other units change generic sizes to generic ones, and leave her own as they are', () => {
    expect(inUnits(PROP_SIZES, 'imperial')).toEqual(PROP_SIZES_IMPERIAL);
    expect(inUnits(PROP_SIZES_IMPERIAL, 'metric')).toEqual(PROP_SIZES);
    const own = propSizesSchema.parse({ straps: [200] });
    expect(inUnits(own, 'imperial')).toEqual({ ...own, units: 'imperial' });
  });

  it('her own block changes the answer', () => {
    const sizes = propSizesSchema.parse({ block: [7.5, 15, 23] });
    expect(ownedWords('block', 7, undefined, sizes)).toBe('block flat, 7.5 cm');
  });
  it('never misses a height between a fold and two blocks on their ends by more than 2.5 cm, and not without saying what it needs', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 50 }), (height) => {
        const words = ownedWords('block', height, undefined, PROP_SIZES);
        const given = Number(/, ([\d.]+) cm/.exec(words)?.[1]);
        expect(Math.abs(given - height) < 0.75 || words.includes(`needs ${height}`)).toBe(true);
        if (height >= 10) expect(Math.abs(given - height)).toBeLessThanOrEqual(2.5);
      }),
      { seed: 3 },
    );
  });
});

describe('where teachers differ', () => {
  const cues = (id: string, schools: Partial<Schools> = {}) => {
    const shape = shapeById(id);
    if (!shape) throw new Error(`no ${id}`);
    return schoolCues(shape, shape.rungs[0], { ...SCHOOLS, ...schools });
  };
  it('a side changes the words of the shapes it has to do with, and only those', () => {
    expect(cues('triangle', { pelvis: 'square' }).map((c) => c.words)).toContain(
      'Both hip bones look to the side wall.',
    );
    expect(cues('triangle', { pelvis: 'free' }).map((c) => c.words)).not.toContain(
      'Both hip bones look to the side wall.',
    );
    expect(cues('hero', { kneelingKnees: 'together' }).map((c) => c.words)).toContain('Knees together.');
    expect(cues('low-lunge').map((c) => c.about)).toContain('buttocks');
    expect(cues('long-sitting-fold')).toEqual([]);
  });
  it('every side has words, every cue is a sentence, and the defaults are among the sides', () => {
    for (const key of Object.keys(SCHOOL_WORDS) as (keyof Schools)[])
      expect(Object.keys(SCHOOL_WORDS[key].sides)).toContain(SCHOOLS[key]);
    for (const shape of LIBRARY)
      for (const rung of shape.rungs) for (const c of schoolCues(shape, rung)) expect(c.words).toMatch(/^[A-Z].*\.$/);
  });
  it('who sinks does not hear the active cues of a stretch, but those of work', () => {
    const passive = schoolsSchema.parse({ hold: 'passive' });
    expect(speaksActive({ kind: 'stretch' }, passive)).toBe(false);
    expect(speaksActive({ kind: 'strength' }, passive)).toBe(true);
    expect(speaksActive({ kind: 'stretch' }, SCHOOLS)).toBe(true);
  });
});
