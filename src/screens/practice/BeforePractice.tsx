import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { aimedName, AIM_WORDS } from '@/core/aims/words';
import type { Build } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import type { Posterior } from '@/core/inference';
import { rungOf } from '@/core/poses';
import { aimKey } from '@/core/practice/aim-key';
import { isUseful } from '@/core/ranking/behind';
import type { RankedPose } from '@/core/ranking/rank';
import { varied } from '@/core/ranking/varied';
import type { Aim } from '@/core/students/student';
import { firstOfShape } from '../poses/pose-filter';
import { PoseFigure } from '../poses/PoseFigure';

/** Shapes that are drawn before anything is built. */
const SHOWN = 6;

/** What a practice will be built of, before it is: the aims, and the poses that serve them most. */
export function BeforePractice({
  aims,
  ranked,
  posterior,
  build,
}: {
  aims: readonly Aim[];
  ranked: readonly RankedPose[] | null;
  posterior: Posterior | null;
  build: Build;
}) {
  'use memo';
  const useful = (ranked ?? []).filter(isUseful);
  const first = varied(firstOfShape(useful)).slice(0, SHOWN);
  return (
    <Box>
      <Typography sx={{ mb: 2, maxWidth: 720 }}>
        {say(
          'Say how many minutes you have. Kolpos chooses poses for the aims, both sides, mild before deep, and leaves time for rest.',
        )}
      </Typography>
      <Typography variant="h2">{say('For these aims')}</Typography>
      <Box component="ul" sx={{ m: 0, mb: 2, pl: 2.5 }}>
        {aims.map((a) => (
          <li key={aimKey(a)}>
            {say(AIM_WORDS[a.kind])} <span className="muscle">{aimedName(a)}</span> {SIDE_MARK[a.side]} {say(a.side)}
          </li>
        ))}
      </Box>
      {first.length > 0 && (
        <>
          <Typography variant="h2" sx={{ mb: 1 }}>
            {say('What serves them most')}
          </Typography>
          <Box
            component="ul"
            sx={{
              ...{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 1.5 },
              gridTemplateColumns: 'repeat(auto-fill, minmax(168px, 1fr))',
            }}
          >
            {first.map((p) => {
              const found = rungOf(p.pose, p.rung);
              return (
                <Box
                  component="li"
                  key={`${p.pose}/${p.rung}/${p.side}`}
                  sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 1 }}
                >
                  <PoseFigure
                    {...{ pose: p.pose, rung: p.rung, side: p.side, depth: p.depth, build }}
                    height={130}
                    tolerances={posterior?.mean}
                    detail="medium"
                  />
                  <Typography sx={{ fontWeight: 700, fontSize: 14 }}>
                    {say(found?.shape.name ?? '')} {SIDE_MARK[p.side]}
                  </Typography>
                  <Typography sx={{ fontSize: 13, color: 'var(--ink-2)' }}>{say(found?.rung.name ?? '')}</Typography>
                </Box>
              );
            })}
          </Box>
        </>
      )}
    </Box>
  );
}
