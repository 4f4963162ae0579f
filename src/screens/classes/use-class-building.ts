'use client';
import { say } from '@/core/languages/spoken';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { YogaClass } from '@/core/classes/class';
import type { WeekTheme } from '@/core/classes/themes';
import type { Change } from '@/core/practice/change';
import type { PracticeRequest, Saluted } from '@/core/practice/request';
import { core } from '@/workers/use-core';
import { useLikes } from '../settings/use-pose-settings';
import type { ClassData, useClassWay } from './use-class';

/** Keeps a change of a class with a word of what was done, to be taken back. */
export type KeepClass = (change: (stored: YogaClass) => YogaClass, did: string) => Promise<void>;

/**
 * What a practice is built about, and the week from 0 that it is for; without a theme it is about all that they share.
 */
interface About {
  theme?: WeekTheme;
  week?: number;
}

/** Building a practice for a class: whether it is on, and what could not be done as it was asked. */
export function useClassBuilding(people: ClassData['people'], way: ReturnType<typeof useClassWay>, keep: KeepClass) {
  const { enqueueSnackbar } = useSnackbar();
  const [likes] = useLikes();
  const [building, setBuilding] = useState(false);
  const [refused, setRefused] = useState<{ change: Change; request: PracticeRequest } | null>(null);
  const [unsaluted, setUnsaluted] = useState<Saluted | null>(null);
  const build = async (request: PracticeRequest, about: About = {}): Promise<void> => {
    setBuilding(true);
    setRefused(null);
    setUnsaluted(null);
    try {
      const { built, aims } = await core().classBuild(people, way.when, way.settings, {
        request,
        likes,
        theme: about.theme,
      });
      setUnsaluted(built.unsaluted);
      if (built.change) setRefused({ change: built.change, request });
      else
        await keep((c) => ({ ...asBuilt(c, about), items: built.items, aims, request }), say('The practice is built.'));
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      enqueueSnackbar(say('It could not be built: {{why}}', { why }), { variant: 'error' });
    }
    setBuilding(false);
  };
  return { build, building, refused, unsaluted, forgetUnsaluted: () => setUnsaluted(null) };
}

/**
 * A class whose practice is built about this: what a week was built about it stays about, whoever joins later; what was
 * chosen for it meanwhile stays chosen.
 */
function asBuilt(one: YogaClass, { theme, week }: About): YogaClass {
  const next = { ...one };
  delete next.theme;
  if (theme) next.theme = theme;
  if (theme && next.weeks && week !== undefined)
    next.weeks = { ...next.weeks, themes: { [String(week)]: theme, ...next.weeks.themes } };
  return next;
}
