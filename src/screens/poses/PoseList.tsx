'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Typography from '@mui/material/Typography';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { SIDE_MARK } from '@/core/body/words';
import type { FittedPose } from '@/core/fit/fit';
import { rungOf } from '@/core/poses';
import { isLiked } from '@/core/practice/likes';
import { useLikes } from '../settings/use-pose-settings';
import { PoseFigure } from './PoseFigure';

/** Drawn thumbnails are work for the page: so many at first, and as many more each time. */
const AT_ONCE = 24;
const COMPARED = 3;

export const keyOf = (p: Pick<FittedPose, 'pose' | 'rung' | 'side'>): string => `${p.pose}/${p.rung}/${p.side}`;

/** How far a rung goes, in words. */
export const depthWords = (p: Pick<FittedPose, 'full' | 'depth' | 'beyondEntry'>): string =>
  p.beyondEntry
    ? 'out of reach'
    : p.full
      ? 'all the way'
      : p.depth < 0.02
        ? 'entry is enough'
        : `${Math.round(p.depth * 100)} of 100 deep`;

/** Poses in order, each with its drawing at the fitted depth. Up and down move, space marks for comparing. */
export function PoseList<T extends FittedPose>({
  poses,
  open,
  onOpen,
  compared,
  onCompare,
  cautions,
  value,
  empty,
}: {
  poses: readonly T[];
  open: string | null;
  onOpen: (key: string) => void;
  compared: readonly string[];
  onCompare: (key: string) => void;
  cautions?: (p: T) => readonly string[];
  value?: (p: T) => string;
  empty: ReactNode;
}) {
  const [shown, setShown] = useState(AT_ONCE);
  const [likes] = useLikes();
  const move = (e: KeyboardEvent<HTMLOListElement>) => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by === 0) return;
    const buttons = [...e.currentTarget.querySelectorAll<HTMLButtonElement>('button[data-pose]')];
    const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
    if (at < 0) return;
    e.preventDefault();
    buttons[Math.min(buttons.length - 1, Math.max(0, at + by))]?.focus();
  };
  return (
    <Box
      component="ol"
      onKeyDown={move}
      sx={{
        listStyle: 'none',
        m: 0,
        p: 0,
        maxHeight: { xs: 330, md: 560 },
        overflow: 'auto',
        borderTop: '1px solid var(--line)',
      }}
    >
      {poses.slice(0, shown).map((p) => {
        const key = keyOf(p);
        const found = rungOf(p.pose, p.rung);
        const struck = cautions?.(p) ?? [];
        const marked = compared.includes(key);
        return (
          <Box
            component="li"
            key={key}
            sx={{ display: 'flex', alignItems: 'center', borderBottom: '1px solid var(--line)' }}
          >
            <Checkbox
              size="small"
              checked={marked}
              disabled={!marked && compared.length >= COMPARED}
              onChange={() => onCompare(key)}
              slotProps={{ input: { 'aria-label': `Compare ${found?.shape.name}, ${found?.rung.name}, ${p.side}` } }}
              sx={{ p: 0.5 }}
            />
            <Box
              component="button"
              type="button"
              data-pose
              aria-current={open === key}
              onClick={() => onOpen(key)}
              sx={{
                all: 'unset',
                boxSizing: 'border-box',
                cursor: 'pointer',
                flex: 1,
                minWidth: 0,
                display: 'grid',
                gridTemplateColumns: '84px 1fr 40px',
                gap: 1,
                alignItems: 'center',
                p: 0.75,
                bgcolor: open === key ? 'var(--act-pale)' : undefined,
                '&:focus-visible': { outline: '2px solid var(--act)', outlineOffset: -2 },
              }}
            >
              <PoseFigure pose={p.pose} rung={p.rung} side={p.side} depth={p.depth} height={58} muscles={false} />
              <Box sx={{ minWidth: 0 }}>
                <Box sx={{ fontWeight: 600, textDecoration: struck.length > 0 ? 'line-through' : undefined }}>
                  {isLiked(likes, p.pose, p.rung) && <span aria-label="starred">★ </span>}
                  {found?.shape.name} {SIDE_MARK[p.side]}
                </Box>
                <Typography variant="caption" component="p" sx={{ lineHeight: 1.3 }}>
                  {p.side === 'both' ? '' : `${p.side}, `}
                  {found?.rung.name}
                </Typography>
                <Typography variant="caption" component="p" sx={{ lineHeight: 1.3 }}>
                  {depthWords(p)}
                </Typography>
                {struck.length > 0 && <Box sx={{ color: 'var(--caution)', fontSize: 13 }}>▲ {struck[0]}</Box>}
              </Box>
              <Box className="num" sx={{ fontSize: 20, fontWeight: 700, textAlign: 'right' }}>
                {value?.(p)}
              </Box>
            </Box>
          </Box>
        );
      })}
      {poses.length === 0 && <Box sx={{ p: 2 }}>{empty}</Box>}
      {poses.length > shown && (
        <Box component="li" sx={{ p: 1 }}>
          <Button size="small" onClick={() => setShown(shown + AT_ONCE)}>
            Show {Math.min(AT_ONCE, poses.length - shown)} more of {poses.length}
          </Button>
        </Box>
      )}
    </Box>
  );
}
