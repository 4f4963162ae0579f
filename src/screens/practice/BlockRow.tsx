'use client';
import { say } from '@/core/languages/spoken';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import SubdirectoryArrowRight from '@mui/icons-material/SubdirectoryArrowRight';
import DragIndicator from '@mui/icons-material/DragIndicator';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Block } from '@/core/practice/blocks';
import { clock, type SheetRow } from '@/core/practice/sheet';
import { phaseWords } from '@/core/practice/words';
import type { Build } from '@/core/body';
import { PoseFigure } from '../poses/PoseFigure';
import { blockName } from './block-name';
import { BlockLength, BlockTitle } from './BlockParts';

/** One block of the time line. Its handle drags by pointer and keyboard; Alt+arrows move it too; its name opens it. */
export function BlockRow({
  block,
  way,
  round,
  newPhase,
  depth,
  build,
  why,
  warned,
  open,
  onOpen,
  onMove,
  onLength,
  onLock,
  children,
}: {
  block: Block;
  /** How one comes to it from what is before it, and its place in a round. */
  way: string;
  round: SheetRow['round'];
  newPhase: boolean;
  depth: number;
  build: Build;
  /** The first of its reasons. */
  why: string;
  /** How many rules it breaks, and whether one of them is a caution. */
  warned: { count: number; caution: boolean };
  open: boolean;
  onOpen: () => void;
  onMove: (by: number) => void;
  onLength: (by: number) => void;
  onLock: () => void;
  /** What stands below it while it is open. */
  children?: ReactNode;
}) {
  'use memo';
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({ id: block.id });
  const name = blockName(block);
  return (
    <Box
      component="li"
      ref={setNodeRef}
      data-block={block.id}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      onKeyDown={(e) => {
        if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
          e.preventDefault();
          onMove(e.key === 'ArrowUp' ? -1 : 1);
        }
      }}
      sx={{
        borderBottom: '1px solid var(--line)',
        bgcolor: isDragging || open ? 'var(--act-pale)' : 'var(--surface)',
        position: 'relative',
        zIndex: isDragging ? 1 : undefined,
      }}
    >
      {newPhase && (
        <Typography
          variant="caption"
          component="p"
          sx={{
            bgcolor: 'var(--paper)',
            px: 1,
            pt: 0.75,
            fontWeight: 700,
            '&::first-letter': { textTransform: 'uppercase' },
          }}
        >
          {phaseWords(block.phase)}
        </Typography>
      )}
      {way && (
        <Typography
          variant="caption"
          component="p"
          aria-label={say('To {{name}}', { name })}
          sx={{ display: 'flex', alignItems: 'center', gap: 0.5, px: 1, pt: 0.5, color: 'var(--ink-2)' }}
        >
          <SubdirectoryArrowRight sx={{ fontSize: 16 }} aria-hidden />
          {way}
        </Typography>
      )}
      <Box
        sx={{
          display: 'grid',
          borderLeft: round ? '3px solid var(--act)' : '3px solid transparent',
          gridTemplateColumns: {
            xs: '24px 44px 76px 1fr',
            sm: '24px 48px 96px 1fr auto',
            md: '24px 44px 84px 1fr',
            lg: '24px 48px 96px 1fr auto',
          },
          gap: 1,
          alignItems: 'center',
          px: 0.75,
          py: 0.5,
        }}
      >
        <Box
          component="button"
          type="button"
          aria-label={say('Move {{name}}', { name })}
          {...attributes}
          {...listeners}
          sx={{
            all: 'unset',
            cursor: 'grab',
            display: 'flex',
            touchAction: 'none',
            '&:focus-visible': { outline: '2px solid var(--act)' },
          }}
        >
          <DragIndicator fontSize="small" />
        </Box>
        <Box className="num" sx={{ fontSize: 15, textAlign: 'right' }}>
          {clock(block.at)}
        </Box>
        <PoseFigure
          pose={block.pose}
          rung={block.rung}
          side={block.items[0].side}
          depth={depth}
          build={build}
          height={62}
          muscles={false}
        />
        <BlockTitle block={block} round={round} why={why} warned={warned} open={open} onOpen={onOpen} />
        <BlockLength block={block} round={round} onLength={onLength} onLock={onLock} />
      </Box>
      {open && children}
    </Box>
  );
}
