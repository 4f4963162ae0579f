import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo, type ReactNode } from 'react';
import type { Build } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { reachedIn } from '@/core/fit/fit';
import type { FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { rungOf } from '@/core/poses';
import type { PracticeItem } from '@/core/practice/practice';
import { setWords } from '@/core/practice/taught-order';
import { NOTHING_SHUT, type Shut } from '@/core/practice/passing';
import { wayTo } from '@/core/practice/transitions';
import { PoseFigure } from '../poses/PoseFigure';
import { IN_ENGLISH } from '../shell/their-language';
import type { Lesson } from './use-lesson-language';

/** Whom an item is drawn for. */
export interface TaughtBody {
  posterior: Posterior | null;
  build: Build;
  way: FitWay;
}

/** How deep an item goes for whoever is taught, 0–1, worked out once; half-way while that is not known. */
export function useDepth(
  item: Pick<PracticeItem, 'pose' | 'rung' | 'side'> | undefined,
  { posterior, build, way }: TaughtBody,
): number {
  const { pose, rung, side } = item ?? {};
  return useMemo(() => {
    const found = pose !== undefined && rung !== undefined ? rungOf(pose, rung) : null;
    if (!found || rung === undefined || !posterior) return 0.5;
    return reachedIn({ shape: found.shape, rung, side: side === 'left' ? 'left' : 'right' }, { posterior, build }, way)
      .depth;
  }, [pose, rung, side, posterior, build, way]);
}

/** What comes next: small, drawn and named, with what to fetch for it. */
export function NextUp({
  next,
  from,
  body,
  shut = NOTHING_SHUT,
  lesson = IN_ENGLISH,
  children,
}: {
  next: PracticeItem | undefined;
  /** What is done before it. */
  from: PracticeItem | undefined;
  body: TaughtBody;
  /** What is not passed on the way there. */
  shut?: Shut;
  /** The language of what is read here. */
  lesson?: Lesson;
  /** What else is said of it. */
  children?: ReactNode;
}) {
  const { say: inLesson, language } = lesson;
  const depth = useDepth(next, body);
  const way = next && from ? wayTo([from, next], 1, { shut, say: inLesson }) : '';
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, minHeight: 64 }}>
      {next && (
        <Box sx={{ width: 96, flex: 'none' }}>
          <PoseFigure
            pose={next.pose}
            rung={next.rung}
            side={next.side}
            depth={depth}
            build={body.build}
            height={64}
            muscles={false}
            detail="medium"
          />
        </Box>
      )}
      <Typography lang={language} aria-label={say('Next')} sx={{ fontSize: 18 }}>
        {next ? (
          <>
            {inLesson('Next:')} <strong>{inLesson(rungOf(next.pose, next.rung)?.shape.name ?? next.pose)}</strong>
            {next.side === 'both' ? '' : ` ${SIDE_MARK[next.side]} ${inLesson(next.side)}`}
            {next.set ? `, ${setWords(next, inLesson)}` : ''}
            {children}
            {way && (
              <Box component="span" sx={{ display: 'block', fontSize: 16, color: 'var(--ink-2)' }}>
                {way}
              </Box>
            )}
          </>
        ) : (
          inLesson('Last one')
        )}
      </Typography>
    </Box>
  );
}
