'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import { aimedName } from '@/core/aims/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { behind } from '@/core/ranking/behind';
import { behindSentences, COST_WORDS } from '@/core/ranking/behind-words';
import type { CostId, RankedPose } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';

/** Why a pose stands where it stands: what it gives to the aims less what it costs, in hundredths. */
export function ScoreParts({
  ranked: pose,
  among,
  aims,
}: {
  ranked: RankedPose;
  /** The whole library for the same student; null while some of it is still a guess. */
  among: readonly RankedPose[] | null;
  aims: readonly Aim[];
}) {
  const hundred = (value: number) => Math.round(value * 100);
  const costs = (Object.entries(pose.costs) as [CostId, number][]).filter(([, v]) => hundred(v) > 0);
  return (
    <Box component="details" sx={{ mt: 1 }}>
      <summary>
        <Said
          text={'Why it stands where it stands: score <1>{{count}}</1>'}
          values={{ count: hundred(pose.score) }}
          parts={[<span key="1" className="num" />]}
        />
      </summary>
      <Typography>
        {say('Gives {{what}}; {{what2}}.', {
          what:
            pose.gives.length === 0
              ? say('nothing that is aimed at, which is why it is not among the ranked')
              : pose.gives
                  .map((g) =>
                    say('{{aimedName}} {{side}} {{count}} of 100', {
                      aimedName: aimedName(g.aim),
                      side: say(g.aim.side),
                      count: hundred(g.worth),
                    }),
                  )
                  .join(', '),
          what2:
            costs.length === 0
              ? say('costs nothing')
              : say('costs {{costs}}', {
                  costs: costs.map(([id, v]) => `${say(COST_WORDS[id])} ${hundred(v)}`).join(', '),
                }),
        })}
      </Typography>
      {among &&
        behindSentences(behind(among, pose, aims)).map((sentence) => (
          <Typography key={sentence}>{sentence}</Typography>
        ))}
      <Typography variant="caption" component="p">
        {say('Each gift counts by the weight of its aim; weights of the costs are our defaults.')}
      </Typography>
    </Box>
  );
}
