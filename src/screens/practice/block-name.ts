import { say } from '@/core/languages/spoken';
import { rungOf } from '@/core/poses';
import type { Block } from '@/core/practice/blocks';

/** What a block is called. */
export const blockName = (block: Pick<Block, 'pose' | 'rung'>): string =>
  say(rungOf(block.pose, block.rung)?.shape.name ?? block.pose);
