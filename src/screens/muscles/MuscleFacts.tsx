'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import {
  actionSentences,
  HALF_NAMES,
  ACTION_WORDS,
  LINES,
  linesOfStructure,
  muscleEntry,
  MUSCLES,
  typicalEnd,
  type MuscleEntry,
  type Partner,
} from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import type { AtlasState } from './atlas-state';
import type { Computed } from './use-computed';

/** Shares below this are not worth a sentence. */
const WORTH_SAYING = 0.05;

/** The muscle's name and what it, and the one beside it, does at these joint angles. */
export function MuscleHere({
  entry,
  state,
  computed,
  set,
}: {
  entry: MuscleEntry;
  state: AtlasState;
  computed: Computed;
  set: (change: Partial<AtlasState>) => void;
}) {
  const beside = state.beside ? muscleEntry(state.beside) : null;
  return (
    <Box component="section" aria-label={say(entry.name)}>
      <Typography variant="h1" sx={{ mb: 0 }}>
        <span className="muscle">{say(entry.name)}</span>{' '}
        <Box component="span" sx={{ fontSize: 15, fontWeight: 400 }}>
          {SIDE_MARK[state.side]} {say(state.side)}
        </Box>
      </Typography>
      <Typography sx={{ color: 'var(--ink-2)' }}>{say(entry.plain)}</Typography>
      <Box
        aria-live="polite"
        sx={{ my: 1, p: 1.5, bgcolor: 'var(--surface)', border: '1px solid var(--line)', borderRadius: 1.5 }}
      >
        <Typography component="h2" variant="caption" sx={{ color: 'var(--ink-2)' }}>
          {say('At these joint angles')}
        </Typography>
        {actionSentences(computed.actions).map((s) => (
          <Typography key={s}>{s}</Typography>
        ))}
        <Typography>{stretchSentence(computed)}</Typography>
        {beside && computed.besideActions && (
          <Typography sx={{ mt: 0.5 }}>
            <span className="muscle">{say(beside.name)}</span>: {actionSentences(computed.besideActions).join(' ')}
          </Typography>
        )}
      </Box>
      <Autocomplete
        size="small"
        options={MUSCLES.filter((m) => m.structure !== state.muscle)}
        getOptionLabel={(m) => say(m.name)}
        value={beside}
        onChange={(_, m) => set({ beside: m?.structure ?? null })}
        renderInput={(params) => <TextField {...params} label={say('Compare with')} />}
        sx={{ mb: 1, maxWidth: 300 }}
      />
    </Box>
  );
}

/** Who helps it, where it runs, what reaches it, and where the numbers come from. */
export function MuscleFacts({
  entry,
  computed,
  set,
}: {
  entry: MuscleEntry;
  computed: Computed;
  set: (change: Partial<AtlasState>) => void;
}) {
  return (
    <Box component="section" aria-label={say('About {{name}}', { name: say(entry.name) })} sx={{ mt: 2 }}>
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gridTemplateColumns: '92px 1fr',
          columnGap: 1.5,
          rowGap: 0.5,
          '& dt': { color: 'var(--ink-2)' },
          '& dd': { m: 0 },
        }}
      >
        <Row term={say('helped by')}>{partnerButtons(computed.helpers, set)}</Row>
        <Row term={say('opposed by')}>{partnerButtons(computed.opposers, set)}</Row>
        <Row term="runs">{say(entry.runs)}</Row>
        <Row term={say('feel for it')}>{say(entry.feel)}</Row>
        <Row term={say('reached by')}>
          {computed.tests.length === 0
            ? say('No length test brings it to its own end: something else stops first.')
            : computed.tests.map((t) => say(t.name)).join(', ')}
        </Row>
        <Row term={say('students say')}>
          {say('{{said}} Possibilities to test, not a finding.', { said: say(entry.said) })}
        </Row>
        {entry.care && (
          <Row term="careful">
            <Box component="span" sx={{ color: 'var(--caution)', bgcolor: 'var(--caution-pale)', px: 0.5 }}>
              △ {say(entry.care)}
            </Box>
          </Row>
        )}
      </Box>
      <Sources structure={entry.structure} />
    </Box>
  );
}

const Row = ({ term, children }: { term: string; children: ReactNode }) => (
  <>
    <dt>{term}</dt>
    <dd>{children}</dd>
  </>
);

function partnerButtons(partners: readonly Partner[], set: (change: Partial<AtlasState>) => void): ReactNode {
  if (partners.length === 0) return say('no other muscle of this side, at these angles');
  return partners.slice(0, 5).map((p) => {
    const entry = muscleEntry(p.structure);
    return entry ? (
      <Button
        key={p.structure}
        size="small"
        className="muscle"
        title={say('likeness {{likeness}}: cosine between what the two could turn at these angles', {
          likeness: p.likeness.toFixed(2),
        })}
        onClick={() => set({ muscle: p.structure })}
        sx={{ p: 0, mr: 1, minWidth: 24, minHeight: 24, fontSize: 15 }}
      >
        {say(entry.name)}
      </Button>
    ) : null;
  });
}

/** How long it is here among typical people, and what its length alone holds. */
function stretchSentence({ stopped, passive, slack }: Computed): string {
  if (slack) return say('It is slack here: too short to pull, whatever its leverage.');
  const holds = passive
    .filter((p) => p.share >= WORTH_SAYING)
    .slice(0, 2)
    .map((p) => {
      const words = ACTION_WORDS[HALF_NAMES[p.coordinate]][p.moment_Nm > 0 ? 0 : 1];
      return say('{{count}} % of the pull that {{words}}', { count: Math.round(100 * p.share), words });
    });
  const held =
    holds.length > 0
      ? say(' Its stretch alone makes {{holds}}.', { holds: holds.join(say(' and ')) })
      : say(' Its stretch holds nothing here.');
  if (stopped === null) return say('No test tells where it ends.{{held}}', { held });
  const of = Math.round(100 * stopped);
  return say('Of 100 typical people {{what}} would have stopped by now on its account.{{held}}', {
    what: of === 0 ? say('fewer than one') : of,
    held,
  });
}

/** Where the numbers come from, line by line. */
function Sources({ structure }: { structure: string }) {
  return (
    <Box component="details" sx={{ mt: 1, fontSize: 14 }}>
      <summary>{say('Where these numbers come from')}</summary>
      {linesOfStructure(structure).map((i) => {
        const line = LINES[i];
        const end = typicalEnd(line.line, 'pushed');
        return (
          <p key={line.line}>
            <Said
              text={
                '<1>{{replaceAll}}</1>: {{source}}. Confidence: {{confidence}}. Fibres {{what}} cm, greatest force {{count}} N. {{what2}}'
              }
              values={{
                replaceAll: line.line.replaceAll('-', ' '),
                source: line.source,
                confidence: say(line.confidence),
                what: (line.fibreLength_m * 100).toFixed(1),
                count: line.maximumForce_N,
                what2: end
                  ? say('Typical end {{end}} fibre lengths ± {{sd}}{{what}} ({{anchor}}).', {
                      end: end.end.toFixed(2),
                      sd: end.sd.toFixed(2),
                      what: end.lowerBound ? say(', known only as a lower bound') : '',
                      anchor: end.anchor,
                    })
                  : say('No typical end.'),
              }}
              parts={[<strong key="1" />]}
            />
          </p>
        );
      })}
      <p>
        {say(
          'Computed on a body recalled from published ones and checked against facts of anatomy, not on people. It helps to choose a test or a shape; it diagnoses nothing.',
        )}
      </p>
    </Box>
  );
}
