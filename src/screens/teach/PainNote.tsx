'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { PAIN_KINDS } from '@/core/students/hurt';
import { PAIN_SAYS, PAIN_STAYS } from '@/core/students/pain-words';
import { PAIN_WORDS } from '@/core/students/words';
import { rungOf } from '@/core/poses';
import { alternativesFor } from '@/core/practice/alternatives';
import { blocksOf } from '@/core/practice/blocks';
import { itemsFor } from '@/core/practice/edit';
import { setSeconds, type Practice } from '@/core/practice/practice';
import { requestOf } from '@/core/practice/request';
import type { RankedPose } from '@/core/ranking/rank';
import { sparing } from '@/core/teaching/other-rung';
import type { PlayerEvent, PlayerState } from '@/core/teaching/player';
import { newId } from '@/store/studio';
import { Pick } from '../shell/Pick';

const MOST = 3;
const MANY = 40;

/** After a pose that hurt: its other side may be left out, or something done that spares what it asked. */
export function PainNote({
  state,
  practice,
  ranked,
  breathSeconds,
  send,
}: {
  state: PlayerState;
  practice: Practice;
  ranked: readonly RankedPose[] | null;
  breathSeconds: number;
  send: (event: PlayerEvent) => void;
}) {
  const hurt = state.items[state.index - 1];
  const item = state.items[state.index];
  const told = hurt && state.results.find((r) => r.item === hurt.id);
  if (!hurt || !item || !told?.stopped || state.stage !== 'moving') return null;
  const twin = item.pose === hurt.pose && item.rung === hurt.rung;
  const name = rungOf(hurt.pose, hurt.rung)?.shape.name ?? hurt.pose;
  const block = blocksOf(state.items).find((b) => b.items.some((i) => i.id === hurt.id));
  const others =
    twin && block && ranked
      ? sparing(
          ranked.filter((r) => r.pose === hurt.pose && r.rung === hurt.rung),
          alternativesFor(
            block,
            state.items,
            { ranked, aims: practice.aims, request: practice.request ?? requestOf({ minutes: practice.minutes }) },
            MANY,
          ),
        ).slice(0, MOST)
      : [];
  const take = (fits: readonly RankedPose[]) => {
    const seconds = setSeconds(item);
    const [first, second] = itemsFor(fits, { phase: item.phase, seconds, breathSeconds, aims: practice.aims, newId });
    if (!first) return;
    send({ type: 'exchange', now: first, twin: null, once: true });
    // Of what stands in, both sides are done: the second comes as its own.
    if (second) send({ type: 'add', next: second });
  };
  return (
    <Box role="status" sx={{ border: '2px solid var(--caution)', borderRadius: 1.5, p: 1.25, mt: 1 }}>
      <Typography sx={{ fontSize: 18 }}>
        <Said
          text={
            '<1>{{name}} ended for pain.</1> It is written down, and this side stays closed until you clear it under Ask. What was it like?'
          }
          values={{ name }}
          parts={[<strong key="1" />]}
        />
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, my: 0.5 }}>
        {PAIN_KINDS.map((kind) => (
          <Pick
            key={kind}
            label={say(PAIN_WORDS[kind])}
            on={told?.pain === kind}
            press={() => send({ type: 'pain', item: hurt.id, kind })}
          />
        ))}
      </Box>
      <Typography sx={{ fontSize: 18 }}>{told?.pain ? PAIN_SAYS[told.pain] : PAIN_STAYS}</Typography>
      {twin && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
          <Button variant="outlined" onClick={() => send({ type: 'leave-out' })}>
            {say('Leave out the other side')}
          </Button>
          {others.map(({ fits }) => {
            const found = rungOf(fits[0].pose, fits[0].rung);
            return (
              <Button key={`${fits[0].pose}/${fits[0].rung}`} variant="outlined" onClick={() => take(fits)}>
                {say(found?.shape.name ?? '')} {say('instead')}
              </Button>
            );
          })}
        </Box>
      )}
    </Box>
  );
}
