'use client';
import { inSentence } from '@/core/poses/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useRef, useState, type ReactNode } from 'react';
import { TYPICAL_BUILD, type Build, type Side } from '@/core/body';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import { compensationsOf, lacksOf } from '@/core/fit/compensate';
import { readAt, type FittedPose } from '@/core/fit/fit';
import { comfortOf, USUAL_WAY, type FitWay } from '@/core/fit/way';
import { propsOf } from '@/core/fit/props';
import type { Posterior } from '@/core/inference';
import { inHundred } from '@/core/inference/words';
import { anglesAt, GIVE_WORDS, KIND_WORDS, LEVEL_WORDS, rungOf, shapeById, cuesOf } from '@/core/poses';
import { ownedWords } from '@/core/poses/prop-sizes';
import { schoolCues, speaksActive } from '@/core/poses/schools';
import { usePropSizes, useSchools } from '../settings/use-pose-settings';
import { besideTypical, TypicalFigure, TypicalSentence, useTypicalReach } from './BesideTypical';
import { KeepPicture } from './KeepPicture';
import { LikeButtons } from './LikeButtons';
import { PoseFigure, type Stop } from './PoseFigure';
import { SuitsWhom } from './SuitsWhom';
import { ToBench } from './ToBench';
import { JointTable, Lacking, Strained, Stretched, Working } from './PoseNumbers';

/** Something milder to try: the rung before, or the shape that stands in for this one. */
function milderThan({ pose, rung }: FittedPose): string {
  const milder = rung > 1 ? rungOf(pose, rung - 1)?.rung.name : undefined;
  const stand = inSentence(shapeById(shapeById(pose)?.instead ?? '')?.name ?? '');
  return milder ?? (stand || 'a milder pose');
}

/** What the rung's path and its limiter mean, in a sentence. */
function DepthSentence({ fit, sure }: { fit: FittedPose; sure: boolean }) {
  if (fit.beyondEntry)
    return (
      <Typography sx={{ mt: 1 }}>
        Too much today: even the way in asks for more than there is. Try {milderThan(fit)} instead.
      </Typography>
    );
  if (fit.full) return <Typography sx={{ mt: 1 }}>The full rung is reached before anything stops it.</Typography>;
  // Both sides at once are stopped alike: then the side says nothing.
  const side = (s: Side) => (fit.side === 'both' ? '' : `${s} `);
  return (
    <Typography sx={{ mt: 1 }}>
      {fit.depth < 0.02
        ? 'The entry is already enough'
        : `A comfortable hold is ${Math.round(fit.depth * 100)} of 100 deep`}
      ; then the {side(fit.limiter.side)}
      <span className="muscle">{GROUP_WORDS[fit.limiter.structure].name}</span> has enough first
      {sure ? '' : `, ${inHundred(fit.limiter.probability)}`}
      {fit.next && (
        <>
          ; behind it the {side(fit.next.side)}
          <span className="muscle">{GROUP_WORDS[fit.next.structure].name}</span>, at {Math.round(fit.next.depth * 100)}
        </>
      )}
      .
    </Typography>
  );
}

