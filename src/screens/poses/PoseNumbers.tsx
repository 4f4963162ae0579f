'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Fragment } from 'react';
import {
  bodyAngle,
  bodyAngleWords,
  COORDINATES,
  GROUPS,
  isMuscleGroup,
  muscleEntry,
  SIDES,
  type Side,
} from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import type { Lack } from '@/core/fit/compensate';
import type { PoseReading } from '@/core/fit/fit';
import { shortestWords, stretchedName } from '@/core/fit/shortest';
import { USUAL_WAY } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { strainAbout, strainFigures, strainName } from '@/core/statics/words';

/** One bar with its number; the colour says what kind, the word says it too. */
function Bar({ name, share, scale }: { name: string; share: number; scale: 'sea' | 'land' }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) minmax(28px, 84px) 34px',
        columnGap: 1,
        alignItems: 'center',
        // In a narrow column the name stands above its bar.
        '@container (max-width: 260px)': {
          gridTemplateColumns: 'minmax(0, 1fr) 34px',
          '& > .muscle': { gridColumn: '1 / -1' },
        },
      }}
    >
      <span className="muscle">{name}</span>
      <Box sx={{ height: 8, bgcolor: `var(--${scale}-0)`, border: '1px solid var(--line)' }}>
        <Box sx={{ height: '100%', width: `${Math.min(100, share * 100)}%`, bgcolor: `var(--${scale}-3)` }} />
      </Box>
      <span className="num" style={{ textAlign: 'right' }}>
        {Math.round(share * 100)}
      </span>
    </Box>
  );
}

const sided = (name: string, side: Side): string => `${name} ${SIDE_MARK[side]} ${say(side)}`;

/**
 * What a pose lengthens at this depth, the furthest first; under a group the muscle of it that alone is short in her.
 * @param posterior what is known of the student; none in a typical body
 */
export function Stretched({
  fit,
  posterior,
}: {
  fit: Pick<PoseReading, 'stretch' | 'ofShortest'>;
  posterior?: Posterior;
}) {
  const felt = SIDES.flatMap((side) =>
    GROUPS.filter(isMuscleGroup).map((group) => ({
      side,
      group,
      stretch: fit.stretch[side][group],
      short: (posterior && shortestWords(posterior, group, side)) ?? null,
      ofShort: fit.ofShortest?.[side][group] ?? 0,
    })),
  )
    .filter((s) => s.stretch > 0.3)
    .sort((a, b) => b.stretch - a.stretch)
    .slice(0, 6);
  return (
    <Box sx={{ containerType: 'inline-size' }}>
      <Typography variant="h3">{say('What it reaches here')}</Typography>
      {felt.length === 0 && <Typography>{say('Nothing is stretched enough to feel.')}</Typography>}
      {felt.map((s) => (
        <Fragment key={s.side + s.group}>
          <Bar name={sided(stretchedName(fit, s.group, s.side, posterior), s.side)} share={s.stretch} scale="sea" />
          {s.short && <Bar name={`short in it: ${s.short}`} share={s.ofShort} scale="sea" />}
        </Fragment>
      ))}
    </Box>
  );
}

/** Who holds the shape up, the hardest first. */
export function Working({ fit, comfort = USUAL_WAY.share }: { fit: PoseReading; comfort?: number }) {
  const list = [...fit.work]
    .filter((w) => w.load >= 0.1)
    .sort((a, b) => b.load - a.load)
    .slice(0, 6);
  return (
    <Box sx={{ mt: 1.5, containerType: 'inline-size' }}>
      <Typography variant="h3">{say('Who holds it up')}</Typography>
      {fit.beyondModel ? (
        <Typography>
          {say('This shape is beyond the model: it finds nobody who could hold it, so it tells no load.')}
        </Typography>
      ) : list.length === 0 ? (
        <Typography>
          {say('The floor and the props carry it; no muscle works above a tenth of its strength.')}
        </Typography>
      ) : (
        list.map((w) => (
          <Bar
            key={w.structure + w.side}
            name={sided(muscleEntry(w.structure)?.name ?? w.structure, w.side)}
            share={w.load}
            scale="land"
          />
        ))
      )}
      <Typography variant="caption" component="p">
        {say(
          'Stretch: share of the tolerance, {{count}} is a comfortable hold. Work: share of what the muscle can give at this length, from the balance of the whole body on what it touches.',
          { count: Math.round(comfort * 100) },
        )}
      </Typography>
    </Box>
  );
}

/** Strains worth naming, each with its arithmetic. */
export function Strained({ fit }: { fit: PoseReading }) {
  const list = fit.strains.filter((s) => s.share >= 0.4).slice(0, 5);
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="h3">{say('What it asks of joints')}</Typography>
      {list.length === 0 && <Typography>{say('Nothing near a limit.')}</Typography>}
      {list.map((s) => (
        <Typography key={s.id + String(s.side)} title={strainAbout(s.id)}>
          {s.side ? `${SIDE_MARK[s.side]} ${say(s.side)}: ` : ''}
          {strainName(s.id)}, <span className="num">{strainFigures(s)}</span>
          {s.share >= 1 ? <strong> {say('· too much for many')}</strong> : null}
        </Typography>
      ))}
      <Typography variant="caption" component="p">
        {say('The limits are our defaults: no study gives one for a held shape.')}
      </Typography>
    </Box>
  );
}

/** A joint angle in words, with its side. */
export const jointName = (coordinate: string): string => {
  const side = /_(left|right)$/.exec(coordinate);
  return `${say(bodyAngle(coordinate).name)}${side ? ` ${say(side[1])}` : ''}`;
};

/** What the textbook shape asks beyond this student's comfortable depth. */
export function Lacking({ lacks }: { lacks: readonly Lack[] }) {
  if (lacks.length === 0) return <Typography>{say('Textbook shape: this body has it.')}</Typography>;
  const [first] = lacks;
  return (
    <Typography>
      <Said
        text={'Textbook shape: lacks <1>{{count}}°</1> of {{jointName}}{{what}}.'}
        values={{
          count: Math.abs(Math.round(first.full_deg - first.reached_deg)),
          jointName: jointName(first.coordinate),
          what:
            lacks.length > 1
              ? say(', then {{count}}° of {{jointName}}', {
                  count: Math.abs(Math.round(lacks[1].full_deg - lacks[1].reached_deg)),
                  jointName: jointName(lacks[1].coordinate),
                })
              : '',
        }}
        parts={[<span key="1" className="num" />]}
      />
    </Typography>
  );
}

/** Joint angles of the shape, the bent ones. */
export function JointTable({ angles }: { angles: Readonly<Record<string, number>> }) {
  const rows = COORDINATES.filter(({ id }) => Math.abs(angles[id] ?? 0) >= 3);
  return (
    <Box component="details" sx={{ mt: 1.5 }}>
      <summary>{say('Joint by joint')}</summary>
      <Box
        component="dl"
        sx={{
          m: 0,
          columns: { xs: 1, sm: 2 },
          '& div': { display: 'flex', justifyContent: 'space-between', gap: 2, breakInside: 'avoid', maxWidth: 300 },
          '& dd': { m: 0 },
        }}
      >
        {rows.map(({ id }) => (
          <div key={id}>
            <dt>{jointName(id)}</dt>
            <dd className="num">{bodyAngleWords(id, angles[id])}</dd>
          </div>
        ))}
      </Box>
    </Box>
  );
}
