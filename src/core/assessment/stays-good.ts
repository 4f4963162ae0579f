import { shapeById, type Shape } from '@/core/poses';
import kept from './data/stays-good.json';

const GOOD: Readonly<Record<string, readonly string[]>> = kept;

/**
 * Shapes that stay good under a caution alone, a few of each position; worked out beforehand (`npm run derived
 * cautions`).
 */
export const goodUnder = (caution: string): Shape[] =>
  (GOOD[caution] ?? []).flatMap((id) => {
    const shape = shapeById(id);
    return shape ? [shape] : [];
  });
