import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { SIDE_MARK } from '@/core/body/words';
import { capacities, summariseStrength, type Capacity, type StrengthFinding } from '@/core/inference';
import { bandWords } from '@/core/inference/words';
import type { Student } from '@/core/students/student';
import { readoutOf, testById } from '@/core/assessment/battery';
import { readWithUnit, withUnit, type Reading } from '@/core/assessment/reading';
import { ageOn } from '@/core/students/age';
import { today } from '@/store/studio';

/** Strength beside length: every strength reading with its norm, weakest first. */
export function StrengthList({ student, readings }: { student: Student; readings: readonly Reading[] }) {
  const age = ageOn(student.birthYear, today());
  const found = summariseStrength(readings, { sexForNorms: student.sexForNorms, age });
  const able = capacities(readings, student.mass_kg);
  return (
    <Box role="region" aria-label={say('Strength')} sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {say('How strong')}
      </Typography>
      {found.length === 0 ? (
        <Typography color="text.secondary">
          {say('No strength test is read yet. Under Measure choose “Full strength”, or a few of your own.')}
        </Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {found.map((f) => (
            <Row
              key={`${f.test}/${f.readout}/${f.side}`}
              finding={f}
              capacity={able.find((c) => c.test === f.test && c.readout === f.readout && c.side === f.side)}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}

function Row({ finding, capacity }: { finding: StrengthFinding; capacity: Capacity | undefined }) {
  const readout = readoutOf(finding.test, finding.readout);
  if (!readout) return null;
  return (
    <Box component="li" sx={{ borderBottom: '1px solid var(--line)', py: 0.5 }}>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <span style={{ flex: 1 }}>
          {finding.side !== 'both' && `${SIDE_MARK[finding.side]} `}
          {say(testById(finding.test)?.name ?? '')}
        </span>
        <strong className="num">{readWithUnit(readout, finding.value)}</strong>
      </Box>
      <Typography variant="caption" component="p">
        {finding.z === null || !finding.norm
          ? say('No norm to compare with.')
          : say('{{band}}; typical {{withUnit}} ± {{withUnit2}} ({{source}})', {
              band: bandWords(finding.z),
              withUnit: withUnit(readout, finding.norm.mean),
              withUnit2: withUnit(readout, finding.norm.sd),
              source: say(finding.norm.source),
            })}
        {finding.gap?.beyondError &&
          say(' · {{withUnit}} {{what}} than the other side, beyond the error of measuring', {
            withUnit: withUnit(readout, Math.abs(finding.gap.gap)),
            what: finding.gap.gap < 0 ? say('less') : say('more'),
          })}
        {finding.doubtful && say(' · seen spoilt or ended by pain: it says little')}
      </Typography>
      {capacity && (
        <Typography variant="caption" component="p">
          {say('{{round}} ± {{round2}} N·m; in this position it can come from {{shares}}.', {
            round: Math.round(capacity.torque_Nm),
            round2: Math.round(capacity.error_Nm),
            shares: capacity.shares
              .slice(0, 4)
              .map((s) => `${s.structure.replaceAll('-', ' ')} ${Math.round(s.share * 100)} %`)
              .join(', '),
          })}
        </Typography>
      )}
    </Box>
  );
}
