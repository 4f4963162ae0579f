import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { SIDE_MARK } from '@/core/body/words';
import { rungOf } from '@/core/poses';
import type { Block } from '@/core/practice/blocks';
import { clock, holdWords, sidesWords, type SheetRow } from '@/core/practice/sheet';
import { setSeconds } from '@/core/practice/timing';
import { blockName } from './block-name';

/** What a block is held as, as a sheet tells it. */
const holdsOf = (block: Block): Pick<SheetRow, 'sides' | 'sets'> => ({
  sets: block.sets,
  sides: block.items.map((i) => ({ side: i.side, breaths: i.breaths, repeats: i.repeats, seconds: setSeconds(i) })),
});

/** Name, sides, rung and reason of a block; opens it. */
export function BlockTitle({
  block,
  round,
  why,
  warned,
  open,
  onOpen,
}: {
  block: Block;
  round: SheetRow['round'];
  why: string;
  warned: { count: number; caution: boolean };
  open: boolean;
  onOpen: () => void;
}) {
  'use memo';
  const found = rungOf(block.pose, block.rung);
  const holds = holdsOf(block);
  return (
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
      <strong>{blockName(block)}</strong>{' '}
      {holds.sides.map((s) => (s.side === 'both' ? '' : SIDE_MARK[s.side])).join(' ')} {sidesWords({ ...holds, round })}
      {warned.count > 0 && (
        <Box
          component="span"
          sx={{ ml: 1, fontSize: 13, fontWeight: 700, color: warned.caution ? 'var(--caution)' : 'var(--ink)' }}
        >
          {warned.caution ? say('▲ caution') : say('{{count}} to look at', { count: warned.count })}
        </Box>
      )}
      <Typography variant="caption" component="span" sx={{ display: 'block' }}>
        {say(found?.rung.name ?? 'not in this library')}
        {found && found.rung.props.length > 0 ? ` · ${found.rung.props.map((p) => say(p)).join(', ')}` : ''}
      </Typography>
      <Typography variant="caption" component="span" sx={{ display: 'block' }}>
        {why}
      </Typography>
    </Box>
  );
}

/** How long a block is held, a breath more or less, and whether it stays when the practice is built again. */
export function BlockLength({
  block,
  round,
  onLength,
  onLock,
}: {
  block: Block;
  round: SheetRow['round'];
  onLength: (by: number) => void;
  onLock: () => void;
}) {
  'use memo';
  const name = blockName(block);
  const holds = holdsOf(block);
  const locked = block.items.some((i) => i.locked);
  return (
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
        aria-label={say('{{name}} a breath shorter', { name })}
        onClick={() => onLength(-1)}
      >
        −
      </Button>
      <Box className="num" sx={{ textAlign: 'center', minWidth: 118, fontSize: 14 }}>
        {holdWords({ ...holds, round })}
        <br />
        {clock(block.seconds)}
      </Box>
      <Button
        size="small"
        sx={{ minWidth: 32 }}
        aria-label={say('{{name}} a breath longer', { name })}
        onClick={() => onLength(1)}
      >
        +
      </Button>
      {/* What settles and what rests is chosen anew each time: there is nothing to keep. */}
      <Box sx={{ width: 64 }}>
        {block.phase !== 'settle' && block.phase !== 'rest' && (
          <Button
            size="small"
            aria-label={say('Keep {{name}} when building again', { name })}
            aria-pressed={locked}
            variant={locked ? 'contained' : 'text'}
            onClick={onLock}
          >
            {locked ? say('Kept') : say('Keep')}
          </Button>
        )}
      </Box>
    </Box>
  );
}
