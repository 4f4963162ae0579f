'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Slider from '@mui/material/Slider';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { AIM_WORDS } from '@/core/aims/words';
import { groupOf, GROUPS, isMuscleGroup, SIDES, type Side } from '@/core/body';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import { SETTLED_AT, type Inference } from '@/core/limits';
import { inHundred } from '@/core/limits/words';
import type { Aim, Student } from '@/core/people/student';
import { propWords, rungOf } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import { useRanking, type Answer } from '@/workers/use-core';
import type { LeadingQuestion } from '../measure/use-question';
import { LateProgress } from '../shell/LateProgress';
import { NoAimYet } from '../shell/NoAimYet';
import { useStudio } from '../shell/studio-context';
import { useBuild } from '../students/use-build';
import { PoseFigure } from './PoseFigure';

const keyOf = (p: RankedPose) => `${p.pose}/${p.rung}/${p.side}`;
const groupName = (group: string) => {
  const id = groupOf(group);
  return id ? GROUP_WORDS[id].name : group;
};

/** The library ranked for these aims in this student; one pose open with its reasons. */
export function PosesStep({
  student,
  inference,
  aims,
  question,
}: {
  student: Student;
  inference: Answer<Inference>;
  aims: readonly Aim[] | null;
  question: LeadingQuestion;
}) {
  const { base } = useStudio();
  const router = useRouter();
  const ranking = useRanking(student, inference.value, aims);
  const [chosen, setChosen] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  if (!ranking.value || !aims)
    return (
      <Box role="status">
        <LateProgress busy label="Ranking poses" />
        <Typography color="text.secondary">
          {ranking.failed ? `The ranking failed: ${ranking.failed}` : 'Fitting every pose …'}
        </Typography>
      </Box>
    );
  if (aims.length === 0) return <NoAimYet student={student.id} title="Poses are ranked for aims" />;
  const useful = ranking.value.filter((p) => all || (p.score > 0.02 && p.cautions.length === 0));
  const open = ranking.value.find((p) => keyOf(p) === chosen) ?? useful[0];
  return (
    <>
      <LateProgress busy={ranking.busy} label="Ranking poses" />
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: '1fr', md: '380px minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Box component="section" aria-label="Ranked poses">
          <Box sx={{ display: 'flex', alignItems: 'center' }}>
            <Typography variant="h1" sx={{ flex: 1, fontSize: 20 }}>
              Poses for {student.name.split(' ')[0]}
            </Typography>
            <FormControlLabel
              control={<Switch size="small" checked={all} onChange={(_, v) => setAll(v)} />}
              label="all"
            />
          </Box>
          <Typography variant="caption" component="p" sx={{ mb: 1 }}>
            For: {aims.map((a) => `${AIM_WORDS[a.kind].toLowerCase()} ${groupName(a.group)} ${a.side}`).join('; ')}
          </Typography>
          <Box
            component="ol"
            sx={{
              listStyle: 'none',
              m: 0,
              p: 0,
              maxHeight: { xs: 330, md: 600 },
              overflow: 'auto',
              borderTop: '1px solid var(--line)',
            }}
          >
            {useful.map((p) => {
              const found = rungOf(p.pose, p.rung);
              const here = open && keyOf(open) === keyOf(p);
              return (
                <Box component="li" key={keyOf(p)}>
                  <Box
                    component="button"
                    type="button"
                    aria-current={here}
                    onClick={() => setChosen(keyOf(p))}
                    sx={{
                      all: 'unset',
                      boxSizing: 'border-box',
                      cursor: 'pointer',
                      width: '100%',
                      display: 'grid',
                      gridTemplateColumns: '76px 1fr 44px',
                      gap: 1,
                      alignItems: 'center',
                      borderBottom: '1px solid var(--line)',
                      p: 0.75,
                      bgcolor: here ? 'var(--act-pale)' : undefined,
                      '&:focus-visible': { outline: '2px solid var(--act)', outlineOffset: -2 },
                    }}
                  >
                    <PoseFigure pose={p.pose} rung={p.rung} side={p.side} depth={p.depth} height={52} muscles={false} />
                    <Box sx={{ minWidth: 0 }}>
                      <div style={{ fontWeight: 600 }}>
                        {found?.shape.name} {SIDE_MARK[p.side]}
                      </div>
                      <Typography variant="caption" component="p">
                        {p.side === 'both' ? '' : `${p.side}, `}
                        {found?.rung.name}
                      </Typography>
                      <Typography variant="caption" component="p">
                        {p.full
                          ? 'all the way'
                          : p.depth < 0.02
                            ? 'entry is enough'
                            : `${Math.round(p.depth * 100)} of 100 deep`}
                      </Typography>
                      {p.cautions.length > 0 && (
                        <Box sx={{ color: 'var(--caution)', fontSize: 13 }}>▲ {p.cautions[0]}</Box>
                      )}
                    </Box>
                    <Box className="num" sx={{ fontSize: 20, fontWeight: 700, textAlign: 'right' }}>
                      {Math.round(p.score * 100)}
                    </Box>
                  </Box>
                </Box>
              );
            })}
            {useful.length === 0 && (
              <Typography sx={{ p: 2 }}>
                No pose of the library serves these aims within the cautions. Turn on “all” to see why.
              </Typography>
            )}
          </Box>
        </Box>
        {open && (
          <PoseDetail
            student={student}
            key={keyOf(open)}
            ranked={open}
            inference={inference.value}
            onSettle={() =>
              void question
                .ask({ side: open.side === 'left' ? 'left' : 'right', pose: { id: open.pose, rung: open.rung } })
                .then(() => router.push(`${base}/student?id=${student.id}&step=measure`))
            }
          />
        )}
      </Box>
      <Button
        variant="contained"
        component={Link}
        href={`${base}/student?id=${student.id}&step=practice`}
        sx={{ mt: 2 }}
      >
        Build a practice
      </Button>
    </>
  );
}

