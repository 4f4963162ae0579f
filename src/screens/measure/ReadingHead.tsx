import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { SIDE_MARK } from '@/core/body/words';
import type { ShutSide } from '@/core/assessment/locks';
import type { TestDefinition, Variant } from '@/core/assessment/definition';
import type { ReadingSide } from '@/core/assessment/reading';

/** Which test of which side, and how it is done. */
export function ReadingHead({
  test,
  side,
  variant,
  shut,
  onSide,
}: {
  test: TestDefinition;
  side: ReadingSide;
  /** The way it is done, where not the usual one. */
  variant?: Variant;
  /** Sides that a caution shuts. */
  shut: readonly ShutSide[];
  onSide: (side: ReadingSide) => void;
}) {
  'use memo';
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Typography variant="h1" sx={{ flex: 1, fontSize: 20 }}>
          {say(test.name)}
          {side !== 'both' && ` · ${say(side)} ${SIDE_MARK[side]}`}
          {variant && ` · ${say(variant.name)}`}
          {test.clinical !== test.name && (
            <Typography component="span" sx={{ display: 'block', color: 'var(--ink-2)', lineHeight: 1.2 }}>
              {say(test.clinical)}
            </Typography>
          )}
        </Typography>
        {side !== 'both' && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={side}
            onChange={(_, v: ReadingSide | null) => v && onSide(v)}
            aria-label={say('Side')}
            sx={{ '& .MuiToggleButton-root': { py: 0.3 } }}
          >
            <ToggleButton value="left" disabled={shut.some((s) => s.side === 'left')}>
              {say('◁ left')}
            </ToggleButton>
            <ToggleButton value="right" disabled={shut.some((s) => s.side === 'right')}>
              {say('right ▷')}
            </ToggleButton>
          </ToggleButtonGroup>
        )}
      </Box>
      <Typography sx={{ color: 'var(--ink-2)', mt: 0.25, fontSize: 14, lineHeight: 1.35 }}>
        {say(test.start)} {say(test.hold)} {say(test.move)} {variant && <strong>{say(variant.how)} </strong>}
        <strong>{say(test.end)}</strong>
      </Typography>
    </>
  );
}
