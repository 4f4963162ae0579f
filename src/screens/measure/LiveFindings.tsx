'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import type { Side } from '@/core/body';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import { capital } from '@/core/capital';
import { tellsOfMuscle, type Findings, type Inference, type MovementFinding, type NextTest } from '@/core/inference';
import { standingOf } from '@/core/measuring/derived';
import type { Student } from '@/core/students/student';
import { bandWords, inHundred, whyUnclear, movedWords, toldIn } from '@/core/inference/words';
import { testById } from '@/core/assessment/battery';
import { isModelled, type Readout } from '@/core/assessment/definition';
import { meanOf, readWithUnit, withUnit, type Reading, type ReadingSide } from '@/core/assessment/reading';
import { sideGap, type SideGap } from '@/core/assessment/sides';
import { MOVEMENT_WORDS } from '@/core/assessment/words';
import type { Answer } from '@/workers/use-core';
import { ageOn } from '@/core/students/age';
import { today } from '@/store/studio';
import { LateProgress } from '../shell/LateProgress';

/** Why a test is worth doing next. */
const WHY: Readonly<Record<NextTest['why'], string>> = {
  unclear: 'It tells apart what may stop a limited movement.',
  complaint: 'It looks at the place that bothers the student.',
  unread: 'Of what is not read yet, this may tell you most.',
};

/**
 * What stops the movement being tested as far as the readings tell, what stays unclear, and the test that would tell.
 */
export function LiveFindings({
  inference,
  readings,
  test,
  readout,
  side: readSide,
  person,
  next: open,
  onTest,
}: {
  inference: Answer<Inference>;
  readings: readonly Reading[];
  test: string;
  readout: Readout;
  side: ReadingSide;
  person: Pick<Student, 'sexForNorms' | 'birthYear'>;
  /** Tests that may be done, by what they would tell. */
  next: readonly NextTest[];
  onTest: (next: { test: string; side: Side; variant?: string }) => void;
}) {
  const side: Side = readSide === 'left' ? 'left' : 'right';
  const findings = inference.value?.findings ?? null;
  const before = useBefore(findings);
  const of = (found: Findings | null): MovementFinding | undefined =>
    found?.movements.find((x) => x.movement === readout.movement && x.side === side);
  const now = of(findings);
  const earlier = of(before);
  const unclear = (findings?.movements ?? []).filter((x) => x.clarity === 'unclear' && x.side === side);
  const next = open.at(0);
  const way = next?.variant ? testById(next.test)?.variants?.find((v) => v.id === next.variant) : undefined;
  const sides = readSide === 'both' ? null : sideGap(readings, test, readout, side);
  const modelled = isModelled(readout);
  return (
    <Box
      aria-busy={inference.busy}
      role="region"
      aria-label={modelled ? say('What stops this leg') : say('This reading')}
    >
      <LateProgress busy={inference.busy} label={say('Computing')} />
      {inference.failed && (
        <Typography role="alert">
          {say('The findings could not be computed. Your readings are kept. ({{failed}})', {
            failed: inference.failed,
          })}
        </Typography>
      )}
      <Typography variant="h2">{modelled ? say('What stops this leg') : say('This reading')}</Typography>
      {modelled && (
        <Typography variant="caption" component="p" sx={{ mb: 1.5 }}>
          {SIDE_MARK[side]} {say(side)} {say(MOVEMENT_WORDS[readout.movement])}
          {earlier && now ? say(' · dotted: before this reading') : ''}
        </Typography>
      )}
      {!modelled ? (
        <Standing readings={readings} test={test} readout={readout} side={readSide} person={person} />
      ) : !now ? (
        <Typography color="text.secondary">
          {say('After the first reading Kolpos says here what most likely stops this movement.')}
        </Typography>
      ) : (
        <>
          <Stops finding={now} earlier={earlier} />
          <Typography sx={{ mt: 1.5, fontSize: 14 }}>
            {say('{{what}} {{withUnit}} ({{round}} to {{round2}}).', {
              what:
                now.measured === null
                  ? say('Not read yet; the other readings let Kolpos expect')
                  : now.brokenOff
                    ? say(
                        'Ended early at {{withUnit}}: that says nothing about how far it goes. All readings together say',
                        { withUnit: withUnit(toldIn(now), now.measured) },
                      )
                    : say('Read {{withUnit}}, {{band}}. All readings together say', {
                        withUnit: withUnit(toldIn(now), now.measured),
                        band: bandWords(now.band),
                      }),
              withUnit: withUnit(toldIn(now), now.end.mean),
              round: Math.round(Math.min(now.end.low, now.end.high)),
              round2: Math.round(Math.max(now.end.low, now.end.high)),
            })}
          </Typography>
        </>
      )}
      {sides && (
        <Part title={say('Sides')}>
          <Typography sx={{ fontSize: 14 }}>{sideWords(sides, side, readout)}</Typography>
        </Part>
      )}
      {unclear.length > 0 && (
        <Part title={say('Still unclear')}>
          {unclear.map((x) => (
            <Typography key={x.movement} sx={{ fontSize: 14 }}>
              {movedWords(x)}:{' '}
              <span className="muscle">
                {whyUnclear(x) ??
                  x.limiters
                    .slice(0, 2)
                    .map((l) => say(GROUP_WORDS[l.group].name))
                    .join(say(' or '))}
              </span>
            </Typography>
          ))}
        </Part>
      )}
      {next && (
        <Part title={say('Would tell most now')}>
          <Button
            variant="outlined"
            fullWidth
            onClick={() => onTest({ test: next.test, side: next.side, variant: next.variant })}
            sx={{ textAlign: 'left', justifyContent: 'flex-start', lineHeight: 1.3 }}
          >
            {say(testById(next.test)?.name ?? '')}
            {way && `, ${say(way.name)}`}, {say(next.side)} {SIDE_MARK[next.side]}
          </Button>
          <Typography variant="caption" component="p">
            {say(WHY[next.why])}
          </Typography>
        </Part>
      )}
    </Box>
  );
}