/** One rung of a pose, opened: figure at any depth and angle, who is stretched, who works, what strains, how to teach it. */
export function PoseDetail({
  fit,
  name,
  build = TYPICAL_BUILD,
  posterior,
  tolerances,
  cautions = [],
  limits = [],
  way = USUAL_WAY,
  onRung,
  children,
}: {
  fit: FittedPose;
  /** What the student is called; absent where typical people are shown. */
  name?: string;
  build?: Build;
  posterior: Posterior;
  tolerances?: ArrayLike<number>;
  cautions?: readonly string[];
  /** What cautions or pain leave of it, in words. */
  limits?: readonly string[];
  way?: FitWay;
  /** Opens another rung of the same shape. */
  onRung?: (rung: number) => void;
  children?: ReactNode;
}) {
  const [sizes] = usePropSizes();
  const [schools] = useSchools();
  const [depth, setDepth] = useState(fit.depth);
  const frame = useRef<HTMLElement>(null);
  const [show, setShow] = useState<'skin' | 'stretch' | 'load' | 'both' | 'bones'>('both');
  const [active, setActive] = useState(false);
  // What stops her is outlined where it is; a pose that goes all the way is stopped by nothing.
  const stops = useMemo(
    (): Stop | undefined =>
      fit.full ? undefined : { group: fit.limiter.structure, side: fit.side === 'both' ? 'both' : fit.limiter.side },
    [fit],
  );
  const found = rungOf(fit.pose, fit.rung);
  const worked: Side = fit.side === 'both' ? 'right' : fit.side;
  // Everything told below belongs to the depth that is shown, not only to the one that fits.
  const here = useMemo(
    () =>
      found
        ? readAt(
            { shape: found.shape, rung: fit.rung, side: worked },
            depth,
            { posterior, build },
            { active: active || undefined, way },
          )
        : null,
    [found, fit.rung, worked, depth, posterior, build, active, way],
  );
  const typical = useTypicalReach(found?.shape, fit, way);
  const compared = besideTypical.use() === 'on' && name !== undefined && typical !== null;
  const props = useMemo(() => (found ? propsOf(found.rung, worked, depth, build) : []), [found, worked, depth, build]);
  const lacks = useMemo(() => (found && !fit.full ? lacksOf(found.rung, worked, fit.depth) : []), [found, fit, worked]);
  const freedoms = useMemo(
    () => (found && !fit.full ? compensationsOf(found.rung, worked, posterior, build, way) : []),
    [found, fit, worked, posterior, build, way],
  );
  if (!found || !here) return null;
  const { shape, rung } = found;
  const instead = shape.instead ? shapeById(shape.instead) : null;
  return (
    <Box
      component="section"
      aria-label={shape.name}
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2.5, minWidth: 0 }}
    >
      <Typography variant="h1">
        {shape.name} {SIDE_MARK[fit.side]}
      </Typography>
      <Typography sx={{ color: 'var(--ink-2)' }}>
        {shape.plain && `${shape.plain} · `}
        {fit.side === 'both' ? 'both sides at once' : `${fit.side} side`} · {rung.name}
        {shape.sanskrit ? ` · ${shape.sanskrit}` : ''} · {LEVEL_WORDS[rung.level]}, {KIND_WORDS[rung.kind]} ·{' '}
        {shape.position}
      </Typography>
      {cautions.length > 0 && (
        <Typography sx={{ mt: 0.5, color: 'var(--caution)', bgcolor: 'var(--caution-pale)', px: 1, fontWeight: 600 }}>
          ▲ Not with: {cautions.join('; ')}
        </Typography>
      )}
      {limits.length > 0 && <Typography sx={{ mt: 0.5, color: 'var(--caution)' }}>▲ {limits.join('; ')}</Typography>}
      <Box
        sx={{
          height: 330,
          my: 1,
          display: 'grid',
          gap: 1,
          // A tall figure keeps within its height.
          gridTemplateRows: 'minmax(0, 1fr)',
          gridTemplateColumns: compared ? 'minmax(0, 1fr) minmax(0, 1fr)' : 'minmax(0, 1fr)',
        }}
      >
        <Box ref={frame} sx={{ minWidth: 0, height: 330, display: 'flex', flexDirection: 'column' }}>
          <Box sx={{ flex: 1, minHeight: 0 }}>
            <PoseFigure
              pose={fit.pose}
              rung={fit.rung}
              side={fit.side}
              depth={depth}
              tolerances={tolerances}
              build={build}
              work={here.work}
              show={show === 'stretch' || show === 'load' ? show : 'both'}
              muscles={show !== 'skin' && show !== 'bones'}
              shown={show === 'bones' ? 'bones' : undefined}
              stops={stops}
              detail="large"
              turns
            />
          </Box>
          {compared && (
            <Typography variant="caption" component="p" sx={{ textAlign: 'center' }}>
              {name}, {Math.round(depth * 100)} of 100 deep
            </Typography>
          )}
        </Box>
        {compared && typical && <TypicalFigure shape={shape} typical={typical} way={way} show={show} />}
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography variant="caption">entry</Typography>
        <Slider
          aria-label="Depth"
          min={0}
          max={100}
          value={Math.round(depth * 100)}
          onChange={(_, v) => setDepth(Number(v) / 100)}
          marks={[{ value: Math.round(fit.depth * 100), label: 'fits' }]}
          sx={{ flex: '1 1 160px' }}
        />
        <Typography variant="caption">full</Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="Show on the figure"
          value={show}
          onChange={(_, v: typeof show | null) => v && setShow(v)}
        >
          <ToggleButton value="skin">skin</ToggleButton>
          <ToggleButton value="stretch">stretch</ToggleButton>
          <ToggleButton value="load">work</ToggleButton>
          <ToggleButton value="both">both</ToggleButton>
          <ToggleButton value="bones">bones</ToggleButton>
        </ToggleButtonGroup>
        {rung.intents.length > 0 && rung.kind !== 'strength' && (
          <ToggleButton size="small" value="active" selected={active} onChange={() => setActive(!active)}>
            active form
          </ToggleButton>
        )}
        {name && (
          <ToggleButton
            size="small"
            value="typical"
            selected={compared}
            onChange={() => besideTypical.set(compared ? 'off' : 'on')}
          >
            beside typical
          </ToggleButton>
        )}
        <KeepPicture frame={frame} name={shape.name} />
        <LikeButtons pose={fit.pose} rung={fit.rung} name={shape.name} />
      </Box>
      <DepthSentence fit={fit} sure={posterior.drawCount <= 1} />
      {name && typical && <TypicalSentence typical={typical} />}
      {!fit.full && <Lacking lacks={lacks} />}
      {freedoms.map((f) => (
        <Typography key={f.give}>
          {f.degrees === null
            ? `It is not enough to ${GIVE_WORDS[f.give]}.`
            : `Or ${GIVE_WORDS[f.give]} by ${f.degrees}°: then the full shape is comfortable.`}
        </Typography>
      ))}
      {children}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, gap: 3, mt: 1.5 }}>
        <Box>
          <Stretched fit={here} />
          <Working fit={here} comfort={comfortOf(rung, way)} />
          <Strained fit={here} />
        </Box>
        <Box>
          <Typography variant="h3">Ladder</Typography>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, mb: 1.5 }}>
            {shape.rungs.map((r, i) => (
              <li key={r.name}>
                <Button
                  size="small"
                  aria-current={i + 1 === fit.rung ? 'step' : undefined}
                  disabled={!onRung}
                  onClick={() => onRung?.(i + 1)}
                  sx={{ justifyContent: 'flex-start', textAlign: 'left', fontWeight: i + 1 === fit.rung ? 700 : 400 }}
                >
                  {i + 1} · {r.name}
                </Button>
              </li>
            ))}
          </Box>
          <Typography variant="h3">Props</Typography>
          <Typography>
            {props.length === 0
              ? 'none'
              : props.map((q) => ownedWords(q.prop, q.height_cm, q.length_cm, sizes)).join('; ')}
          </Typography>
          <Typography variant="h3" sx={{ mt: 1.5 }}>
            How to teach it
          </Typography>
          {Object.values(cuesOf(shape, rung)).map((cue) => cue !== '' && <Typography key={cue}>{cue}</Typography>)}
          {schoolCues(shape, rung, schools).map((c) => (
            <Typography key={c.about}>{c.words}</Typography>
          ))}
          {speaksActive(rung, schools) &&
            rung.intents.map((i) => (
              <Typography key={i.words}>
                <strong>Active:</strong> {i.words}
              </Typography>
            ))}
          <Typography sx={{ mt: 1 }}>
            Hold <span className="num">{rung.hold[0]}</span> to <span className="num">{rung.hold[1]}</span> s
            {rung.repeats ? `, ${rung.repeats[0]} to ${rung.repeats[1]} times` : ''}: a rule of thumb.
          </Typography>
          {shape.cheat !== '' && (
            <Typography sx={{ mt: 1 }}>
              <strong>Looks deeper, gives less:</strong> {shape.cheat}
            </Typography>
          )}
          {instead && (
            <Typography sx={{ mt: 1 }}>
              <strong>Off the floor:</strong> {instead.name}.
            </Typography>
          )}
        </Box>
      </Box>
      <JointTable angles={anglesAt(rung, worked, depth)} />
      <SuitsWhom key={`${shape.id}/${fit.rung}`} pose={shape.id} rung={fit.rung} />
      <ToBench shape={shape} />
    </Box>
  );
}
