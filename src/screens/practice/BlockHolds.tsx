import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import { SIDE_MARK } from '@/core/body/words';
import { rungOf } from '@/core/poses';
import type { Block } from '@/core/practice/blocks';
import { lengthenItem, mirrorBlock, removeBlock, repeatBlock, setsBlock } from '@/core/practice/edit';
import type { PracticeItem } from '@/core/practice/practice';
import { makeRound, roundFromBlock, takeRoundApart } from '@/core/practice/rounds';
import { MOST_SETS } from '@/core/practice/taught-order';
import { blockName } from './block-name';
import { Stepper } from './Stepper';
import type { ItemsChange } from './use-edits';
import { plural } from '@/core/plural';

/** How often a block is gone through, or its round. */
const setsWords = ({ sets, round }: Block): string =>
  round === undefined
    ? sets === 1
      ? '1 set'
      : say('{{count}} sets', { count: sets })
    : sets === 1
      ? say('round once')
      : say('round {{count}} times', { count: sets });

/** How long and how often each side of a block is held, which comes first, and its rounds. */
export function BlockHolds({
  block,
  items,
  breathSeconds,
  save,
}: {
  block: Block;
  items: readonly PracticeItem[];
  breathSeconds: number;
  save: (change: ItemsChange, did: string) => void;
}) {
  'use memo';
  const name = blockName(block);
  const [first] = block.items;
  const round = roundFromBlock(items, block.id);
  return (
    <>
      {block.items.map((item) => (
        <Stepper
          key={item.id}
          less={say('{{side}}: a breath shorter', { side: say(item.side) })}
          more={say('{{side}}: a breath longer', { side: say(item.side) })}
          step={(by) =>
            save(
              (now) => lengthenItem(now, item.id, by, breathSeconds),
              `A breath ${by < 0 ? say('shorter') : say('longer')} on one side.`,
            )
          }
        >
          {SIDE_MARK[item.side]} {item.side === 'both' ? '' : item.side} {item.breaths} {plural(item.breaths, 'breath')}
        </Stepper>
      ))}
      {rungOf(block.pose, block.rung)?.rung.kind !== 'rest' && (
        <>
          <Stepper
            less={say('Once less')}
            more={say('Once more')}
            step={(by) => save((now) => repeatBlock(now, block.id, by), by < 0 ? 'Once less.' : 'Once more.')}
          >
            {first.repeats === 1 ? say('once') : say('{{count}} times', { count: first.repeats })}
          </Stepper>
          <Stepper
            less={say('One set less')}
            more={say('One set more')}
            least={block.sets === 1}
            most={block.sets === MOST_SETS}
            step={(by) => save((now) => setsBlock(now, block.id, by), by < 0 ? 'One set less.' : 'One set more.')}
          >
            {setsWords(block)}
          </Stepper>
        </>
      )}
      {first.side !== 'both' && (
        <Button size="small" onClick={() => save((now) => mirrorBlock(now, block.id), say('The other side first.'))}>
          {block.items.length > 1 ? say('Other side first') : say('The other side instead')}
        </Button>
      )}
      {block.round !== undefined && (
        <Button size="small" onClick={() => save((now) => takeRoundApart(now, block.id), say('Pose by pose again.'))}>
          {say('Pose by pose, no round')}
        </Button>
      )}
      {round > 1 && (
        <Button
          size="small"
          onClick={() => save((now) => makeRound(now, block.id), say('A round of {{count}} poses.', { count: round }))}
        >
          {say('Make a round of {{count}}', { count: round })}
        </Button>
      )}
      <Button
        size="small"
        aria-label={say('Remove {{name}}', { name })}
        onClick={() => save((now) => removeBlock(now, block.id), say('{{name}} is removed.', { name }))}
      >
        {say('Remove')}
      </Button>
    </>
  );
}
