'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { SIDE_MARK } from '@/core/body/words';
import { rungOf } from '@/core/poses';
import type { PracticeItem } from '@/core/practice/practice';
import type { RankedPose } from '@/core/ranking/rank';
import { PoseFigure } from '../poses/PoseFigure';

/** The best other poses for the same side, to put in an item's place. */
export function SwapDialog({
  item,
  ranked,
  onChoose,
  onClose,
}: {
  item: PracticeItem;
  ranked: readonly RankedPose[];
  onChoose: (r: RankedPose) => void;
  onClose: () => void;
}) {
  const others = ranked
    .filter(
      (r) =>
        r.cautions.length === 0 &&
        !r.beyondEntry &&
        (r.side === item.side || r.side === 'both' || item.side === 'both') &&
        !(r.pose === item.pose && r.rung === item.rung),
    )
    .slice(0, 8);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="swap-title">
      <DialogTitle id="swap-title">Swap {rungOf(item.pose, item.rung)?.shape.name} for</DialogTitle>
      <DialogContent>
        {others.map((r) => {
          const found = rungOf(r.pose, r.rung);
          return (
            <Box
              key={`${r.pose}${r.rung}${r.side}`}
              sx={{
                display: 'grid',
                gridTemplateColumns: '90px 1fr auto',
                gap: 2,
                alignItems: 'center',
                borderBottom: '1px solid var(--line)',
                py: 0.5,
              }}
            >
              <PoseFigure pose={r.pose} rung={r.rung} side={r.side} depth={r.depth} height={56} muscles={false} />
              <span>
                {found?.shape.name} {SIDE_MARK[r.side]} {r.side === 'both' ? '' : r.side}
                <br />
                <small>
                  {found?.rung.name} · score {Math.round(r.score * 100)}
                </small>
              </span>
              <Button
                onClick={() => onChoose(r)}
                aria-label={`Take ${found?.shape.name ?? r.pose}, ${found?.rung.name ?? ''}, ${r.side}`}
              >
                Take
              </Button>
            </Box>
          );
        })}
        <Button sx={{ mt: 2 }} onClick={onClose}>
          Leave as it is
        </Button>
      </DialogContent>
    </Dialog>
  );
}
