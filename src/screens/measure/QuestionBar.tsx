import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import type { AskedQuestion } from '@/core/fit/asked';
import type { Settling, Suggestion } from '@/core/inference';
import { ASK_AT_MOST } from '@/core/inference/settled-at';
import { inHundred } from '@/core/inference/words';
import { testById } from '@/core/assessment/battery';
import { MOVEMENT_WORDS } from '@/core/assessment/words';
import { useShapeName } from '../poses/use-shape-name';

/** The question that leads the tests: how it stands, the test that would tell, and when it is done. */
export function QuestionBar({
  asked,
  settling,
  busy,
  onTest,
  onLeave,
}: {
  asked: AskedQuestion;
  settling: Settling | null;
  busy: boolean;
  onTest: (suggestion: Suggestion) => void;
  onLeave: () => void;
}) {
  const pose = useShapeName(asked.pose?.id);
  const what = asked.movement
    ? `${SIDE_MARK[asked.side]} ${say(asked.side)} ${say(MOVEMENT_WORDS[asked.movement])}`
    : say('the way in “{{what}}”, {{side}} {{side2}}', {
        what: say(pose ?? 'this pose'),
        side: say(asked.side),
        side2: SIDE_MARK[asked.side],
      });
  const [likeliest, second] = settling?.limiters ?? [];
  const name = (limiter: typeof likeliest) =>
    limiter ? `${say(GROUP_WORDS[limiter.group].name)}, ${inHundred(limiter.probability)}` : '';
  const [first, ...others] = settling?.tests ?? [];
  return (
    <Box
      role="region"
      aria-label={say('Question')}
      aria-busy={busy}
      sx={{ border: '1px solid var(--act)', borderRadius: 1.5, p: 1.25, mb: 1.5, bgcolor: 'var(--act-pale)' }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Typography sx={{ flex: 1, fontWeight: 600 }}>{say('What stops {{what}}?', { what })}</Typography>
        <Button size="small" onClick={onLeave}>
          {settling?.state === 'ask' ? say('Leave the question') : say('Done')}
        </Button>
      </Box>
      {!settling || !likeliest ? (
        <Typography sx={{ fontSize: 14 }}>{say('Kolpos is looking for the test that tells.')}</Typography>
      ) : settling.state === 'settled' ? (
        <Typography sx={{ fontSize: 15 }}>
          <Said
            text={'Settled: <1>{{name}}</1>.'}
            values={{ name: name(likeliest) }}
            parts={[<span key="1" className="muscle" />]}
          />
        </Typography>
      ) : settling.state === 'cannot' ? (
        <Typography sx={{ fontSize: 15 }}>
          <Said
            text={'Tests cannot settle it: <1>{{name}}</1>'}
            values={{ name: name(likeliest) }}
            parts={[<span key="1" className="muscle" />]}
          />
          {second && (
            <>
              {' '}
              <Said
                text={'or <1>{{name}}</1>'}
                values={{ name: name(second) }}
                parts={[<span key="1" className="muscle" />]}
              />
            </>
          )}
          {say('. Keep both in mind, and note where it is felt in the poses.')}
        </Typography>
      ) : (
        <>
          <Typography sx={{ fontSize: 14 }}>
            <Said
              text={'So far <1>{{name}}</1>'}
              values={{ name: name(likeliest) }}
              parts={[<span key="1" className="muscle" />]}
            />
            {second && (
              <>
                {' '}
                <Said
                  text={'or <1>{{name}}</1>'}
                  values={{ name: name(second) }}
                  parts={[<span key="1" className="muscle" />]}
                />
              </>
            )}
            {say('. Test {{min}} of at most {{aSK_AT_MOST}}:', {
              min: Math.min(asked.asked + 1, ASK_AT_MOST),
              aSK_AT_MOST: ASK_AT_MOST,
            })}
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.5 }}>
            {first && (
              <Button variant="contained" size="small" disabled={busy} onClick={() => onTest(first)}>
                {testWords(first)}
              </Button>
            )}
            {others.slice(0, 2).map((s) => (
              <Button key={testWords(s)} variant="outlined" size="small" disabled={busy} onClick={() => onTest(s)}>
                {testWords(s)}
              </Button>
            ))}
          </Box>
          {settling.between && (
            <Typography variant="caption" component="p">
              {say('The first tells most between {{name}} and {{name2}}', {
                name: say(GROUP_WORDS[settling.between[0]].name),
                name2: say(GROUP_WORDS[settling.between[1]].name),
              })}
              {first &&
                first.turns > 0 &&
                say('; it costs {{what}} of the body', {
                  what: first.turns === 1 ? say('one turn') : say('{{count}} turns', { count: first.turns }),
                })}
              .
            </Typography>
          )}
        </>
      )}
    </Box>
  );
}

function testWords({ test, side, variant }: Suggestion): string {
  const known = testById(test);
  const way = say(known?.variants?.find((v) => v.id === variant)?.name ?? '');
  return `${say(known?.name ?? test)}${way ? `, ${way}` : ''}, ${say(side)} ${SIDE_MARK[side]}`;
}
