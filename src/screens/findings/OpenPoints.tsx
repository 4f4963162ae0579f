import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import { isLimited, type Doubt, type Findings, type Hint, type MovementFinding } from '@/core/inference';
import { hintWords } from '@/core/inference/hint-words';
import { whyUnclear, movedWords } from '@/core/inference/words';
import { readoutOf, testById } from '@/core/assessment/battery';
import { withUnit, type Reading, meanOf } from '@/core/assessment/reading';

/**
 * What cannot be told apart, what does not fit, and what points past the muscle. Nothing is shown where there is none.
 */
export function OpenPoints({
  findings,
  readings,
  onSettle,
  onTest,
}: {
  findings: Findings;
  readings: readonly Reading[];
  onSettle: (finding: MovementFinding) => void;
  /** Goes to the test of a reading, to take it again. */
  onTest: (reading: Reading) => void;
}) {
  'use memo';
  const unclear = findings.movements.filter((m) => m.clarity === 'unclear' && !whyUnclear(m) && !isLimited(m));
  const { doubts, hints } = findings;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
        '&:empty': { display: 'none' },
      }}
    >
      {doubts.length > 0 && (
        <Box component="section" aria-label={say('What does not fit')}>
          <Typography variant="h2">{say('What does not fit')}</Typography>
          {doubts.map((d, i) => (
            <DoubtSaid key={i} doubt={d} readings={readings} onTest={onTest} />
          ))}
        </Box>
      )}
      {hints.length > 0 && (
        <Box component="section" aria-label={say('Signs that it is more than muscle')}>
          <Typography variant="h2">{say('Signs that it is more than muscle')}</Typography>
          {hints.map((h, i) => (
            <HintSaid key={i} hint={h} />
          ))}
        </Box>
      )}
      {unclear.length > 0 && (
        <Box component="section" aria-label={say('What is not clear')}>
          <Typography variant="h2">{say('Not clear, but within the usual range')}</Typography>
          {unclear.map((m) => (
            <Box key={m.side + m.movement} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', fontSize: 14 }}>
              <span style={{ flex: 1 }}>
                {SIDE_MARK[m.side]} {say(m.side)} {movedWords(m)}:{' '}
                <span className="muscle">
                  {m.limiters
                    .slice(0, 2)
                    .map((l) => say(GROUP_WORDS[l.group].name))
                    .join(say(' or '))}
                </span>
              </span>
              <Button
                size="small"
                onClick={() => onSettle(m)}
                aria-label={say('Which test would make clear what stops the {{side}} {{moved}}?', {
                  side: say(m.side),
                  moved: movedWords(m),
                })}
              >
                {say('Which test?')}
              </Button>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

const nameOf = (read: Reading | undefined): string => {
  if (!read) return say('a reading');
  const test = testById(read.test);
  const way = test?.variants?.find((v) => v.id === read.variant)?.name;
  return `${say(test?.name ?? read.test)}, ${within(readoutOf(read.test, read.readout)?.name ?? read.readout)}${way ? `, ${way}` : ''}`;
};

function DoubtSaid({
  doubt,
  readings,
  onTest,
}: {
  doubt: Doubt;
  readings: readonly Reading[];
  onTest: (reading: Reading) => void;
}) {
  'use memo';
  const ids = doubt.kind === 'stray' ? [doubt.reading] : doubt.readings;
  const said = ids.map((id) => readings.find((r) => r.id === id));
  const [first, second] = said;
  const read = (reading: Reading | undefined) => (reading ? withUnit(reading, meanOf(reading.trials)) : '');
  return (
    <Box sx={{ mt: 0.75 }}>
      <Typography sx={{ fontSize: 14 }}>
        {SIDE_MARK[doubt.side]} {say(doubt.side)}:{' '}
        {doubt.kind === 'stray'
          ? say(
              '{{name}} reads {{read}}; all other readings together would expect {{what}}. It hardly counts until it is taken again.',
              { name: nameOf(first), read: read(first), what: first ? withUnit(first, doubt.expected) : '' },
            )
          : say(
              '{{name}} ({{read}}) and {{name2}} ({{read2}}) say opposite things about the {{name3}}. Kolpos does not average them: nothing is concluded until both are taken again.',
              {
                name: nameOf(first),
                read: read(first),
                name2: nameOf(second),
                read2: read(second),
                name3: say(GROUP_WORDS[doubt.group].name),
              },
            )}
      </Typography>
      {said.map(
        (r) =>
          r && (
            <Button key={r.id} size="small" onClick={() => onTest(r)}>
              {say('Take again:')} {say(testById(r.test)?.name ?? '')}
            </Button>
          ),
      )}
    </Box>
  );
}

function HintSaid({ hint }: { hint: Hint }) {
  'use memo';
  const { title, seen, then } = hintWords(hint);
  return (
    <Box sx={{ mt: 0.75, pl: 1, borderLeft: `3px solid ${hint.refer ? 'var(--caution)' : 'var(--contour)'}` }}>
      <Typography sx={{ fontSize: 15, fontWeight: 600, color: hint.refer ? 'var(--caution)' : undefined }}>
        {hint.refer && '▲ '}
        {SIDE_MARK[hint.side]} {hint.side === 'both' ? '' : `${say(hint.side)}: `}
        {title}
      </Typography>
      <Typography sx={{ fontSize: 14 }}>
        {seen} {then}
      </Typography>
    </Box>
  );
}
