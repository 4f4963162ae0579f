'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { isNever } from '@/core/practice/likes';
import { useLikes } from '../settings/use-pose-settings';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { groupName } from '@/core/body/words';
import { cautionById, cautionName } from '@/core/cautions/catalogue';
import { limitWords } from '@/core/cautions/rules';
import { shortInAim } from '@/core/fit/shortest';
import type { Inference } from '@/core/inference';
import { SETTLED_AT } from '@/core/inference/settled-at';
import { shapeById } from '@/core/poses';
import type { Aim, Student } from '@/core/students/student';
import { aimKey } from '@/core/practice/aim-key';
import { isUseful } from '@/core/ranking/behind';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import { varied } from '@/core/ranking/varied';
import { useRanking, type Answer } from '@/workers/use-core';
import type { LeadingQuestion } from '../measure/use-question';
import { LateProgress } from '../shell/LateProgress';
import { NoAimYet } from '../shell/NoAimYet';
import { useStudio } from '../shell/studio-context';
import { useBuild } from '../students/use-build';
import { calledFirst, firstOfShape, matches, type PoseFilter } from './pose-filter';
import { NothingRanked } from './NothingRanked';
import { PoseBrowser } from './PoseBrowser';
import { PoseDetail } from './PoseDetail';
import { PoseFilterBar } from './PoseFilterBar';
import { PosesWaiting } from './PosesWaiting';
import { keyOf } from './PoseList';
import { ScoreParts } from './ScoreParts';
import { usePoseView } from './use-pose-view';
import type { StudentWay } from './use-way';

/** Why a student's holds are milder than usual. */
const MILDER = {
  nerve: 'a pull like a nerve’s was found',
  mobile: 'very mobile, the end is not where to rest',
} as const;

const aimWords = (aim: Aim): string => `${within(AIM_WORDS[aim.kind])} ${aimedName(aim)} ${say(aim.side)}`;

/** Which muscles of an aim's group the ranking looks at, where it is not all of it; nothing where it is. */
function shortestSaid(aim: Aim, posterior: Inference['posterior']): string {
  const names = shortInAim(aim, posterior);
  return names
    ? say(' Short in the {{groupName}} ({{side}}): {{names}}. Poses are ranked by that.', {
        groupName: groupName(aim.group),
        side: say(aim.side),
        names,
      })
    : '';
}

/** What of the ranking is shown: the useful ones, or by name any, also those that a caution forbids. */
function shownOf(ranked: readonly RankedPose[], filter: PoseFilter, aims: readonly Aim[]): RankedPose[] {
  const aim = aims.find((a) => aimKey(a) === filter.aim);
  const asked = filter.text.trim() !== '';
  const found = ranked.filter(
    (p) => matches(p, filter) && (asked || isUseful(p)) && (!aim || worthFor(p, aim).worth > 0.1),
  );
  const inOrder = aim
    ? [...found].sort((a, b) => worthFor(b, aim).worth - worthFor(a, aim).worth || b.score - a.score)
    : calledFirst(found, filter.text);
  if (filter.rungs !== 'best') return inOrder;
  const shapes = firstOfShape(inOrder);
  return aim || asked ? shapes : varied(shapes);
}

