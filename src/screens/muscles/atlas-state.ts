'use client';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { angleProblem, HALF_NAMES, halfCoordinate, muscleEntry, SIDES, type Side } from '@/core/body';

export type AngleName = (typeof HALF_NAMES)[number];
export type Shown = 'one' | 'partners' | 'all';

/** What the atlas shows. It lives in the address, so that a reload, the way back and a second window keep it. */
export interface AtlasState {
  muscle: string;
  side: Side;
  beside: string | null;
  shown: Shown;
  /** Angle that the curves run over, by its place in a half body. */
  over: number;
  /** Joint angles of the side in degrees, as a half body has them; what is not named is 0. */
  angles: Partial<Record<AngleName, number>>;
}

const START: AtlasState = { muscle: 'piriformis', side: 'right', beside: null, shown: 'one', over: 6, angles: {} };

/** A muscle's most telling angle to run over: the first joint it crosses, of the hip if it can be. */
export function usualOver(structure: string): number {
  const region = muscleEntry(structure)?.region;
  if (region === 'trunk') return HALF_NAMES.indexOf('lumbar_flexion');
  if (structure === 'vasti' || structure === 'biceps-femoris-short-head') return HALF_NAMES.indexOf('knee_flexion');
  if (region === 'shin-calf') return HALF_NAMES.indexOf('ankle_dorsiflexion');
  return HALF_NAMES.indexOf('hip_flexion');
}

const known = (structure: string | null): structure is string => structure !== null && muscleEntry(structure) !== null;

/** Reads an address; whatever in it makes no sense is as if it were not there. */
export function readState(params: { get(name: string): string | null }): AtlasState {
  const muscle = params.get('muscle');
  const side = params.get('side');
  const beside = params.get('beside');
  const shown = params.get('show');
  const over = HALF_NAMES.findIndex((n) => n === params.get('over'));
  const angles: AtlasState['angles'] = {};
  for (const part of (params.get('at') ?? '').split(',')) {
    const [id, text] = part.split(':');
    const name = HALF_NAMES.find((n) => n === id);
    if (!name || text === undefined || text === '') continue;
    const value = Number(text);
    if (!angleProblem({ [halfCoordinate(HALF_NAMES.indexOf(name), 'right')]: value })) angles[name] = value;
  }
  const chosen = known(muscle) ? muscle : START.muscle;
  return {
    muscle: chosen,
    side: SIDES.find((s) => s === side) ?? START.side,
    beside: known(beside) && beside !== chosen ? beside : null,
    shown: shown === 'partners' || shown === 'all' ? shown : 'one',
    over: over >= 0 ? over : usualOver(chosen),
    angles,
  };
}

/** The address of a state, as a query text. */
export function writeState(state: AtlasState): string {
  const params = new URLSearchParams({ muscle: state.muscle, side: state.side });
  if (state.beside) params.set('beside', state.beside);
  if (state.shown !== 'one') params.set('show', state.shown);
  if (state.over !== usualOver(state.muscle)) params.set('over', HALF_NAMES[state.over]);
  const at = Object.entries(state.angles).filter(([, v]) => v !== 0);
  if (at.length > 0) params.set('at', at.map(([k, v]) => `${k}:${v}`).join(','));
  return params.toString().replaceAll('%3A', ':').replaceAll('%2C', ',');
}

/** The atlas' state and how to change it: another muscle can be gone back from, angles replace each other. */
export function useAtlas(): [AtlasState, (change: Partial<AtlasState>) => void] {
  const params = useSearchParams();
  const state = useMemo(() => readState(params), [params]);
  const set = (change: Partial<AtlasState>) => {
    // Of the address as it is now: several changes may come before the page is drawn again.
    const old = readState(new URLSearchParams(window.location.search));
    const next = { ...old, ...change };
    if (change.muscle && change.muscle !== old.muscle) {
      if (change.over === undefined) next.over = usualOver(change.muscle);
      if (next.beside === change.muscle) next.beside = null;
      window.history.pushState(null, '', `?${writeState(next)}`);
    } else window.history.replaceState(null, '', `?${writeState(next)}`);
  };
  return [state, set];
}
