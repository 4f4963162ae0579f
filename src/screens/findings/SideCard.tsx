import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { otherSide, type Side } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { isLimited, type MovementFinding } from '@/core/inference';
import { changeOf } from '@/core/inference/change';
import { movementChangeWords, sentenceOf } from '@/core/inference/sentences';
import { bandWords, limiterWords, readWords, whyUnclear, movedWords, toldIn } from '@/core/inference/words';
import { readoutOf } from '@/core/assessment/battery';
import { latest, readWithUnit, withUnit, type Reading } from '@/core/assessment/reading';
import { sideGap } from '@/core/assessment/sides';
import { seaTint } from '@/figure/scales';

/** Limited movements that are told at once; the rest opens. */
const SHOWN = 4;

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
  onOpen: (finding: MovementFinding) => void;
  onSettle: (finding: MovementFinding) => void;
}) {
  'use memo';
  const [all, setAll] = useState(false);
  const own = movements.filter((m) => m.side === side).sort((a, b) => a.band - b.band);
  const limited = own.filter(isLimited);
  const lead = own.at(0);
  const shown = all ? own : limited.length > 0 ? limited.slice(0, SHOWN) : own.slice(0, 2);
  return (
    <Box
      component="section"
      aria-label={say('{{side}} side', { side: say(side) })}
      sx={{ minWidth: 0, display: 'flex', flexDirection: 'column' }}
    >
      <Typography variant="h2">
        {side === 'left'
          ? say('{{left}} Left', { left: SIDE_MARK.left })
          : say('Right {{right}}', { right: SIDE_MARK.right })}
      </Typography>
      {!lead ? (
        <Typography color="text.secondary">{say('Nothing is read on this side yet.')}</Typography>
      ) : (
        <>
          <Typography sx={{ fontSize: 17, lineHeight: 1.35, mb: 1 }}>
            {isLimited(lead)
              ? sentenceOf(lead, readings)
              : say('Nothing on your {{side}} side stops short of what is typical.', { side: say(side) })}
          </Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {shown.map((m) => (
              <Row key={m.movement} finding={m} readings={readings} onOpen={onOpen} onSettle={onSettle} />
            ))}
          </Box>
          {shown.length < own.length && (
            <Button size="small" onClick={() => setAll(true)} sx={{ alignSelf: 'start' }}>
              {say('{{count}} more{{what}}', {
                count: own.length - shown.length,
                what: limited.length <= SHOWN ? say(', within or above typical') : '',
              })}
            </Button>
          )}
        </>
      )}
    </Box>
  );
}

function Row({
  finding,
  readings,
  onOpen,
  onSettle,
}: {
  finding: MovementFinding;
  readings: readonly Reading[];
  onOpen: (finding: MovementFinding) => void;
  onSettle: (finding: MovementFinding) => void;
}) {
  'use memo';
  const change = changeOf(finding, readings);
  const readout = readoutOf(finding.test, finding.readout);
  const sides = readout && sideGap(latest(readings), finding.test, readout, finding.side);
  const less = readout && sides && sides.gap * (readout.better === 'lower' ? -1 : 1) < 0;
  return (
    <Box component="li" sx={{ borderTop: '1px solid var(--line)', py: 0.75, display: 'flex', gap: 1 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box
          component="button"
          type="button"
          onClick={() => onOpen(finding)}
          sx={{
            all: 'unset',
            cursor: 'pointer',
            display: 'block',
            width: '100%',
            '&:focus-visible': { outline: '2px solid var(--act)' },
          }}
        >
          <Box sx={{ fontSize: 14 }}>
            {readWords(finding)}{' '}
            <span className="num">
              {finding.measured === null
                ? say('(not read itself)')
                : finding.brokenOff
                  ? say('(ended early at {{withUnit}})', { withUnit: withUnit(toldIn(finding), finding.measured) })
                  : readWithUnit(toldIn(finding), finding.measured)}
              , {bandWords(finding.band)}
            </span>
          </Box>
          <Box className="muscle" sx={{ fontSize: 16, lineHeight: 1.25 }}>
            {limiterWords(finding)}
          </Box>
          {sides?.beyondError && less && (
            <Box sx={{ fontSize: 13, color: 'var(--ink-2)' }}>
              {say('{{withUnit}} less than the {{otherSide}}, more than the error of {{withUnit2}}', {
                withUnit: withUnit(toldIn(finding), Math.abs(sides.gap)),
                otherSide: say(otherSide(finding.side)),
                withUnit2: withUnit(toldIn(finding), sides.detectable),
              })}
            </Box>
          )}
          {change && (
            <Box sx={{ fontSize: 13, color: 'var(--ink-2)' }}>
              {change.verdict === 'within-error' ? '≈' : change.verdict === 'further' ? '↗' : '↘'}{' '}
              {movementChangeWords(change, toldIn(finding))}
            </Box>
          )}
        </Box>
        {finding.clarity !== 'one' && !whyUnclear(finding) && isLimited(finding) && (
          <Button
            size="small"
            variant="outlined"
            onClick={() => onSettle(finding)}
            aria-label={say('Which test would make clear what stops the {{side}} {{moved}}?', {
              side: say(finding.side),
              moved: movedWords(finding),
            })}
            sx={{ mt: 0.5, minWidth: 0 }}
          >
            {say('Which test?')}
          </Button>
        )}
      </Box>
      <Box
        aria-hidden="true"
        sx={{ flex: 'none', width: 7, bgcolor: seaTint(Math.min(1, Math.max(0, 0.35 - finding.band * 0.3))) }}
      />
    </Box>
  );
}
