'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import Typography from '@mui/material/Typography';
import { useMemo, useRef, useState, type ReactNode } from 'react';
import { TYPICAL_BUILD, type Build, type Side } from '@/core/body';
import { compensationsOf, lacksOf } from '@/core/fit/compensate';
import { readAt, type FittedPose } from '@/core/fit/fit';
import { comfortOf, USUAL_WAY, type FitWay } from '@/core/fit/way';
import { propsOf } from '@/core/fit/props';
import type { Posterior } from '@/core/inference';
import { anglesAt, GIVE_WORDS, rungOf } from '@/core/poses';
import { besideTypical, TypicalFigure, TypicalSentence, useTypicalReach } from './BesideTypical';
import { DepthSentence } from './DepthSentence';
import { KeepPicture } from './KeepPicture';
import { LikeButtons } from './LikeButtons';
import { DepthSlider, ShowChoice, type Shown } from './PoseControls';
import { PoseFigure, type Stop } from './PoseFigure';
import { PoseHead } from './PoseHead';
import { PoseTeaching } from './PoseTeaching';
import { SuitsWhom } from './SuitsWhom';
import { ToBench } from './ToBench';
import { JointTable, Lacking, Strained, Stretched, Working } from './PoseNumbers';

/**
 * One rung of a pose, opened: figure at any depth and angle, who is stretched, who works, what strains, how to teach
 * it.
 */
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
  const [depth, setDepth] = useState(fit.depth);
  const frame = useRef<HTMLElement>(null);
  const [show, setShow] = useState<Shown>('both');
  const [active, setActive] = useState(false);
  // What stops her is outlined where it is; a pose that goes all the way is stopped by nothing.
  const stops = useMemo(
    (): Stop | undefined =>
      fit.full ? undefined : { group: fit.limiter.group, side: fit.side === 'both' ? 'both' : fit.limiter.side },
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
  return (
    <Box
      component="section"
      aria-label={say(shape.name)}
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2.5, minWidth: 0 }}
    >
      <PoseHead fit={fit} cautions={cautions} limits={limits} />
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
              {say('{{name}}, {{count}} of 100 deep', { name, count: Math.round(depth * 100) })}
            </Typography>
          )}
        </Box>
        {compared && typical && <TypicalFigure shape={shape} typical={typical} way={way} show={show} />}
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <DepthSlider depth={depth} fits={fit.depth} onDepth={setDepth} />
        <ShowChoice show={show} onShow={setShow} />
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mt: 1 }}>
        {rung.intents.length > 0 && rung.kind !== 'strength' && (
          <ToggleButton size="small" value="active" selected={active} onChange={() => setActive(!active)}>
            {say('active form')}
          </ToggleButton>
        )}
        {name && (
          <ToggleButton
            size="small"
            value="typical"
            selected={compared}
            onChange={() => besideTypical.set(compared ? 'off' : 'on')}
          >
            {say('beside typical')}
          </ToggleButton>
        )}
        <KeepPicture frame={frame} name={say(shape.name)} />
        <LikeButtons pose={fit.pose} rung={fit.rung} name={say(shape.name)} />
      </Box>
      <DepthSentence fit={fit} sure={posterior.drawCount <= 1} posterior={posterior} build={build} />
      {name && typical && <TypicalSentence typical={typical} />}
      {!fit.full && <Lacking lacks={lacks} />}
      <Freedoms freedoms={freedoms} />
      {children}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, gap: 3, mt: 1.5 }}>
        <Box>
          <Stretched fit={here} posterior={posterior} />
          <Working fit={here} comfort={comfortOf(rung, way)} />
          <Strained fit={here} />
        </Box>
        <Box>
          <PoseTeaching fit={fit} props={props} onRung={onRung} />
        </Box>
      </Box>
      <JointTable angles={anglesAt(rung, worked, depth)} />
      <SuitsWhom key={`${shape.id}/${fit.rung}`} pose={shape.id} rung={fit.rung} />
      <ToBench shape={shape} />
    </Box>
  );
}

/** What may give a little so that the whole shape is comfortable. */
function Freedoms({ freedoms }: { freedoms: ReturnType<typeof compensationsOf> }) {
  'use memo';
  return freedoms.map((f) => (
    <Typography key={f.give}>
      {f.degrees === null
        ? say('It is not enough to {{give}}.', { give: say(GIVE_WORDS[f.give]) })
        : say('Or {{give}} by {{count}}°: then the full shape is comfortable.', {
            give: say(GIVE_WORDS[f.give]),
            count: f.degrees,
          })}
    </Typography>
  ));
}
