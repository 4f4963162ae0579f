'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import Typography from '@mui/material/Typography';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { SIDE_MARK } from '@/core/body/words';
import type { Build } from '@/core/body';
import type { FittedPose } from '@/core/fit/fit';
import { rungOf } from '@/core/poses';
import { isLiked } from '@/core/practice/likes';
import { useLikes } from '../settings/use-pose-settings';
import { ShowMore } from '../shell/ShowMore';
import { PoseFigure } from './PoseFigure';

/** Drawn thumbnails are work for the page: so many at first, and as many more each time. */
const AT_ONCE = 24;
const COMPARED = 3;

export const keyOf = (pose: Pick<FittedPose, 'pose' | 'rung' | 'side'>): string =>
  `${pose.pose}/${pose.rung}/${pose.side}`;

/** How far a rung goes, in words. */
export const depthWords = (pose: Pick<FittedPose, 'full' | 'depth' | 'beyondEntry'>): string =>
  pose.beyondEntry
    ? say('out of reach')
    : pose.full
      ? say('all the way')
      : pose.depth < 0.02
        ? say('entry is enough')
        : say('{{count}} of 100 deep', { count: Math.round(pose.depth * 100) });

/** Where an arrow key leads in a grid of cards: beside, or to the nearest one in the row above or below. */
function nextCard(cards: readonly HTMLElement[], at: number, key: string): number | null {
  if (key === 'ArrowRight') return Math.min(cards.length - 1, at + 1);
  if (key === 'ArrowLeft') return Math.max(0, at - 1);
  if (key !== 'ArrowDown' && key !== 'ArrowUp') return null;
  const here = cards[at].getBoundingClientRect();
  const columns = cards.filter((c) => Math.abs(c.getBoundingClientRect().top - here.top) < 4).length || 1;
  return Math.min(cards.length - 1, Math.max(0, at + (key === 'ArrowDown' ? columns : -columns)));
}

/** One rung as a card: its drawing at the fitted depth, its name, how far it goes and what it is worth. */
function PoseCard({
  ranked,
  open,
  starred,
  marked,
  full,
  struck,
  value,
  build,
  onOpen,
  onCompare,
}: {
  ranked: FittedPose;
  open: boolean;
  starred: boolean;
  marked: boolean;
  /** No more may be compared. */
  full: boolean;
  /** What forbids it. */
  struck: string | undefined;
  value: string | undefined;
  build: Build | undefined;
  onOpen: () => void;
  onCompare: () => void;
}) {
  const found = rungOf(ranked.pose, ranked.rung);
  return (
    <Box
      component="li"
      sx={{
        position: 'relative',
        border: open ? '2px solid var(--act)' : '1px solid var(--line)',
        m: open ? '-1px' : 0,
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
        minWidth: 0,
      }}
    >
      <Box
        component="button"
        type="button"
        data-pose
        aria-current={open}
        onClick={onOpen}
        sx={{
          all: 'unset',
          boxSizing: 'border-box',
          cursor: 'pointer',
          display: 'block',
          width: '100%',
          height: '100%',
          p: 1,
          borderRadius: 1.5,
          '&:focus-visible': { outline: '2px solid var(--act)', outlineOffset: 2 },
        }}
      >
        <PoseFigure
          pose={ranked.pose}
          rung={ranked.rung}
          side={ranked.side}
          depth={ranked.depth}
          build={build}
          height={118}
          muscles={false}
          detail="medium"
        />
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', mt: 0.5 }}>
          <Box sx={{ flex: 1, minWidth: 0, fontWeight: 700, textDecoration: struck ? 'line-through' : undefined }}>
            {starred && <span aria-label={say('starred')}>★ </span>}
            {say(found?.shape.name ?? '')} {SIDE_MARK[ranked.side]}
          </Box>
          <Box className="num" sx={{ fontSize: 18, fontWeight: 700 }}>
            {value}
          </Box>
        </Box>
        <Typography variant="caption" component="p" sx={{ lineHeight: 1.3 }}>
          {ranked.side === 'both' ? '' : `${say(ranked.side)}, `}
          {say(found?.rung.name ?? '')} · {depthWords(ranked)}
        </Typography>
        {struck && <Box sx={{ color: 'var(--caution)', fontSize: 13 }}>▲ {struck}</Box>}
      </Box>
      <Checkbox
        size="small"
        checked={marked}
        disabled={!marked && full}
        onChange={onCompare}
        slotProps={{
          input: {
            'aria-label': say('Compare {{name}}, {{name2}}, {{side}}', {
              name: say(found?.shape.name ?? ranked.pose),
              name2: say(found?.rung.name ?? ''),
              side: say(ranked.side),
            }),
          },
        }}
        sx={{ position: 'absolute', top: 2, left: 2, p: 0.5 }}
      />
    </Box>
  );
}

/** Poses in order as cards. Arrow keys move between them; the box in a corner marks one for comparing. */
export function PoseList<T extends FittedPose>({
  poses,
  open,
  onOpen,
  compared,
  onCompare,
  cautions,
  value,
  build,
  empty,
}: {
  poses: readonly T[];
  open: string | null;
  onOpen: (key: string) => void;
  compared: readonly string[];
  onCompare: (key: string) => void;
  cautions?: (pose: T) => readonly string[];
  value?: (pose: T) => string;
  /** Whose body is drawn; the model's own without it. */
  build?: Build;
  empty: ReactNode;
}) {
  const [shown, setShown] = useState(AT_ONCE);
  const [likes] = useLikes();
  const move = (event: KeyboardEvent<HTMLOListElement>) => {
    const buttons = [...event.currentTarget.querySelectorAll<HTMLButtonElement>('button[data-pose]')];
    const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
    const to = at < 0 ? null : nextCard(buttons, at, event.key);
    if (to === null) return;
    event.preventDefault();
    buttons[to]?.focus();
  };
  return (
    <Box
      component="ol"
      onKeyDown={move}
      sx={{
        listStyle: 'none',
        m: 0,
        p: '2px',
        display: 'grid',
        gap: 1,
        gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))',
        maxHeight: { xs: 420, md: 'calc(100vh - 250px)' },
        minHeight: { md: 480 },
        overflow: 'auto',
      }}
    >
      {poses.slice(0, shown).map((p) => {
        const key = keyOf(p);
        return (
          <PoseCard
            key={key}
            ranked={p}
            open={open === key}
            starred={isLiked(likes, p.pose, p.rung)}
            marked={compared.includes(key)}
            full={compared.length >= COMPARED}
            struck={cautions?.(p)[0]}
            value={value?.(p)}
            build={build}
            onOpen={() => onOpen(key)}
            onCompare={() => onCompare(key)}
          />
        );
      })}
      {poses.length === 0 && (
        <Box component="li" sx={{ p: 2, gridColumn: '1 / -1' }}>
          {empty}
        </Box>
      )}
      {poses.length > shown && (
        <Box component="li" sx={{ p: 1, gridColumn: '1 / -1' }}>
          <ShowMore all={poses.length} shown={shown} step={AT_ONCE} onShow={setShown} />
        </Box>
      )}
    </Box>
  );
}
