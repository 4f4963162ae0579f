'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { COORDINATE_WORDS, curveSentences, HALF_NAMES, muscleEntry, SLIGHT_M, type Curve } from '@/core/body';
import { LineChart, type ChartSeries } from '../charts/LineChart';
import type { AtlasState } from './atlas-state';
import type { Computed } from './use-computed';

/** Colours of the actions: by family of joint movement, each line named at its end as well. */
const COLOURS = ['--sea-4', '--land-4', '--sea-3', '--land-3', '--contour'];
/** More lines than this cannot be told apart on a small chart. */
const MOST = 4;

/** Arms and length while one joint moves, as charts and as sentences. */
export function MuscleCurves({
  state,
  computed,
  set,
}: {
  state: AtlasState;
  computed: Computed;
  set: (change: Partial<AtlasState>) => void;
}) {
  const { curve, besideCurve, crossed } = computed;
  const [wanted, setWanted] = useState<number | null>(null);
  const over = HALF_NAMES[state.over];
  const now = state.angles[over] ?? 0;
  const across = { name: say(COORDINATE_WORDS[over].name), min: curve.at_deg[0], max: curve.at_deg.at(-1) ?? 0 };
  const sentences = curveSentences(curve);
  const name = muscleEntry(state.muscle)?.name ?? state.muscle;
  const besideName = state.beside ? (muscleEntry(state.beside)?.name ?? '') : '';
  const shared = actionsOf(curve).filter((a) => !besideCurve || actionsOf(besideCurve).includes(a));
  const about = besideCurve ? (wanted !== null && shared.includes(wanted) ? wanted : (shared[0] ?? null)) : null;
  const choices = crossed.includes(state.over) ? crossed : [...crossed, state.over];
  return (
    <Box component="section" aria-label={say('Curves')} sx={{ mt: 1.5 }}>
      <TextField
        select
        size="small"
        label={say('While this joint moves')}
        value={state.over}
        onChange={(e) => set({ over: Number(e.target.value) })}
        sx={{ minWidth: 190, mb: 1, mr: 1 }}
      >
        {choices.map((c) => (
          <MenuItem key={c} value={c}>
            {say(COORDINATE_WORDS[HALF_NAMES[c]].name)}
          </MenuItem>
        ))}
      </TextField>
      {besideCurve && about !== null && (
        <TextField
          select
          size="small"
          label={say('Compared in')}
          value={about}
          onChange={(e) => setWanted(Number(e.target.value))}
          sx={{ minWidth: 170, mb: 1 }}
        >
          {shared.map((c) => (
            <MenuItem key={c} value={c}>
              {say(COORDINATE_WORDS[HALF_NAMES[c]].name)}
            </MenuItem>
          ))}
        </TextField>
      )}
      {besideCurve && about === null && (
        <Typography>{say('These two share no joint: there is nothing to compare in one chart.')}</Typography>
      )}
      <LineChart
        label={say('Moment arms of {{name}} over {{name2}}. {{sentences}}', {
          name,
          name2: across.name,
          sentences: sentences.join(' '),
        })}
        height={210}
        series={
          besideCurve && about !== null
            ? [...armSeries(curve, [about], name, false), ...armSeries(besideCurve, [about], besideName, true)]
            : armSeries(curve, actionsOf(curve).slice(0, MOST), null, false)
        }
        x={across}
        y={{ name: say('moment arm, cm') }}
        now={now}
        bands={curve.slack.map(([from, to]) => ({ from, to, word: 'slack' }))}
      />
      <LineChart
        label={say('Length of {{name}} over {{name2}}, percent of its fibre length beyond standing.', {
          name,
          name2: across.name,
        })}
        height={150}
        series={[
          lengthSeries(curve, name, '--sea-4', false),
          ...(besideCurve ? [lengthSeries(besideCurve, besideName, '--land-4', true)] : []),
        ]}
        x={across}
        y={{ name: say('length, % of its fibres beyond standing') }}
        now={now}
        bands={curve.slack.map(([from, to]) => ({ from, to, word: 'slack' }))}
      />
      <Box component="ul" sx={{ pl: 2.5, my: 1 }}>
        {sentences.slice(0, 6).map((s) => (
          <li key={s}>{s}</li>
        ))}
      </Box>
      {sentences.length > 6 && (
        <Box component="details">
          <summary>{say('{{count}} more, part by part', { count: sentences.length - 6 })}</summary>
          <ul>
            {sentences.slice(6).map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </Box>
      )}
      <Typography variant="body2" sx={{ color: 'var(--ink-2)' }}>
        {say('The other joints stay as they are set. Rings mark where an action turns into its opposite.')}
      </Typography>
    </Box>
  );
}

/** Actions of a curve that do more than next to nothing, strongest first. */
function actionsOf(curve: Curve): number[] {
  const strength = (arm: readonly number[]) => Math.max(...arm.map(Math.abs));
  return curve.arms
    .filter(({ arm_m }) => strength(arm_m) > SLIGHT_M)
    .sort((a, b) => strength(b.arm_m) - strength(a.arm_m))
    .map(({ about }) => about);
}

/** Lines of some actions; named by the muscle where two are compared in one action. */
function armSeries(curve: Curve, actions: readonly number[], name: string | null, dashed: boolean): ChartSeries[] {
  return actions.flatMap((about, i) => {
    const arm = curve.arms.find((a) => a.about === about)?.arm_m;
    if (!arm) return [];
    return [
      {
        name: name ?? COORDINATE_WORDS[HALF_NAMES[about]].name,
        points: arm.map((v, k) => [curve.at_deg[k], v * 100] as const),
        dashed,
        colour: name && dashed ? COLOURS[1] : COLOURS[i % COLOURS.length],
        marks: curve.reversals
          .filter((r) => r.line === null && r.about === about)
          .map((r) => ({ at: [r.at_deg, 0] as const, word: `${Math.round(r.at_deg)}°` })),
      },
    ];
  });
}

const lengthSeries = (curve: Curve, name: string, colour: string, dashed: boolean): ChartSeries => ({
  name,
  points: curve.elongation.map((v, k) => [curve.at_deg[k], v * 100] as const),
  colour,
  dashed,
});