/** What may stop the movement, by how likely; or, where no muscle is to be named before something is asked, that. */
function Stops({ finding, earlier }: { finding: MovementFinding; earlier: MovementFinding | undefined }) {
  const silent = tellsOfMuscle(finding) ? null : whyUnclear(finding);
  if (silent) return <Typography sx={{ fontSize: 16 }}>{capital(silent)}.</Typography>;
  return finding.limiters.slice(0, 4).map((l) => {
    const was = earlier?.limiters.find((x) => x.group === l.group)?.probability ?? 0;
    return (
      <Box key={l.group} sx={{ mb: 1.25 }}>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <span className="muscle" style={{ flex: 1, fontSize: 16 }}>
            {say(GROUP_WORDS[l.group].name)}
          </span>
          <span className="num">{inHundred(l.probability)}</span>
        </Box>
        <Box sx={{ position: 'relative', height: 9, bgcolor: 'var(--sea-0)', mt: 0.25 }}>
          <Box
            sx={{
              height: 9,
              width: `${l.probability * 100}%`,
              bgcolor: l.probability >= 0.5 ? 'var(--sea-4)' : 'var(--sea-2)',
            }}
          />
          {earlier && (
            <Box
              aria-hidden="true"
              sx={{
                position: 'absolute',
                top: -4,
                height: 17,
                left: `${was * 100}%`,
                borderLeft: '2px dotted var(--ink)',
              }}
            />
          )}
        </Box>
      </Box>
    );
  });
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ fontSize: 16, mb: 0.5 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

/** The findings before the newest ones, so that a reading's effect can be seen. */
function useBefore(now: Findings | null): Findings | null {
  const [pair, setPair] = useState<{ now: Findings | null; before: Findings | null }>({ now, before: null });
  if (now !== pair.now) setPair({ now, before: pair.now });
  return now !== pair.now ? pair.now : pair.before;
}

/** Left against right in words, with the error of measuring. */
function sideWords({ gap, detectable, beyondError }: SideGap, side: Side, readout: Readout): string {
  const error = readWithUnit(readout, detectable);
  if (readWithUnit(readout, gap) === readWithUnit(readout, 0))
    return say('The same on both sides (error of measuring {{error}}).', { error });
  return say('{{withUnit}} {{what}} on the {{side}}: {{what2}} the error of measuring ({{error}}).', {
    withUnit: withUnit(readout, Math.abs(gap)),
    what: gap < 0 ? say('lower') : say('higher'),
    side: say(side),
    what2: beyondError ? say('more than') : say('within'),
    error,
  });
}

/** How a reading that says nothing about length stands to its norm. */
function Standing({
  readings,
  test,
  readout,
  side,
  person,
}: {
  readings: readonly Reading[];
  test: string;
  readout: Readout;
  side: ReadingSide;
  person: Pick<Student, 'sexForNorms' | 'birthYear'>;
}) {
  const own = readings.find((r) => r.test === test && r.readout === readout.id && r.side === side);
  if (!own)
    return (
      <Typography color="text.secondary">
        {say('Once it is read, Kolpos says here how it stands among people.')}
      </Typography>
    );
  const value = meanOf(own.trials);
  const standing = standingOf(readout, value, person.sexForNorms, ageOn(person.birthYear, today()));
  return (
    <Typography sx={{ fontSize: 14 }}>
      {readWithUnit(readout, value)}
      {standing
        ? say(': {{band}}. Typical {{withUnit}} ± {{withUnit2}} ({{group}}; {{source}}).', {
            band: bandWords(standing.z),
            withUnit: withUnit(readout, standing.norm.mean),
            withUnit2: withUnit(readout, standing.norm.sd),
            group: say(standing.norm.group),
            source: say(standing.norm.source),
          })
        : say('. There is no norm: compare with other days.')}
      {own.compensations?.length ? say(' It was seen spoilt, so take it with care.') : ''}
    </Typography>
  );
}
