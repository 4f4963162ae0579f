import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { isMuscleGroup, type Side } from '@/core/body';
import { GROUP_WORDS } from '@/core/body/words';
import { groupStrength, summariseStrength, type GroupFinding } from '@/core/inference';
import type { Student } from '@/core/students/student';
import type { Reading } from '@/core/assessment/reading';
import { landTint, seaTint } from '@/figure/scales';
import { ageOn } from '@/core/students/age';
import { today } from '@/store/studio';
import { Word } from '../guide/Word';

const LOW = -4;
const HIGH = 3;
const share = (value: number): number => ((Math.min(HIGH, Math.max(LOW, value)) - LOW) / (HIGH - LOW)) * 100;

/** One side of one group: typical band, point, whisker; mirrored on the left. */
function Bar({
  finding,
  side,
  strength,
  onOpen,
}: {
  finding: GroupFinding;
  side: Side;
  /** Strength beside typical with the error of measuring, SD; null where none is read. */
  strength: { z: number; error: number } | null;
  onOpen: (finding: GroupFinding) => void;
}) {
  const { mean, sd } = finding.typical;
  const { tolerance } = finding;
  const from = side === 'left' ? 'right' : 'left';
  const span = (low: number, high: number) => ({ [from]: `${share(low)}%`, width: `${share(high) - share(low)}%` });
  const label = say('{{name}}, {{side}}: {{z}} SD beside typical people, interval {{what}} to {{what2}}{{what3}}', {
    name: say(GROUP_WORDS[finding.group].name),
    side: say(side),
    z: finding.z.toFixed(1),
    what: ((tolerance.low - mean) / sd).toFixed(1),
    what2: ((tolerance.high - mean) / sd).toFixed(1),
    what3:
      strength === null
        ? ''
        : say('; strength {{z}} SD, give or take {{error}}', {
            z: strength.z.toFixed(1),
            error: strength.error.toFixed(1),
          }),
  });
  return (
    <Box
      component="button"
      type="button"
      aria-label={label}
      onClick={() => onOpen(finding)}
      sx={{
        all: 'unset',
        cursor: 'pointer',
        position: 'relative',
        height: 22,
        display: 'block',
        '&:focus-visible': { outline: '2px solid var(--act)' },
      }}
    >
      <Box sx={{ position: 'absolute', top: 0, bottom: 0, bgcolor: 'var(--sea-0)', ...span(mean - sd, mean + sd) }} />
      <Box
        sx={{
          position: 'absolute',
          top: 11,
          height: 0,
          borderTop: '1.5px solid var(--ink)',
          ...span(tolerance.low, tolerance.high),
        }}
      />
      {[tolerance.low, tolerance.high].map((v, i) => (
        <Box
          key={i}
          sx={{
            position: 'absolute',
            top: 6,
            height: 11,
            borderLeft: '1.5px solid var(--ink)',
            [from]: `${share(v)}%`,
          }}
        />
      ))}
      <Box
        sx={{
          position: 'absolute',
          top: 5,
          width: 13,
          height: 13,
          borderRadius: '50%',
          border: '1.5px solid var(--ink)',
          bgcolor: seaTint(1 - finding.shareBelow),
          [from]: `calc(${share(tolerance.mean)}% - 6px)`,
        }}
      />
      {strength !== null && (
        <>
          <Box
            sx={{
              position: 'absolute',
              top: 16,
              height: 0,
              borderTop: '1.5px dotted var(--ink)',
              ...span(mean + (strength.z - strength.error) * sd, mean + (strength.z + strength.error) * sd),
            }}
          />
          <Box
            sx={{
              position: 'absolute',
              top: 6,
              width: 10,
              height: 10,
              transform: 'rotate(45deg)',
              border: '1.5px solid var(--ink)',
              bgcolor: landTint(Math.min(1, Math.max(0, 0.5 + strength.z / 4))),
              [from]: `calc(${share(mean + strength.z * sd)}% - 5px)`,
            }}
          />
        </>
      )}
    </Box>
  );
}

/** How far each muscle group lets itself be lengthened: left and right as mirror images about its name. */
export function ToleranceChart({
  findings,
  student,
  readings,
  onOpen,
}: {
  findings: readonly GroupFinding[];
  student: Pick<Student, 'sexForNorms' | 'birthYear'>;
  readings: readonly Reading[];
  onOpen: (finding: GroupFinding) => void;
}) {
  const age = ageOn(student.birthYear, today());
  const strong = summariseStrength(readings, { sexForNorms: student.sexForNorms, age });
  const groups = [...new Set(findings.map((s) => s.group))].filter(isMuscleGroup);
  return (
    <Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 150px 1fr', fontWeight: 700, fontSize: 14, mb: 0.5 }}>
        <Box sx={{ textAlign: 'center' }}>{say('◁ left')}</Box>
        <span />
        <Box sx={{ textAlign: 'center' }}>{say('right ▷')}</Box>
      </Box>
      {groups.map((group) => {
        const of = (side: Side) => findings.find((s) => s.group === group && s.side === side);
        const left = of('left'),
          right = of('right');
        return (
          <Box
            key={group}
            sx={{ display: 'grid', gridTemplateColumns: '1fr 150px 1fr', gap: 1, alignItems: 'center', mb: 0.4 }}
          >
            {left ? (
              <Bar finding={left} side="left" strength={groupStrength(strong, group, 'left')} onOpen={onOpen} />
            ) : (
              <span />
            )}
            <Box className="muscle" sx={{ textAlign: 'center', fontSize: 15, lineHeight: 1.15 }}>
              <Word of={GROUP_WORDS[group].name}>{say(GROUP_WORDS[group].name)}</Word>
            </Box>
            {right ? (
              <Bar finding={right} side="right" strength={groupStrength(strong, group, 'right')} onOpen={onOpen} />
            ) : (
              <span />
            )}
          </Box>
        );
      })}
      <Typography variant="caption" component="p">
        {say(
          'Further from the name is more length. Dot: this student, deeper water where fewer people have less; line: 8 in 10 sure; pale: two in three typical people. Diamond and dots: strength beside typical with the error of measuring, where a test speaks mainly about it.',
        )}
      </Typography>
    </Box>
  );
}
