import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import type { AskedQuestion } from '@/core/fit/asked';
import { ASK_AT_MOST, type Settling, type Suggestion } from '@/core/inference';
import { inHundred } from '@/core/inference/words';
import { shapeById } from '@/core/poses';
import { testById } from '@/core/assessment/battery';
import { MOVEMENT_WORDS } from '@/core/assessment/words';

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
  const what = asked.movement
    ? `${SIDE_MARK[asked.side]} ${asked.side} ${MOVEMENT_WORDS[asked.movement]}`
    : `the way in “${shapeById(asked.pose?.id ?? '')?.name ?? 'this pose'}”, ${asked.side} ${SIDE_MARK[asked.side]}`;
  const [likeliest, second] = settling?.limiters ?? [];
  const name = (limiter: typeof likeliest) =>
    limiter ? `${GROUP_WORDS[limiter.group].name}, ${inHundred(limiter.probability)}` : '';
  const [first, ...others] = settling?.tests ?? [];
  return (
    <Box
      role="region"
      aria-label="Question"
      aria-busy={busy}
      sx={{ border: '1px solid var(--act)', borderRadius: 1.5, p: 1.25, mb: 1.5, bgcolor: 'var(--act-pale)' }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Typography sx={{ flex: 1, fontWeight: 600 }}>What stops {what}?</Typography>
        <Button size="small" onClick={onLeave}>
          {settling?.state === 'ask' ? 'Leave the question' : 'Done'}
        </Button>
      </Box>
      {!settling || !likeliest ? (
        <Typography sx={{ fontSize: 14 }}>Kolpos is looking for the test that tells.</Typography>
      ) : settling.state === 'settled' ? (
        <Typography sx={{ fontSize: 15 }}>
          Settled: <span className="muscle">{name(likeliest)}</span>.
        </Typography>
      ) : settling.state === 'cannot' ? (
        <Typography sx={{ fontSize: 15 }}>
          Tests cannot settle it: <span className="muscle">{name(likeliest)}</span>
          {second && (
            <>
              {' '}
              or <span className="muscle">{name(second)}</span>
            </>
          )}
          . Keep both in mind, and note where it is felt in the poses.
        </Typography>
      ) : (
        <>
          <Typography sx={{ fontSize: 14 }}>
            So far <span className="muscle">{name(likeliest)}</span>
            {second && (
              <>
                {' '}
                or <span className="muscle">{name(second)}</span>
              </>
            )}
            . Test {Math.min(asked.asked + 1, ASK_AT_MOST)} of at most {ASK_AT_MOST}:
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
              The first tells most between {GROUP_WORDS[settling.between[0]].name} and{' '}
              {GROUP_WORDS[settling.between[1]].name}
              {first &&
                first.turns > 0 &&
                `; it costs ${first.turns === 1 ? 'one turn' : `${first.turns} turns`} of the body`}
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
  const way = known?.variants?.find((v) => v.id === variant)?.name;
  return `${known?.name ?? test}${way ? `, ${way}` : ''}, ${side} ${SIDE_MARK[side]}`;
}
