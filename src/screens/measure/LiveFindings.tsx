'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, useRef } from 'react';
import type { Side } from '@/core/body';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import type { Inference } from '@/core/limits';
import { bandWords, inHundred } from '@/core/limits/words';
import { testById } from '@/core/tests/battery';
import type { Movement } from '@/core/tests/definition';
import { MOVEMENT_WORDS } from '@/core/tests/words';
import type { Answer } from '@/workers/use-core';
import { LateProgress } from '../shell/LateProgress';

/** What stops the movement being tested, as far as the readings tell; and the test that would tell most. */
export function LiveFindings({
  inference,
  movement,
  side,
}: {
  inference: Answer<Inference>;
  movement: Movement;
  side: Side;
}) {
  const findings = inference.value?.findings;
  const m = findings?.movements.find((x) => x.movement === movement && x.side === side);
  const next = findings?.next.find((n) => n.gain > 0.05);
  const alive = useRef<HTMLDivElement>(null);
  useEffect(() => {
    alive.current?.setAttribute('aria-busy', String(inference.busy));
  }, [inference.busy]);
  return (
    <Box
      component="aside"
      ref={alive}
      aria-label="What stops this leg"
      sx={{ order: { xs: 3, md: 3 }, gridColumn: { md: '2', lg: 'auto' } }}
    >
      <LateProgress busy={inference.busy} label="Computing" />
      {inference.failed && (
        <Typography role="alert">
          The findings could not be computed. Your readings are kept. ({inference.failed})
        </Typography>
      )}
      <Typography variant="h2">What stops this leg</Typography>
      <Typography variant="caption" component="p" sx={{ mb: 1.5 }}>
        {SIDE_MARK[side]} {side} {MOVEMENT_WORDS[movement]}
      </Typography>
      {!m ? (
        <Typography color="text.secondary">
          After the first reading Kolpos says here what most likely stops this movement.
        </Typography>
      ) : (
        <>
          {m.limiters.slice(0, 4).map((l) => (
            <Box key={l.structure} sx={{ mb: 1.25 }}>
              <Box sx={{ display: 'flex', gap: 1 }}>
                <span className="muscle" style={{ flex: 1, fontSize: 16 }}>
                  {GROUP_WORDS[l.structure].name}
                </span>
                <span className="num">{inHundred(l.probability)}</span>
              </Box>
              <Box sx={{ height: 8, bgcolor: 'var(--sea-0)', mt: 0.25 }}>
                <Box
                  sx={{
                    height: 8,
                    width: `${l.probability * 100}%`,
                    bgcolor: l.probability >= 0.5 ? 'var(--sea-4)' : 'var(--sea-2)',
                  }}
                />
              </Box>
            </Box>
          ))}
          <Typography sx={{ mt: 1.5 }}>
            {m.clarity === 'unclear' ? 'Not clear yet. ' : ''}
            {m.measured === null
              ? 'Expected'
              : `Read ${Math.round(m.measured)}°: ${bandWords(m.band)}. All readings together say`}{' '}
            {Math.round(m.end.mean)}° ({Math.round(Math.min(m.end.low, m.end.high))} to{' '}
            {Math.round(Math.max(m.end.low, m.end.high))}).
          </Typography>
        </>
      )}
      {next && (
        <Box sx={{ mt: 2, p: 1.5, border: '1px solid var(--act)', borderRadius: 1.5 }}>
          <Typography sx={{ fontWeight: 700 }}>
            {testById(next.test)?.name} {SIDE_MARK[next.side]}
          </Typography>
          <Typography variant="caption">
            would tell most now ({next.side}, {next.gain.toFixed(2)} bit)
          </Typography>
        </Box>
      )}
    </Box>
  );
}
