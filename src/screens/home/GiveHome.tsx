'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import { firstName } from '@/core/students/called';
import { daysLater } from '@/core/day-count';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormGroup from '@mui/material/FormGroup';
import FormLabel from '@mui/material/FormLabel';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { screenOf, stopOf, type Screening } from '@/core/cautions/screen';
import { makeHome } from '@/core/home/make-home';
import { RENEW_DAYS } from '@/core/home/home-file';
import { homeTests } from '@/core/home/self-tests';
import { sayIn } from '@/core/languages/catalogues';
import { languageOf } from '@/core/languages/language';
import type { Practice } from '@/core/practice/practice';
import { plannedBetween } from '@/core/progress/plan';
import type { RankedPose } from '@/core/ranking/rank';
import { buildOfStudent, type Student } from '@/core/students/student';
import { changeStudent } from '@/store/changes';
import { newId, today } from '@/store/studio';
import { useCues } from '../practice/use-cues';
import { RecheckedNote } from '../practice/Rechecked';
import { PassphraseDialog } from '../settings/PassphraseDialog';
import { usePropSizes } from '../settings/use-pose-settings';
import { saveFile } from '../shell/save-file';
import { useDrawnBody } from '../settings/use-drawn-body';
import { LanguageSelect } from '../shell/LanguageSelect';
import { useStudio } from '../shell/studio-context';
import { GoesAlong, Tick, type Along } from './GoesAlong';
import { makeFile, type HomeMade } from './make-file';

/** Practices that are offered: the newest. */
const MOST_OFFERED = 6;

/** One file for the student's phone: which practices, what goes along, locked or not. */
export function GiveHome({
  student,
  practice,
  ranked,
  onClose,
}: {
  student: Student;
  practice: Practice;
  ranked: readonly RankedPose[];
  onClose: () => void;
}) {
  const [body] = useDrawnBody();
  const { db } = useStudio();
  const [sizes] = usePropSizes();
  const { schools, book } = useCues();
  const all = useLiveQuery(() => db.practices.where('student').equals(student.id).toArray(), [db, student.id]);
  const plan = useLiveQuery(() => db.plans.get(student.id), [db, student.id]) ?? null;
  const [id] = useState(newId);
  const [chosen, setChosen] = useState<readonly string[]>([practice.id]);
  const [along, setAlong] = useState<Along>({ named: true, weeks: true, tests: false, locks: false });
  const { named, weeks, tests, locks } = along;
  const [asking, setAsking] = useState(false);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [made, setMade] = useState<HomeMade | null>(null);
  const day = today();
  const screening = screenOf(student, day);
  const language = languageOf(student.language);
  const offered = [
    practice,
    ...(all ?? [])
      .filter((p) => p.id !== practice.id && p.items.length > 0)
      .sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1)),
  ].slice(0, MOST_OFFERED);
  const ahead = plan ? plannedBetween(plan, day, daysLater(day, RENEW_DAYS)).filter((d) => d.mark === null) : [];
  const alone = homeTests(screening);
  const first = firstName(student.name);
  const build = buildOfStudent(student);
  const taken = offered.filter((p) => chosen.includes(p.id));
  const home = makeHome({
    id,
    student,
    named,
    practices: taken,
    week: weeks ? ahead.map((d) => ({ day: d.day, practice: taken.at(0)?.id ?? '' })) : [],
    tests,
    ranked,
    screening,
    build,
    sizes,
    schools,
    book,
    today: day,
    say: sayIn(language),
  });
  const make = async (passphrase: string | null) => {
    if (!home) return;
    setAsking(false);
    setBusy(true);
    setProblem(null);
    try {
      const file = await makeFile(home, build, passphrase, { body, language });
      saveFile(file.name, file.html, 'text/html');
      setMade(file);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="give-title">
      <DialogTitle id="give-title">{say('A practice for {{first}}’s phone', { first })}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {made ? (
          <Made file={made} first={first} locked={locks} />
        ) : (
          <>
            <Typography>
              {say(
                'One file that plays on any phone or computer, without a network. Shapes are drawn as {{first}} does them, with a bell and an easier shape at hand. A square code brings back what was done.',
                { first },
              )}
            </Typography>
            <FormGroup aria-label={say('Practices in the file')}>
              <FormLabel component="legend">{say('Practices in it')}</FormLabel>
              {offered.map((p) => (
                <Tick
                  key={p.id}
                  label={say('{{title}}, {{count}} minutes', { title: p.title, count: p.minutes })}
                  checked={chosen.includes(p.id)}
                  on={(to) => setChosen(to ? [...chosen, p.id] : chosen.filter((c) => c !== p.id))}
                />
              ))}
            </FormGroup>
            <GoesAlong
              first={first}
              along={along}
              days={ahead.length}
              tests={alone.length}
              on={(part) => setAlong({ ...along, ...part })}
            />
            <LanguageSelect
              size="small"
              label={say('Language of the page')}
              helperText={say('Words that you wrote yourself stay as they are.')}
              value={language}
              onPick={(to) => void changeStudent(db, student.id, { language: to })}
            />
            {home && <RecheckedNote changes={home.changes} />}
            <Typography variant="body2" color="text.secondary">
              {say(
                'No finding, no muscle and no caution is in it; what to leave alone is told in everyday words. After {{count}} weeks it asks to be renewed.',
                { count: RENEW_DAYS / 7 },
              )}
            </Typography>
            {!home && (
              <Alert severity={taken.length === 0 ? 'info' : 'warning'}>{whyNone(screening, taken.length)}</Alert>
            )}
            {problem && <Alert severity="warning">{problem}</Alert>}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{made ? say('Close') : say('Leave it')}</Button>
        {!made && (
          <Button
            variant="contained"
            disabled={busy || !home}
            onClick={() => (locks ? setAsking(true) : void make(null))}
          >
            {busy ? say('Drawing …') : say('Make the file')}
          </Button>
        )}
      </DialogActions>
      {asking && (
        <PassphraseDialog
          locks
          busy={busy}
          problem={null}
          onSay={(passphrase) => void make(passphrase)}
          onClose={() => setAsking(false)}
        />
      )}
    </Dialog>
  );
}

/** Why there is nothing to take home, in a sentence. @param ticked how many practices are ticked */
function whyNone(screening: Screening, ticked: number): string {
  const stop = screening.stopped ? stopOf(screening)?.message : undefined;
  return (
    stop ?? (ticked === 0 ? say('Tick at least one practice.') : say('The cautions leave nothing of what is ticked.'))
  );
}

/** What to do with the file. */
function Made({ file, first, locked }: { file: HomeMade; first: string; locked: boolean }) {
  return (
    <>
      <Alert severity="success" role="status">
        {say('Saved as {{name}}, {{count}} kB.', { name: file.name, count: Math.round(file.bytes / 1000) })}
      </Alert>
      <Typography component="div">
        <ol style={{ margin: 0, paddingLeft: '1.2em' }}>
          <li>{say('Send it to {{first}} as you send any file.', { first })}</li>
          <li>{say('On Android or a computer it opens in the browser with a tap.')}</li>
          <li>
            {say(
              'An iPhone may show it without letting it run. Then it needs a browser app that opens saved files, or the printed page instead.',
            )}
          </li>
          {locked && <li>{say('Tell {{first}} the passphrase another way than the file.', { first })}</li>}
          <li>
            <Said
              text={'What comes back, you photograph or paste: <1>Progress</1>, then <2>Back from home</2>.'}
              parts={[<em key="1" />, <em key="2" />]}
            />
          </li>
        </ol>
      </Typography>
    </>
  );
}
