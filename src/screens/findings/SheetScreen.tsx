'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { movedWords } from '@/core/inference/words';
import { aimsPlainly, listed } from '@/core/aims/plainly';
import { aimsFor } from '@/core/aims/for-student';
import { changeOf } from '@/core/inference/change';
import { sentenceOf, SHEET_FOOT, sinceWords } from '@/core/inference/sentences';
import { SIDES, type Side } from '@/core/body';
import { sayIn } from '@/core/languages/catalogues';
import { dateIn, languageOf } from '@/core/languages/language';
import { changeStudent } from '@/store/changes';
import { Figure } from '@/figure/Figure';
import { useInference } from '@/workers/use-core';
import { useAimDefaults } from '../settings/use-aim-defaults';
import { EmptyChart } from '../shell/EmptyChart';
import { LanguageSelect } from '../shell/LanguageSelect';
import { useStudio } from '../shell/studio-context';
import { useKnown } from '../shell/use-known';
import { Opening } from '../shell/Opening';
import { isLimited } from '@/core/inference';
import { STANDING } from './standing';
import { depthOf, tintsOf } from './tints';

const VIEWS = [
  { label: 'from the front', view: { yaw: -84, pitch: 3 } },
  { label: 'from behind', view: { yaw: 96, pitch: 3 } },
] as const;
const NOTHING: never[] = [];
/** Movements of a side that are told to a student: more would only weigh on her. */
const TOLD = 3;

/** One page for the student: what was found, in her words, without names of muscles; made to be printed. */
export function SheetScreen() {
  const { base, db } = useStudio();
  const id = useSearchParams().get('id') ?? '';
  const data = useKnown(id);
  const inference = useInference(data?.student, data?.readings, data?.felt ?? NOTHING, null);
  const defaults = useAimDefaults();
  if (!data) return <Opening />;
  const { student, readings } = data;
  const findings = inference.value?.findings;
  if (!student || readings.length === 0)
    return (
      <EmptyChart
        title={say('There is nothing to put on a sheet yet')}
        action={
          <Button variant="contained" component={Link} href={student ? `${base}/student?id=${id}` : `${base}/students`}>
            {student ? say('Measure') : say('All students')}
          </Button>
        }
      >
        {say('A sheet tells a student what was measured. Measure first.')}
      </EmptyChart>
    );
  if (inference.failed)
    return (
      <Typography role="alert">
        {say('The sheet could not be computed. ({{failed}})', { failed: inference.failed })}
      </Typography>
    );
  if (!findings) return <Typography role="status">{say('Writing the sheet …')}</Typography>;
  const { standing } = aimsFor(student, readings, findings, new Date().getFullYear(), defaults);
  const last = readings.reduce((a, r) => (r.takenAt > a ? r.takenAt : a), '');
  const limited = findings.movements.filter(isLimited);
  const tints = limited.flatMap((m) => {
    const [first] = m.clarity === 'unclear' ? [] : m.limiters;
    return first ? tintsOf(first.group, m.side, depthOf(m.band)) : [];
  });
  const language = languageOf(student.language);
  const inHers = sayIn(language);
  const { lengthen, strengthen, refer } = aimsPlainly(standing, inHers);
  const stem = (side: Side) => inHers(side, { context: 'stem' });
  return (
    <Box lang={language} sx={{ maxWidth: 760, mx: 'auto', p: { xs: 2, md: 3 }, bgcolor: 'var(--surface)' }}>
      <Box lang="en" className="no-print" sx={{ display: 'flex', gap: 1, mb: 2 }}>
        <Button component={Link} href={`${base}/student?id=${id}&step=findings`}>
          {say('Back to the findings')}
        </Button>
        <Button variant="contained" onClick={() => window.print()}>
          {say('Print')}
        </Button>
        <LanguageSelect
          size="small"
          label={say('Language')}
          value={language}
          onPick={(to) => void changeStudent(db, student.id, { language: to })}
        />
      </Box>
      <Typography variant="h1">{inHers('For {{name}}', { name: student.name })}</Typography>
      <Typography sx={{ color: 'var(--ink-2)', mb: 1 }}>
        {inHers('What we measured on {{day}}', { day: dateIn(language, new Date(last)) })}
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr' }}>
        {VIEWS.map(({ label, view }) => (
          <Box key={label} sx={{ textAlign: 'center' }}>
            <Box sx={{ height: 320 }}>
              <Figure
                label={inHers('The body {{from}}, what stops a movement tinted.', { from: inHers(label) })}
                posture={STANDING}
                tints={tints}
                view={view}
              />
            </Box>
            <Typography variant="caption">{inHers(label)}</Typography>
          </Box>
        ))}
      </Box>
      {SIDES.map((side) => {
        const own = limited.filter((m) => m.side === side).sort((a, b) => a.band - b.band);
        const fine = findings.movements.filter((m) => m.side === side && !isLimited(m));
        return (
          <Box
            component="section"
            key={side}
            aria-label={inHers('{{side}} side', { side: stem(side) })}
            sx={{ mb: 1.5 }}
          >
            <Typography variant="h2">{inHers('Your {{side}} side', { side: stem(side) })}</Typography>
            {own.length === 0 && (
              <Typography>{inHers('Every movement we measured goes as far as it does in most people.')}</Typography>
            )}
            {own.slice(0, TOLD).map((m) => {
              const change = changeOf(m, readings);
              return (
                <Typography key={m.movement} sx={{ mb: 0.5 }}>
                  {sentenceOf(m, readings, inHers)}
                  {change && ` ${inHers(sinceWords(change))}`}
                </Typography>
              );
            })}
            {own.length > 0 && fine.length > 0 && (
              <Typography sx={{ color: 'var(--ink-2)' }}>
                {inHers('As far as in most people: {{movements}}.', {
                  movements: fine.map((m) => movedWords(m, inHers)).join(', '),
                })}
              </Typography>
            )}
          </Box>
        );
      })}
      {(lengthen.length > 0 || strengthen.length > 0) && (
        <Box component="section" aria-label={inHers('What we will do')}>
          <Typography variant="h2">{inHers('What we will do')}</Typography>
          {lengthen.length > 0 && (
            <Typography>{inHers('Give room to {{places}}.', { places: listed(lengthen, inHers) })}</Typography>
          )}
          {strengthen.length > 0 && (
            <Typography>{inHers('Make stronger {{places}}.', { places: listed(strengthen, inHers) })}</Typography>
          )}
        </Box>
      )}
      {refer && (
        <Typography sx={{ mt: 1, color: 'var(--caution)', fontWeight: 600 }}>
          ▲ {inHers('Some of what we saw should be looked at by a clinician before we work on it.')}
        </Typography>
      )}
      <Typography sx={{ mt: 2, fontSize: 14, color: 'var(--ink-2)' }}>
        {SHEET_FOOT.map((line) => inHers(line)).join(' ')}
      </Typography>
    </Box>
  );
}
