import { z } from 'zod';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import { feetWords, halfInches, UNIT_SYSTEMS } from '@/core/units';
import type { PropId } from './format';

/** Key under which a studio keeps them among its settings. */
export const PROPS_SETTING = 'school/props';

/** Sizes of the props that are at hand, centimetres; generic sizes until the teacher enters her own. */
export const propSizesSchema = z.object({
  /** The three heights of a block: flat, on its edge, on its end. */
  block: z
    .tuple([z.number().min(2).max(40), z.number().min(2).max(40), z.number().min(2).max(40)])
    .default([10, 15, 23]),
  /** One fold of a firm blanket. */
  fold: z.number().min(0.5).max(10).default(2.5),
  /** Height of a bolster with somebody on it. */
  bolster: z.number().min(5).max(40).default(20),
  /** Lengths of the straps. */
  straps: z.array(z.number().min(50).max(500)).min(1).max(6).default([180, 240]),
  /** In which units props, and bodies, are told and asked; kept are always centimetres and kilograms. */
  units: z.enum(UNIT_SYSTEMS).default('metric'),
});
export type PropSizes = z.infer<typeof propSizesSchema>;
export const PROP_SIZES: PropSizes = propSizesSchema.parse({});
/**
 * Generic sizes where feet and inches are used: blocks of 4, 6 and 9 inches, a bolster of 8, straps of 6, 8 and 10
 * feet.
 */
export const PROP_SIZES_IMPERIAL: PropSizes = propSizesSchema.parse({
  block: [10.16, 15.24, 22.86],
  fold: 2.54,
  bolster: 20.32,
  straps: [182.9, 243.8, 304.8],
  units: 'imperial',
});

/** Sizes told in other units; generic ones become the generic ones of these units. */
export function inUnits(sizes: PropSizes, units: PropSizes['units']): PropSizes {
  const generic = sizes.units === 'metric' ? PROP_SIZES : PROP_SIZES_IMPERIAL;
  const own = JSON.stringify({ ...sizes, units }) !== JSON.stringify({ ...generic, units });
  return own ? { ...sizes, units } : units === 'metric' ? PROP_SIZES : PROP_SIZES_IMPERIAL;
}

const LYING = ['flat', 'on its edge', 'on its end'] as const;
/** Folds of blanket that lie steadily on something. */
const FOLDS_ON_TOP = 3;
const MOST_FOLDS = 8;
/** Another piece must bring this much more, centimetres. */
const PIECE = 0.8;
/** A further fold is a small part of a piece. */
const FOLD = 0.2;

interface Pile {
  words: string;
  /** More cannot be laid on it. */
  folded?: true;
  height: number;
  pieces: number;
}

/** A strap that is this little longer than needed is just as long, centimetres. */
const AS_LONG = 3;

/** A strap that is long enough, in words. */
function strapWords(prop: PropId, length_cm: number, sizes: PropSizes, say: Say): string {
  const fits = [...sizes.straps].sort((a, b) => a - b).find((l) => l >= length_cm);
  const exact = fits !== undefined && fits - length_cm < AS_LONG;
  if (sizes.units === 'imperial') {
    const found = { prop: say(prop), length: feetWords(fits ?? 0), needed: feetWords(length_cm, true) };
    if (fits === undefined) return say('two straps, joined (needs {{needed}})', found);
    return exact ? say('{{prop}} of {{length}}', found) : say('{{prop}} of {{length}} (needs {{needed}})', found);
  }
  const found = { prop: say(prop), length: fits ?? 0, needed: length_cm };
  if (fits === undefined) return say('two straps, joined (needs {{needed}} cm)', found);
  return exact ? say('{{prop}} of {{length}} cm', found) : say('{{prop}} of {{length}} cm (needs {{needed}})', found);
}

/** A pile with its height, and the height that is needed where that is another, in words. */
function pileWords(pile: Pile, height_cm: number, { units }: PropSizes, say: Say): string {
  const exact = Math.abs(pile.height - height_cm) < 0.75;
  if (units === 'imperial') {
    const found = { pile: pile.words, height: halfInches(pile.height), needed: halfInches(height_cm) };
    return exact || found.height === found.needed
      ? say('{{pile}}, {{height}} in', found)
      : say('{{pile}}, {{height}} in (needs {{needed}})', found);
  }
  const found = { pile: pile.words, height: Math.round(pile.height * 10) / 10, needed: Math.round(height_cm) };
  return exact ? say('{{pile}}, {{height}} cm', found) : say('{{pile}}, {{height}} cm (needs {{needed}})', found);
}

/** What of her props comes nearest to a height or a length, in words: "block on its edge, 15 cm (needs 13)". */
export function ownedWords(
  prop: PropId,
  height_cm: number | null,
  length_cm: number | undefined,
  sizes: PropSizes = PROP_SIZES,
  say: Say = spoken,
): string {
  const folds = (count: number): string => say('a blanket in {{count}} folds', { count });
  if (length_cm !== undefined) return strapWords(prop, length_cm, sizes, say);
  if (height_cm === null || prop === 'chair' || prop === 'wall' || prop === 'post' || prop === 'strap')
    return say(prop);
  const bases: Pile[] =
    prop === 'block'
      ? [
          ...sizes.block.map((height, i) => ({ words: say(`block ${LYING[i]}`), height, pieces: 1 })),
          { words: say('two blocks flat'), height: 2 * sizes.block[0], pieces: 2 },
          { words: say('two blocks on their edges'), height: 2 * sizes.block[1], pieces: 2 },
          { words: say('block flat on one on its end'), height: sizes.block[0] + sizes.block[2], pieces: 2 },
          { words: say('block on its edge on one on its end'), height: sizes.block[1] + sizes.block[2], pieces: 2 },
          { words: say('two blocks on their ends'), height: 2 * sizes.block[2], pieces: 2 },
        ]
      : prop === 'bolster'
        ? [
            { words: say('bolster'), height: sizes.bolster, pieces: 1 },
            { words: say('bolster on a block'), height: sizes.bolster + sizes.block[0], pieces: 2 },
            ...Array.from({ length: MOST_FOLDS }, (_, i) => ({
              words: say('{{folds}} in place of the bolster', { folds: folds(i + 1) }),
              height: (i + 1) * sizes.fold,
              pieces: 1,
              folded: true as const,
            })),
          ]
        : Array.from({ length: MOST_FOLDS }, (_, i) => ({
            words: folds(i + 1),
            height: (i + 1) * sizes.fold,
            pieces: 1,
            folded: true as const,
          }));
  const piles = bases.flatMap((base): Pile[] =>
    base.folded
      ? [base]
      : [
          base,
          ...Array.from({ length: FOLDS_ON_TOP }, (_, i) => ({
            words: say('{{pile}} and {{folds}}', { pile: base.words, folds: folds(i + 1) }),
            height: base.height + (i + 1) * sizes.fold,
            pieces: base.pieces + 1 + FOLD * i,
          })),
        ],
  );
  const off = (p: Pile) => Math.abs(p.height - height_cm) + PIECE * p.pieces;
  const best = piles.reduce((a, b) => (off(b) < off(a) ? b : a));
  return pileWords(best, height_cm, sizes, say);
}
