import { say } from '@/core/languages/spoken';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Build } from '@/core/body';
import type { Block } from '@/core/practice/blocks';
import { lengthenBlock, lockItem, moveBlock } from '@/core/practice/edit';
import type { Reason, reasonsOf } from '@/core/practice/reasons';
import type { SheetRow } from '@/core/practice/sheet';
import type { Warning } from '@/core/practice/warnings';
import { reasonSentences } from '@/core/practice/words';
import { BlockRow } from './BlockRow';
import type { ItemsChange } from './use-edits';

/** What is told of the blocks of a practice. */
interface BlocksTold {
  blocks: readonly Block[];
  rows: readonly SheetRow[];
  reasons: ReturnType<typeof reasonsOf>;
  warnings: readonly Warning[];
}

/** The blocks of a practice in their order: dragged, lengthened, kept, opened. */
export function BlockList({
  chart,
  openId,
  depthOf,
  build,
  breathSeconds,
  onToggle,
  put,
  children,
}: {
  chart: BlocksTold;
  openId: string | null;
  depthOf: (block: Block) => number;
  build: Build;
  breathSeconds: number;
  onToggle: (id: string) => void;
  put: (change: ItemsChange, did: string) => void;
  /** What stands in a block that is open, with the warnings that are its own. */
  children: (block: Block, warnings: readonly Warning[]) => ReactNode;
}) {
  'use memo';
  const { blocks, reasons, warnings } = chart;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const to = blocks.findIndex((b) => b.id === over.id);
    put((now) => moveBlock(now, String(active.id), to), say('Moved.'));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={blocks.map((b) => b.id)} strategy={verticalListSortingStrategy}>
        <Box
          component="ol"
          aria-label={say('Practice items')}
          sx={{ listStyle: 'none', m: 0, p: 0, borderTop: '1px solid var(--line)' }}
        >
          {blocks.map((block, i) => {
            const reason = reasons.get(block.id);
            const own = warnings.filter((w) => w.block === block.id);
            return (
              <BlockRow
                key={block.id}
                block={block}
                way={chart.rows[i].way}
                round={chart.rows[i].round}
                build={build}
                newPhase={i === 0 || blocks[i - 1].phase !== block.phase}
                depth={depthOf(block)}
                why={reason ? inARow(reason) : ''}
                warned={{ count: own.length, caution: own.some((w) => w.kind === 'caution') }}
                open={openId === block.id}
                onOpen={() => onToggle(block.id)}
                onMove={(by) => put((now) => moveBlock(now, block.id, i + by), say('Moved.'))}
                onLength={(by) =>
                  put(
                    (now) => lengthenBlock(now, block.id, by, breathSeconds),
                    by > 0 ? say('A breath longer.') : say('A breath shorter.'),
                  )
                }
                onLock={() =>
                  put(
                    (now) => lockItem(now, block.items[0]),
                    block.items[0].locked
                      ? say('Free again.')
                      : say('Kept: it stays when the practice is built again.'),
                  )
                }
              >
                {children(block, own)}
              </BlockRow>
            );
          })}
        </Box>
      </SortableContext>
    </DndContext>
  );
}

/** What a row tells of why a block is there: the first reason, and why one side stands alone. */
function inARow(reason: Reason): string {
  const all = reasonSentences(reason);
  return reason.alone && all.length > 1 ? `${all[0]} ${all[all.length - 1]}` : all[0];
}
