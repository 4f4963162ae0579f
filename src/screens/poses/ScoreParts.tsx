'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { CostId, RankedPose } from '@/core/ranking/rank';

const COST_WORDS: Readonly<Record<CostId, string>> = {
  knee: 'knee',
  lowBack: 'low back',
  hipFront: 'front of the hip',
  instep: 'instep',
  hanging: 'hard work at full length',
  effort: 'a demanding shape for what is reached',
  offAim: 'stretch off the aims',
  leaveAlone: 'what is to be left alone',
  loose: 'done as its own warning tells not to',
  beyond: 'out of reach',
};

/** Why a pose stands where it stands: what it gives to the aims less what it costs, in hundredths. */
export function ScoreParts({ ranked: p, groupName }: { ranked: RankedPose; groupName: (group: string) => string }) {
  const hundred = (v: number) => Math.round(v * 100);
  const costs = (Object.entries(p.costs) as [CostId, number][]).filter(([, v]) => hundred(v) > 0);
  return (
    <Box component="details" sx={{ mt: 1 }}>
      <summary>
        Score <span className="num">{hundred(p.score)}</span>
      </summary>
      <Typography>
        Gives{' '}
        {p.gives.length === 0
          ? 'nothing that is aimed at, which is why it is not among the ranked'
          : p.gives.map((g) => `${groupName(g.aim.group)} ${g.aim.side} ${hundred(g.worth)} of 100`).join(', ')}
        ;{' '}
        {costs.length === 0
          ? 'costs nothing'
          : `costs ${costs.map(([id, v]) => `${COST_WORDS[id]} ${hundred(v)}`).join(', ')}`}
        .
      </Typography>
      <Typography variant="caption" component="p">
        Each gift counts by the weight of its aim; weights of the costs are our defaults.
      </Typography>
    </Box>
  );
}
