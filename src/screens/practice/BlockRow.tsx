'use client';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import SubdirectoryArrowRight from '@mui/icons-material/SubdirectoryArrowRight';
import DragIndicator from '@mui/icons-material/DragIndicator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { SIDE_MARK } from '@/core/body/words';
import { rungOf } from '@/core/poses';
import type { Block } from '@/core/practice/blocks';
import { holdWords, sidesWords, type SheetRow } from '@/core/practice/sheet';
import { setSeconds } from '@/core/practice/timing';
import { phaseWords } from '@/core/practice/words';
import type { Build } from '@/core/body';
import { PoseFigure } from '../poses/PoseFigure';
import { clock } from '@/core/practice/sheet';

/** What a block is called. */
export const blockName = (block: Pick<Block, 'pose' | 'rung'>): string =>
  rungOf(block.pose, block.rung)?.shape.name ?? block.pose;

/** What a block is held as, as a sheet tells it. */
const holdsOf = (block: Block): Pick<SheetRow, 'sides' | 'sets'> => ({
  sets: block.sets,
  sides: block.items.map((i) => ({ side: i.side, breaths: i.breaths, repeats: i.repeats, seconds: setSeconds(i) })),
});

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
  const found = rungOf(block.pose, block.rung);
  const name = blockName(block);
  const holds = holdsOf(block);
  const locked = block.items.some((i) => i.locked);
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
          aria-label={`To ${name}`}
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
          aria-label={`Move ${name}`}
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
        <Box
          component="button"
          type="button"
          aria-expanded={open}
          onClick={onOpen}
          sx={{
            all: 'unset',
            cursor: 'pointer',
            minWidth: 0,
            '&:hover strong': { textDecoration: 'underline' },
            '&:focus-visible': { outline: '2px solid var(--act)', outlineOffset: 2 },
          }}
        >
          <strong>{name}</strong> {holds.sides.map((s) => (s.side === 'both' ? '' : SIDE_MARK[s.side])).join(' ')}{' '}
          {sidesWords({ ...holds, round })}
          {warned.count > 0 && (
            <Box
              component="span"
              sx={{ ml: 1, fontSize: 13, fontWeight: 700, color: warned.caution ? 'var(--caution)' : 'var(--ink)' }}
            >
              {warned.caution ? '▲ caution' : `${warned.count} to look at`}
            </Box>
          )}
          <Typography variant="caption" component="span" sx={{ display: 'block' }}>
            {found?.rung.name ?? 'not in this library'}
            {found && found.rung.props.length > 0 ? ` · ${found.rung.props.join(', ')}` : ''}
          </Typography>
          <Typography variant="caption" component="span" sx={{ display: 'block' }}>
            {why}
          </Typography>
        </Box>
        <Box
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 0.25,
            gridColumn: { xs: '1 / -1', sm: 'auto', md: '1 / -1', lg: 'auto' },
            justifyContent: 'flex-end',
          }}
        >
          <Button
            size="small"
            sx={{ minWidth: 32 }}
            aria-label={`${name} a breath shorter`}
            onClick={() => onLength(-1)}
          >
            −
          </Button>
          <Box className="num" sx={{ textAlign: 'center', minWidth: 118, fontSize: 14 }}>
            {holdWords({ ...holds, round })}
            <br />
            {clock(block.seconds)}
          </Box>
          <Button size="small" sx={{ minWidth: 32 }} aria-label={`${name} a breath longer`} onClick={() => onLength(1)}>
            +
          </Button>
          {/* What settles and what rests is chosen anew each time: there is nothing to keep. */}
          <Box sx={{ width: 64 }}>
            {block.phase !== 'settle' && block.phase !== 'rest' && (
              <Button
                size="small"
                aria-label={`Keep ${name} when building again`}
                aria-pressed={locked}
                variant={locked ? 'contained' : 'text'}
                onClick={onLock}
              >
                {locked ? 'Kept' : 'Keep'}
              </Button>
            )}
          </Box>
        </Box>
      </Box>
      {open && children}
    </Box>
  );
}
