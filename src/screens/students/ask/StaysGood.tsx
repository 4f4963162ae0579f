'use client';
import { say } from '@/core/languages/spoken';
import { within } from '@/core/languages/in-sentence';
import Typography from '@mui/material/Typography';
import { goodUnder } from '@/core/assessment/stays-good';

/** A few shapes that stay good under a caution; nothing where there is none. Fetched apart: it knows the library. */
export function StaysGood({ caution }: { caution: string }) {
  const good = goodUnder(caution);
  if (good.length === 0) return null;
  return (
    <Typography sx={{ fontSize: 14 }}>
      <strong>{say('Stays good:')}</strong> {good.map((s) => within(s.name)).join(', ')}.
    </Typography>
  );
}
