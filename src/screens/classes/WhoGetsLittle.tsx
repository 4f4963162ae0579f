'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { aimedName } from '@/core/aims/words';
import type { Helping, Little } from '@/core/classes/help';
import { firstName } from '@/core/students/called';
import type { MemberFacts } from '@/workers/core.worker';
import { nudgeWords } from '../practice/nudge-words';

/** Who gets little from a class, and the one change that would help each most; nothing where everybody gets enough. */
export function WhoGetsLittle({
  little,
  members,
  onTake,
}: {
  little: readonly Little[];
  members: readonly MemberFacts[];
  onTake: (change: Helping) => void;
}) {
  'use memo';
  if (little.length === 0) return null;
  const nameOf = (id: string): string => firstName(members.find((m) => m.id === id)?.name ?? '');
  return (
    <Box component="section" aria-label={say('Who gets little')} className="no-print" sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {say('Who gets little')}
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {little.map(({ member, aim, minutes, wanted, change }) => (
          <Box component="li" key={member} sx={{ borderTop: '1px solid var(--line)', py: 0.75 }}>
            <Typography>
              <Said
                text={'{{name}}: <1>{{aimedName}}</1> {{side}}, <2>{{minutes}} of {{wanted}}</2> minutes.'}
                values={{
                  name: nameOf(member),
                  aimedName: aimedName(aim),
                  side: say(aim.side),
                  minutes: minutes.toFixed(1),
                  wanted: wanted.toFixed(1),
                }}
                parts={[<span key="1" className="muscle" />, <span key="2" className="num" />]}
              />
            </Typography>
            {change ? (
              <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
                <Typography variant="caption" component="p">
                  <Said
                    text={'It would help most: {{nudge}} Then <1>{{minutes}}</1> minutes.'}
                    values={{ nudge: nudgeWords(change), minutes: change.minutes.toFixed(1) }}
                    parts={[<span key="1" className="num" />]}
                  />
                </Typography>
                <Button
                  size="small"
                  onClick={() => onTake(change)}
                  aria-label={say('Do that for {{name}}: {{nudge}}', {
                    name: nameOf(member),
                    nudge: nudgeWords(change),
                  })}
                >
                  {say('Do that')}
                </Button>
              </Box>
            ) : (
              <Typography variant="caption" component="p">
                {say('No single change would help without taking more from the others. A practice of their own would.')}
              </Typography>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
