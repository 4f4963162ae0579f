'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import { cuesFor } from '@/core/practice/cues';
import { NOTHING_SHUT, type Shut } from '@/core/practice/passing';
import { wayTo } from '@/core/practice/transitions';
import { cueNow } from '@/core/teaching/moment';
import { sameSide } from '@/core/poses';
import type { PlayerState } from '@/core/teaching/player';
import type { RankedPose } from '@/core/ranking/rank';
import { useCues } from '../practice/use-cues';
import { hush, speak } from '@/instruments/speak';
import { IN_ENGLISH } from '../shell/their-language';
import type { Lesson } from './use-lesson-language';

const NOTHING: never[] = [];

/**
 * The one cue of the moment, in the teacher's words or drafted in her voice; spoken aloud where she wants that.
 * @param shut what whoever is taught does not pass on the ways between shapes
 * @param lesson the language it is said in
 */
export function useSaying(
  state: PlayerState | null,
  ranked: readonly RankedPose[] | null,
  shut: Shut = NOTHING_SHUT,
  { language, say }: Lesson = IN_ENGLISH,
) {
  const { voice, schools, book } = useCues();
  const [voiced, setVoiced] = useState(false);
  const items = state?.items ?? NOTHING,
    index = state?.index ?? 0;
  const cues = useMemo(() => {
    const item = items.at(index);
    if (!item) return [];
    const fit = ranked?.find((r) => r.pose === item.pose && r.rung === item.rung && sameSide(r.side, item.side));
    return cuesFor(item, { voice, schools, fit, before: items.slice(0, index), say }, book).cues;
  }, [items, index, ranked, voice, schools, book, say]);
  const now = state ? cueNow(cues, state) : '';
  const way = wayTo(items, index, { shut, say });
  // On the way it is first said how one gets there.
  const cue = state?.stage === 'moving' && way ? `${way} ${now}`.trim() : now;
  const running = state?.running ?? false;
  const said = useRef('');
  useEffect(() => {
    if (!voiced || !running) {
      if (said.current !== '') hush();
      said.current = '';
      return;
    }
    if (cue === said.current) return;
    said.current = cue;
    speak(cue, language);
  }, [cue, voiced, running, language]);
  useEffect(() => hush, []);
  return { cue, voiced, setVoiced };
}
