'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useSnackbar } from 'notistack';
import { useMemo, useRef, useState } from 'react';
import { HALF_NAMES, LINE_STRUCTURES, muscleEntry, SIDES } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { typicalStretchAt } from '@/core/fit/stretch';
import { legArcs } from '@/figure/arcs';
import type { Near, Tint } from '@/figure/draw';
import { pngOf, svgText } from '@/figure/export';
import { Figure } from '@/figure/Figure';
import { seaTint } from '@/figure/scales';
import type { AtlasState, Shown } from './atlas-state';
import type { Computed } from './use-computed';

/** Pixels across a picture that is taken out: a hand's width in print. */
const PICTURE_WIDTH = 1600;
/** The palest tint a shown muscle gets, so that a slack one is still seen. */
const PALEST = 0.12;

/** The turning figure with its muscles; a muscle that is clicked becomes the chosen one. */
export function AtlasFigure({
  state,
  computed,
  set,
}: {
  state: AtlasState;
  computed: Computed;
  set: (change: Partial<AtlasState>) => void;
}) {
  const { muscle, beside, side, shown } = state;
  const { posture, helpers, opposers } = computed;
  const svg = useRef<SVGSVGElement>(null);
  const { enqueueSnackbar } = useSnackbar();
  const partners = [...helpers, ...opposers].map((p) => p.structure).join(' ');
  const tints = useMemo((): Tint[] => {
    const chosen = new Set([muscle, beside]);
    const visible = (structure: string, own: boolean): boolean =>
      shown === 'all' ||
      (own && (chosen.has(structure) || (shown === 'partners' && partners.split(' ').includes(structure))));
    const stretch = new Map(typicalStretchAt(posture).map((t) => [`${t.structure}/${t.side}`, t.stretch]));
    return SIDES.flatMap((s) =>
      LINE_STRUCTURES.filter((structure) => visible(structure, s === side)).map((structure) => ({
        structure,
        side: s,
        fill: seaTint(Math.max(PALEST, stretch.get(`${structure}/${s}`) ?? 0)),
        chosen: s === side && chosen.has(structure),
      })),
    );
  }, [posture, muscle, beside, side, shown, partners]);
  const angles = useMemo(() => legArcs(posture, side, HALF_NAMES), [posture, side]);
  const view = useMemo(() => startView(muscle, side), [muscle, side]);
  const [whole, setWhole] = useState(false);
  const near = useMemo(() => (whole ? undefined : nearTo(muscle, side)), [whole, muscle, side]);
  const entry = muscleEntry(muscle);
  const name = entry?.name ?? muscle;

  const save = async (kind: 'svg' | 'png') => {
    const element = svg.current;
    if (!element) return;
    try {
      const blob =
        kind === 'svg'
          ? new Blob([svgText(element, PICTURE_WIDTH)], { type: 'image/svg+xml' })
          : await pngOf(element, PICTURE_WIDTH);
      const url = URL.createObjectURL(blob);
      const link = document.createElement('a');
      link.href = url;
      link.download = `${muscle}-${side}.${kind}`;
      link.click();
      setTimeout(() => URL.revokeObjectURL(url), 10_000);
    } catch {
      enqueueSnackbar(say('The picture could not be made in this browser. Nothing else has changed.'), {
        variant: 'error',
      });
    }
  };

  return (
    <Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={side}
          aria-label={say('Side')}
          onChange={(_, v: AtlasState['side'] | null) => v && set({ side: v })}
        >
          {SIDES.map((s) => (
            <ToggleButton key={s} value={s}>
              {SIDE_MARK[s]}&nbsp;{say(s)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={shown}
          aria-label={say('Muscles shown')}
          onChange={(_, v: Shown | null) => v && set({ shown: v })}
        >
          <ToggleButton value="one">{say('this one')}</ToggleButton>
          <ToggleButton value="partners">{say('with partners')}</ToggleButton>
          <ToggleButton value="all">{say('all')}</ToggleButton>
        </ToggleButtonGroup>
        <ToggleButton size="small" value="whole" selected={whole} onChange={() => setWhole(!whole)}>
          {say('whole body')}
        </ToggleButton>
      </Box>
      <Figure
        key={`${muscle}/${side}`}
        label={say(
          '{{name}}, {{side}} side, on a standing figure with the joints as set below. Click a muscle to choose it.',
          { name, side: say(side) },
        )}
        posture={posture}
        tints={tints}
        angles={angles}
        view={view}
        turns
        steady
        near={near}
        height={'min(56vh, 470px)'}
        svgRef={svg}
        onPick={(structure, at) => set({ muscle: structure, side: at })}
      />
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Depths />
        <Box sx={{ flex: 1 }} />
        <Button size="small" onClick={() => void save('svg')} aria-label={say('Save the figure as SVG')}>
          {say('SVG')}
        </Button>
        <Button size="small" onClick={() => void save('png')} aria-label={say('Save the figure as PNG')}>
          {say('PNG')}
        </Button>
      </Box>
    </Box>
  );
}

/** What the tint says, as soundings. */
function Depths() {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 13, color: 'var(--ink-2)' }}>
      <span>{say('slack')}</span>
      <Box
        aria-hidden
        sx={{ display: 'flex', flex: '0 0 120px', height: 10, border: '1px solid var(--line)', '& > *': { flex: 1 } }}
      >
        {[0.12, 0.35, 0.6, 0.85, 1].map((v) => (
          <Box key={v} sx={{ background: seaTint(v) }} />
        ))}
      </Box>
      <span>{say('where typical people stop')}</span>
    </Box>
  );
}

/** The part of the body that a muscle's region fills. */
function nearTo(muscle: string, side: AtlasState['side']): Near {
  const region = muscleEntry(muscle)?.region;
  if (region === 'trunk') return { point: 'waist', offset: [0, 0, 0], reach: 0.42 };
  if (region === 'shin-calf') return { point: `calf_${side}`, offset: [0, -0.06, 0], reach: 0.38 };
  return { point: `hip_${side}`, offset: [0, -0.14, 0], reach: 0.46 };
}

/** From where a muscle is seen best on its side. */
function startView(muscle: string, side: AtlasState['side']) {
  const region = muscleEntry(muscle)?.region;
  const yaw =
    region === 'front' || region === 'inner' || muscle === 'rectus-abdominis'
      ? -58
      : region === 'buttock' || region === 'back' || region === 'shin-calf' || muscle === 'erector-spinae'
        ? 62
        : 8;
  return { yaw: side === 'right' ? yaw : 180 - yaw, pitch: 6 };
}
