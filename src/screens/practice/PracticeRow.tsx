'use client';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import DragIndicator from '@mui/icons-material/DragIndicator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { AIM_WORDS } from '@/core/aims/words';
import { groupName, SIDE_MARK } from '@/core/body/words';
import { rungOf } from '@/core/poses';
import type { PracticeItem } from '@/core/practice/practice';
import { PoseFigure } from '../poses/PoseFigure';

interface PracticeRowProps {
  item: PracticeItem;
  newPhase: boolean;
  depth: number;
  onMove: (by: number) => void;
  onLength: (by: number) => void;
  onRemove: () => void;
  onSwap: () => void;
  onLock: () => void;
}

const because = (key: string): string => {
  const [kind, group, side] = key.split(':');
  const word = kind === 'strengthen' ? AIM_WORDS.strengthen : AIM_WORDS.lengthen;
  return `${word.toLowerCase()} ${groupName(group ?? '')} ${side}`;
};

/** One item of a practice. Its handle drags by pointer and keyboard; Alt+arrows move it too. */
export function PracticeRow({ item, newPhase, depth, onMove, onLength, onRemove, onSwap, onLock }: PracticeRowProps) {
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({ id: item.id });
  const found = rungOf(item.pose, item.rung);
  const name = `${found?.shape.name ?? item.pose}${item.side === 'both' ? '' : `, ${item.side}`}`;
  return (
    <Box
      component="li"
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      onKeyDown={(e) => {
        if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
          e.preventDefault();
          onMove(e.key === 'ArrowUp' ? -1 : 1);
        }
      }}
      sx={{
        borderBottom: '1px solid var(--line)',
        bgcolor: isDragging ? 'var(--act-pale)' : 'var(--surface)',
        position: 'relative',
        zIndex: isDragging ? 1 : undefined,
      }}
    >
      {newPhase && (
        <Typography
          variant="caption"
          component="p"
          sx={{ bgcolor: 'var(--paper)', px: 1, pt: 0.75, textTransform: 'capitalize', fontWeight: 700 }}
        >
          {item.phase}
        </Typography>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '28px 64px 1fr', lg: '28px 84px 1fr auto' },
          gap: 1,
          alignItems: 'center',
          p: 0.75,
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
        <PoseFigure pose={item.pose} rung={item.rung} side={item.side} depth={depth} height={54} muscles={false} />
        <Box sx={{ minWidth: 0 }}>
          <Typography sx={{ fontWeight: 600 }}>
            {found?.shape.name} {item.side === 'both' ? '' : `${SIDE_MARK[item.side]} ${item.side}`}
          </Typography>
          <Typography variant="caption" component="p">
            {found?.rung.name}
            {found && found.rung.props.length > 0 ? ` · ${found.rung.props.join(', ')}` : ''}
          </Typography>
          {item.because.length > 0 && (
            <Typography variant="caption" component="p">
              for: {item.because.slice(0, 2).map(because).join('; ')}
              {item.because.length > 2 ? ` and ${item.because.length - 2} more` : ''}
            </Typography>
          )}
        </Box>
        <Box
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            alignItems: 'center',
            gap: 0.25,
            gridColumn: { xs: '1 / -1', lg: 'auto' },
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
          <Box className="num" sx={{ textAlign: 'center', minWidth: 92, fontSize: 14 }}>
            {item.breaths} breaths
            {item.repeats > 1 ? ` × ${item.repeats}` : ''}
            <br />
            {item.holdSeconds * item.repeats} s
          </Box>
          <Button size="small" sx={{ minWidth: 32 }} aria-label={`${name} a breath longer`} onClick={() => onLength(1)}>
            +
          </Button>
          {/* What settles and what rests is chosen anew each time: there is nothing to keep. */}
          {item.phase !== 'settle' && item.phase !== 'rest' && (
            <Button
              size="small"
              aria-label={`Keep ${name} when building again`}
              aria-pressed={item.locked === true}
              variant={item.locked ? 'contained' : 'text'}
              onClick={onLock}
            >
              {item.locked ? 'Kept' : 'Keep'}
            </Button>
          )}
          <Button size="small" aria-label={`Swap ${name}`} onClick={onSwap}>
            Swap
          </Button>
          <Button size="small" aria-label={`Remove ${name}`} onClick={onRemove}>
            Remove
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
