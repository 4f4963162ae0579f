'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { TYPICAL_BUILD } from '@/core/body';
import { stretchedName } from '@/core/fit/shortest';
import { readAt, reachedIn, type FittedPose, type ReachedFit } from '@/core/fit/fit';
import { TYPICAL } from '@/core/fit/typical';
import type { FitWay } from '@/core/fit/way';
import type { Shape } from '@/core/poses';
import { deviceChoice } from '../shell/device-choice';
import { PoseFigure } from './PoseFigure';

/** Whether typical people are drawn beside the student. */
export const besideTypical = deviceChoice<'off' | 'on'>('kolpos-beside-typical', ['off', 'on']);

/** How far typical people come in a rung, held as deep as the student holds it; no caution of hers counts for them. */
export function useTypicalReach(shape: Shape | undefined, { rung, side }: FittedPose, way: FitWay): ReachedFit | null {
  return useMemo(() => {
    if (!shape) return null;
    const open = { ...way, under: undefined };
    return reachedIn(
      { shape, rung, side: side === 'both' ? 'right' : side },
      { posterior: TYPICAL, build: TYPICAL_BUILD },
      open,
    );
  }, [shape, rung, side, way]);
}

const deep = (fit: Pick<ReachedFit, 'depth' | 'full' | 'beyondEntry'>): string =>
  fit.beyondEntry
    ? say('cannot begin it')
    : fit.full
      ? say('all the way')
      : say('{{count}} of 100 deep', { count: Math.round(fit.depth * 100) });

/** What typical people do in it, in a sentence. */
export function TypicalSentence({ typical }: { typical: ReachedFit }) {
  return (
    <Typography sx={{ color: 'var(--ink-2)' }}>
      {say('Typical people: {{deep}}', { deep: deep(typical) })}
      {!typical.full && !typical.beyondEntry && (
        <>
          <Said
            text={', <1>{{stretchedName}}</1> first'}
            values={{ stretchedName: stretchedName(typical, typical.limiter.group, typical.limiter.side) }}
            parts={[<span key="1" className="muscle" />]}
          />
        </>
      )}
      .
    </Typography>
  );
}

/**
 * Typical people in the same rung at their own depth, to be looked at beside the student: tinted by the same things.
 */
export function TypicalFigure({
  shape,
  typical,
  way,
  show,
}: {
  shape: Shape;
  typical: ReachedFit;
  way: FitWay;
  show: 'skin' | 'stretch' | 'load' | 'both' | 'bones';
}) {
  const { pose, rung, side, depth } = typical;
  const { work } = useMemo(
    () =>
      readAt(
        { shape, rung, side: side === 'both' ? 'right' : side },
        depth,
        { posterior: TYPICAL, build: TYPICAL_BUILD },
        { way },
      ),
    [shape, rung, side, depth, way],
  );
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0, height: '100%', display: 'flex', flexDirection: 'column' }}>
      <Box sx={{ flex: 1, minHeight: 0 }}>
        <PoseFigure
          pose={pose}
          rung={rung}
          side={side}
          depth={depth}
          work={work}
          show={show === 'stretch' || show === 'load' ? show : 'both'}
          muscles={show !== 'skin' && show !== 'bones'}
          shown={show === 'bones' ? 'bones' : undefined}
          detail="large"
          turns
        />
      </Box>
      <Typography component="figcaption" variant="caption" sx={{ textAlign: 'center' }}>
        {say('typical people, {{deep}}', { deep: deep(typical) })}
      </Typography>
    </Box>
  );
}