/** The library ranked for these aims in this student; one pose open with its reasons, up to three side by side. */
export function PosesStep({
  student,
  inference,
  aims,
  way,
  question,
}: {
  student: Student;
  inference: Answer<Inference>;
  aims: readonly Aim[] | null;
  way: StudentWay;
  question: LeadingQuestion;
}) {
  const { base } = useStudio();
  const router = useRouter();
  const build = useBuild(student);
  const ranking = useRanking(student, inference.value, aims, way);
  const view = usePoseView();
  const ranked = ranking.value;
  const [likes] = useLikes();
  // What she never teaches is found by its name all the same.
  const list = useMemo(
    () =>
      ranked && aims
        ? shownOf(ranked, view.filter, aims).filter((p) => view.filter.text !== '' || !isNever(likes, p.pose))
        : [],
    [ranked, aims, view.filter, likes],
  );
  if (!ranked || !aims || !inference.value)
    return <PosesWaiting name={firstName(student.name)} failed={ranking.failed} />;
  if (aims.length === 0) return <NoAimYet student={student.id} title={say('Poses are ranked for aims')} />;
  const open = ranked.find((p) => keyOf(p) === view.open) ?? list[0];
  const { posterior } = inference.value;
  const settle = (doubtful: RankedPose) =>
    void question
      .ask({ side: doubtful.side === 'left' ? 'left' : 'right', pose: { id: doubtful.pose, rung: doubtful.rung } })
      .then(() => router.push(`${base}/student?id=${student.id}&step=measure`));
  return (
    <>
      <LateProgress busy={ranking.busy} label={say('Ranking poses')} />
      <Typography variant="h1" sx={{ fontSize: 20 }}>
        {say('Poses for {{firstName}}', { firstName: firstName(student.name) })}
      </Typography>
      <Typography variant="caption" component="p" sx={{ mb: 1 }}>
        {say(
          'For: {{aims}}.{{aims2}} A name typed below finds any pose and says why it is not among them. Near equals are mixed, so that the first are not all alike.',
          { aims: aims.map(aimWords).join('; '), aims2: aims.map((a) => shortestSaid(a, posterior)).join('') },
        )}
      </Typography>
      {way.why.length > 0 && (
        <Typography variant="caption" component="p" sx={{ mb: 1 }}>
          {say('Holds are fitted milder, to {{count}} of 100 of what is there: {{why}}.', {
            count: Math.round(way.share * 100),
            why: way.why.map((w) => say(MILDER[w])).join('; '),
          })}
        </Typography>
      )}
      <PoseFilterBar
        filter={view.filter}
        set={view.setFilter}
        aims={aims.filter((a) => a.kind !== 'leave').map((a) => ({ key: aimKey(a), words: aimWords(a) }))}
      />
      <PoseBrowser
        label={say('Ranked poses')}
        view={view}
        list={list}
        open={open}
        comparable={ranked.filter((p) => !p.rough)}
        build={build}
        tolerances={posterior.mean}
        posterior={posterior}
        way={way}
        cautions={(p) => p.cautions}
        value={(p) => (p.rough ? '…' : String(Math.round(p.score * 100)))}
        empty={<NothingRanked aims={aims} student={student.id} named={view.filter.text !== ''} />}
      >
        {open && (
          <PoseDetail
            key={keyOf(open)}
            fit={open}
            name={firstName(student.name)}
            build={build}
            posterior={posterior}
            tolerances={posterior.mean}
            cautions={open.cautions}
            limits={limitsOf(open)}
            way={way}
            onRung={(rung) => view.openPose(keyOf({ ...open, rung }))}
          >
            {!open.full && open.limiter.anySide < SETTLED_AT && (
              <Button size="small" onClick={() => settle(open)}>
                {say('Which test would make this clear?')}
              </Button>
            )}
            {open.rough ? (
              <Typography>{say('Its score is still being worked out …')}</Typography>
            ) : (
              <ScoreParts ranked={open} among={ranking.whole} aims={aims} />
            )}
          </PoseDetail>
        )}
      </PoseBrowser>
      <Button
        variant="contained"
        component={Link}
        href={`${base}/student?id=${student.id}&step=practice`}
        sx={{ mt: 2 }}
      >
        {say('Build a practice')}
      </Button>
    </>
  );
}

/** What cautions leave of a pose that is limited, by whom, and what it asks for again that hurt. */
function limitsOf({ verdict, sore = [] }: RankedPose): string[] {
  const limit = limitWords(verdict);
  const by = [...new Set(verdict.because.filter((b) => cautionById(b.caution)).map(cautionName))];
  return [
    ...(limit.length > 0 ? [`${by.join('; ')}: ${limit.join(', ')}`] : []),
    ...sore.map((s) =>
      say('asks for {{groupName}} {{side}}, as {{what}} did, which hurt', {
        groupName: groupName(s.group),
        side: say(s.side),
        what: say(shapeById(s.pose)?.name ?? s.pose),
      }),
    ),
  ];
}
