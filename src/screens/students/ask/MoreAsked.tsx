'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { dayWords } from '@/core/day-words';
import { STYLES, type Student } from '@/core/students/student';
import { STYLE_WORDS } from '@/core/students/words';
import { today } from '@/store/studio';
import { ageOn } from '@/core/students/age';
import { Pick } from '../../shell/Pick';
import { KeptText } from './KeptText';

const PROPS = ['blanket', 'block', 'strap', 'bolster', 'wall', 'chair'] as const;
const AIMS = [
  ['relief', 'relief'],
  ['range', 'a range'],
  ['pose', 'a pose'],
] as const;
const TOUCH = [
  ['yes', 'may be touched'],
  ['ask', 'ask each time'],
  ['no', 'no touch'],
] as const;

/** Consent, aim, days, practice, clinician's words, style and props. */
export function MoreAsked({ student, change }: { student: Student; change: (part: Partial<Student>) => void }) {
  const consent = student.consent;
  const minor = ageOn(student.birthYear, today()) < 18;
  const toggle = (list: readonly string[] | undefined, id: string) =>
    list?.includes(id) ? list.filter((x) => x !== id) : [...(list ?? []), id];
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box role="group" aria-label={say('Consent')}>
        <Typography variant="h3">{say('Consent to being tested')}</Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label={say('Touch')}
          value={consent?.touch ?? null}
          onChange={(_, touch: 'yes' | 'ask' | 'no' | null) =>
            change({
              consent: touch ? { touch, on: today(), by: consent?.by ?? (minor ? 'guardian' : 'student') } : undefined,
            })
          }
        >
          {TOUCH.map(([id, words]) => (
            <ToggleButton key={id} value={id}>
              {say(words)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Typography variant="caption" component="p">
          {consent
            ? say(
                'Given by the {{by}} on {{day}}. Consent can be taken back at any moment: press the chosen one again.',
                { by: say(consent.by), day: dayWords(consent.on, 'long') },
              )
            : say('Not recorded yet.{{what}}', { what: minor ? say(' Under 18 the guardian gives it.') : '' })}
          {consent?.touch === 'no' &&
            say(' The student holds still alone: choose “by the student alone” beside each reading.')}
        </Typography>
      </Box>
      <Box
        role="group"
        aria-label={say('What the aim is about')}
        sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}
      >
        <Typography variant="caption">{say('The aim is')}</Typography>
        {AIMS.map(([id, words]) => (
          <Pick
            key={id}
            label={say(words)}
            on={student.aimKind === id}
            press={() => change({ aimKind: student.aimKind === id ? undefined : id })}
          />
        ))}
      </Box>
      <KeptText
        label={say('The days: sitting, standing, carrying')}
        value={student.daily ?? ''}
        max={400}
        onKeep={(daily) => change({ daily })}
      />
      <KeptText
        label={say('What else is done: rowing, running, playing')}
        value={student.activity ?? ''}
        max={400}
        onKeep={(activity) => change({ activity })}
      />
      <KeptText
        label={say('Practice so far')}
        value={student.practised ?? ''}
        max={400}
        onKeep={(practised) => change({ practised })}
      />
      <KeptText
        label={say('What a clinician said')}
        help={say('Their words stand above everything that Kolpos proposes.')}
        value={student.clinician ?? ''}
        max={600}
        lines={2}
        onKeep={(clinician) => change({ clinician })}
      />
      <Box
        role="group"
        aria-label={say('Style')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center' }}
      >
        <Typography variant="caption">{say('Likes it')}</Typography>
        {STYLES.map((s) => (
          <Pick
            key={s}
            label={say(STYLE_WORDS[s])}
            on={student.styles?.includes(s) ?? false}
            press={() => change({ styles: toggle(student.styles, s) as Student['styles'] })}
          />
        ))}
      </Box>
      <Box
        role="group"
        aria-label={say('Props')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center' }}
      >
        <Typography variant="caption">{say('Has at home')}</Typography>
        {PROPS.map((p) => (
          <Pick
            key={p}
            label={say(p)}
            on={student.props?.includes(p) ?? false}
            press={() => change({ props: toggle(student.props, p) })}
          />
        ))}
      </Box>
    </Box>
  );
}
