import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { otherSide, type Side } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { isLimited, type MovementFinding } from '@/core/inference';
import { changeOf } from '@/core/inference/change';
import { movementChangeWords, sentenceOf } from '@/core/inference/sentences';
import { bandWords, limiterWords, readWords, whyUnclear } from '@/core/inference/words';
import { readoutOf } from '@/core/assessment/battery';
import { MOVEMENT_WORDS } from '@/core/assessment/words';
import { latest, withUnit, type Reading } from '@/core/assessment/reading';
import { sideGap } from '@/core/assessment/sides';
import { seaTint } from '@/figure/scales';

/** Limited movements that are told at once; the rest opens. */
const SHOWN = 4;

const unitOf = (m: MovementFinding) => readoutOf(m.test, m.readout) ?? { unit: 'deg' as const };

/** One side: the sentence to read out, and every movement with what stops it. */
export function SideCard({
  side,
  movements,
  readings,
  onOpen,
  onSettle,
}: {
  side: Side;
  movements: readonly MovementFinding[];
  readings: readonly Reading[];
  onOpen: (m: MovementFinding) => void;
  onSettle: (m: MovementFinding) => void;
}) {
  'use memo';
  const [all, setAll] = useState(false);
  const own = movements.filter((m) => m.side === side).sort((a, b) => a.band - b.band);
  const limited = own.filter(isLimited);
  const lead = own.at(0);
  const shown = all ? own : limited.length > 0 ? limited.slice(0, SHOWN) : own.slice(0, 2);
  return (
    <Box component="section" aria-label={`${side} side`} sx={{ minWidth: 0, display: 'flex', flexDirection: 'column' }}>
      <Typography variant="h2">{side === 'left' ? `${SIDE_MARK.left} Left` : `Right ${SIDE_MARK.right}`}</Typography>
      {!lead ? (
        <Typography color="text.secondary">Nothing is read on this side yet.</Typography>
      ) : (
        <>
          <Typography sx={{ fontSize: 17, lineHeight: 1.35, mb: 1 }}>
            {isLimited(lead)
              ? sentenceOf(lead, readings)
              : `Nothing on your ${side} side stops short of what is typical.`}
          </Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {shown.map((m) => (
              <Row key={m.movement} m={m} readings={readings} onOpen={onOpen} onSettle={onSettle} />
            ))}
          </Box>
          {shown.length < own.length && (
            <Button size="small" onClick={() => setAll(true)} sx={{ alignSelf: 'start' }}>
              {own.length - shown.length} more{limited.length <= SHOWN ? ', within or above typical' : ''}
            </Button>
          )}
        </>
      )}
    </Box>
  );
}

function Row({
  m,
  readings,
  onOpen,
  onSettle,
}: {
  m: MovementFinding;
  readings: readonly Reading[];
  onOpen: (m: MovementFinding) => void;
  onSettle: (m: MovementFinding) => void;
}) {
  'use memo';
  const change = changeOf(m, readings);
  const readout = readoutOf(m.test, m.readout);
  const sides = readout && sideGap(latest(readings), m.test, readout, m.side);
  const less = readout && sides && sides.gap * (readout.better === 'lower' ? -1 : 1) < 0;
  return (
    <Box component="li" sx={{ borderTop: '1px solid var(--line)', py: 0.75, display: 'flex', gap: 1 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box
          component="button"
          type="button"
          onClick={() => onOpen(m)}
          sx={{
            all: 'unset',
            cursor: 'pointer',
            display: 'block',
            width: '100%',
            '&:focus-visible': { outline: '2px solid var(--act)' },
          }}
        >
          <Box sx={{ fontSize: 14 }}>
            {readWords(m)}{' '}
            <span className="num">
              {m.measured === null
                ? '(not read itself)'
                : m.brokenOff
                  ? `(ended early at ${withUnit(unitOf(m), m.measured)})`
                  : withUnit(unitOf(m), m.measured)}
              , {bandWords(m.band)}
            </span>
          </Box>
          <Box className="muscle" sx={{ fontSize: 16, lineHeight: 1.25 }}>
            {limiterWords(m)}
          </Box>
          {sides?.beyondError && less && (
            <Box sx={{ fontSize: 13, color: 'var(--ink-2)' }}>
              {withUnit(unitOf(m), Math.abs(sides.gap))} less than the {otherSide(m.side)}, more than the error of{' '}
              {withUnit(unitOf(m), sides.detectable)}
            </Box>
          )}
          {change && (
            <Box sx={{ fontSize: 13, color: 'var(--ink-2)' }}>
              {change.verdict === 'within-error' ? '≈' : change.verdict === 'further' ? '↗' : '↘'}{' '}
              {movementChangeWords(change, unitOf(m))}
            </Box>
          )}
        </Box>
        {m.clarity !== 'one' && !whyUnclear(m) && isLimited(m) && (
          <Button
            size="small"
            variant="outlined"
            onClick={() => onSettle(m)}
            aria-label={`Which test would make clear what stops the ${m.side} ${MOVEMENT_WORDS[m.movement]}?`}
            sx={{ mt: 0.5, minWidth: 0 }}
          >
            Which test?
          </Button>
        )}
      </Box>
      <Box
        aria-hidden="true"
        sx={{ flex: 'none', width: 7, bgcolor: seaTint(Math.min(1, Math.max(0, 0.35 - m.band * 0.3))) }}
      />
    </Box>
  );
}
