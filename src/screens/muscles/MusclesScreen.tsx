'use client';
import Box from '@mui/material/Box';
import useMediaQuery from '@mui/material/useMediaQuery';
import { muscleEntry } from '@/core/body';
import { useAtlas } from './atlas-state';
import { AtlasFigure } from './AtlasFigure';
import { JointSliders } from './JointSliders';
import { MuscleCurves } from './MuscleCurves';
import { MuscleFacts, MuscleHere } from './MuscleFacts';
import { MuscleList } from './MuscleList';
import { PosesReaching } from './PosesReaching';
import { useComputed } from './use-computed';

/** The atlas: a muscle on the figure, what it does at these joint angles, and how that changes as a joint moves. */
export function MusclesScreen() {
  const [state, set] = useAtlas();
  const computed = useComputed(state);
  const narrow = useMediaQuery('(max-width: 899px)');
  const entry = muscleEntry(state.muscle);
  if (!entry) return null;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '176px minmax(0, 1fr) minmax(0, 420px)' },
        gap: 2,
        p: 2,
        alignItems: 'start',
      }}
    >
      <MuscleList muscle={state.muscle} folded={narrow} onPick={(muscle) => set({ muscle })} />
      <Box sx={{ minWidth: 0 }}>
        <AtlasFigure state={state} computed={computed} set={set} />
        <JointSliders state={state} crossed={computed.crossed} reversals={computed.curve.reversals} set={set} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <MuscleHere entry={entry} state={state} computed={computed} set={set} />
        <MuscleCurves state={state} computed={computed} set={set} />
        <MuscleFacts entry={entry} computed={computed} set={set} />
        <PosesReaching structure={state.muscle} />
      </Box>
    </Box>
  );
}