function PoseDetail({
  ranked: p,
  inference,
  student,
  onSettle,
}: {
  ranked: RankedPose;
  inference: Inference | null;
  student: Student;
  onSettle: () => void;
}) {
  const build = useBuild(student);
  const [depth, setDepth] = useState(p.depth);
  const found = rungOf(p.pose, p.rung);
  if (!found) return null;
  const { shape, rung } = found;
  const felt = SIDES.flatMap((side: Side) =>
    GROUPS.filter(isMuscleGroup).map((group) => ({ side, group, stretch: p.stretch[side][group] })),
  )
    .filter((s) => s.stretch > 0.3)
    .sort((a, b) => b.stretch - a.stretch)
    .slice(0, 6);
  return (
    <Box
      component="section"
      aria-label={shape.name}
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2.5 }}
    >
      <Typography variant="h1">
        {shape.name} {SIDE_MARK[p.side]}
      </Typography>
      <Typography sx={{ color: 'var(--ink-2)' }}>
        {p.side === 'both' ? 'both sides at once' : `${p.side} side`} · {rung.name}
        {shape.sanskrit ? ` · ${shape.sanskrit}` : ''}
      </Typography>
      <Box sx={{ height: 290, my: 1 }}>
        <PoseFigure
          pose={p.pose}
          rung={p.rung}
          side={p.side}
          depth={depth}
          tolerances={inference?.posterior.mean}
          build={build}
          turns
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography variant="caption">entry</Typography>
        <Slider
          aria-label="Depth"
          min={0}
          max={100}
          value={Math.round(depth * 100)}
          onChange={(_, v) => setDepth(Number(v) / 100)}
          marks={[{ value: Math.round(p.depth * 100), label: 'fits' }]}
        />
        <Typography variant="caption">full</Typography>
      </Box>
      <Typography sx={{ mt: 1 }}>
        {p.beyondEntry
          ? 'Even the entry asks for more than there is: choose a milder rung.'
          : p.full
            ? 'The full rung is reached before anything stops it.'
            : `${p.depth < 0.02 ? 'The entry is already enough' : `A comfortable hold is ${Math.round(p.depth * 100)} of 100 deep`}; then the ${p.limiter.side} `}
        {!p.full && !p.beyondEntry && (
          <span>
            <span className="muscle">{GROUP_WORDS[p.limiter.structure].name}</span> has enough first,{' '}
            {inHundred(p.limiter.probability)}.
          </span>
        )}
      </Typography>
      {!p.full && p.limiter.probability < SETTLED_AT && (
        <Button size="small" onClick={onSettle}>
          Which test would tell what stops this?
        </Button>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, gap: 3, mt: 1.5 }}>
        <Box>
          <Typography variant="h3">What it reaches here</Typography>
          {felt.length === 0 && <Typography>Nothing is stretched enough to feel.</Typography>}
          {felt.map((s) => (
            <Box
              key={s.side + s.group}
              sx={{ display: 'grid', gridTemplateColumns: '1fr 90px 40px', gap: 1, alignItems: 'center' }}
            >
              <span className="muscle">
                {GROUP_WORDS[s.group].name} {SIDE_MARK[s.side]} {s.side}
              </span>
              <Box sx={{ height: 8, bgcolor: 'var(--sea-0)' }}>
                <Box sx={{ height: 8, width: `${Math.min(100, s.stretch * 100)}%`, bgcolor: 'var(--sea-3)' }} />
              </Box>
              <span className="num">{Math.round(s.stretch * 100)}</span>
            </Box>
          ))}
          {Object.entries(rung.load ?? {}).map(([group, load]) => (
            <Box
              key={group}
              sx={{ display: 'grid', gridTemplateColumns: '1fr 90px 40px', gap: 1, alignItems: 'center' }}
            >
              <span>
                <span className="muscle">{groupName(group)}</span> works
              </span>
              <Box sx={{ height: 8, bgcolor: 'var(--land-0)' }}>
                <Box
                  sx={{
                    height: 8,
                    width: `${load * 100}%`,
                    bgcolor: 'var(--land-3)',
                    border: '1px solid var(--ink-2)',
                    boxSizing: 'border-box',
                  }}
                />
              </Box>
              <span className="num">{Math.round(load * 100)}</span>
            </Box>
          ))}
          <Typography variant="caption" component="p">
            Stretch: share of this student’s tolerance, computed; 80 is a comfortable hold. Work: declared from the
            joint actions, our estimate.
          </Typography>
        </Box>
        <Box>
          <Typography variant="h3">Props</Typography>
          <Typography>
            {p.props.length === 0 ? 'none' : p.props.map((q) => propWords(q.prop, q.height_cm)).join('; ')}
          </Typography>
          <Typography variant="h3" sx={{ mt: 1 }}>
            Score {Math.round(p.score * 100)}
          </Typography>
          <Typography variant="caption" component="p">
            gives{' '}
            {p.gives.map((g) => `${groupName(g.aim.group)} ${g.aim.side} ${Math.round(g.worth * 100)}`).join(', ') ||
              'nothing aimed at'}
            ; costs knee {Math.round(p.costs.knee * 100)}, low back {Math.round(p.costs.lowBack * 100)}, off the aim{' '}
            {Math.round(p.costs.offAim * 100)}, left alone {Math.round(p.costs.leaveAlone * 100)}, out of reach{' '}
            {Math.round(p.costs.beyond * 100)}.
          </Typography>
          <Typography sx={{ mt: 1 }}>
            {shape.cues.enter} {shape.cues.keep} {shape.cues.deepen}
          </Typography>
          <Typography sx={{ mt: 1 }}>
            <strong>Looks deeper, gives less:</strong> {shape.cheat}
          </Typography>
          {p.cautions.length > 0 && (
            <Typography sx={{ mt: 1, color: 'var(--caution)', fontWeight: 600 }}>
              ▲ Not with: {p.cautions.join('; ')}
            </Typography>
          )}
        </Box>
      </Box>
    </Box>
  );
}
