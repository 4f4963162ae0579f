import { say } from '@/core/languages/spoken';
import { z } from 'zod';
import { groupOf, type GroupId } from '@/core/body';
import { aimKey, BESIDE } from '@/core/practice/aim-key';
import type { Aim } from '@/core/students/student';

/** What a week of a class is about: aims that the same shapes serve. Ours. */
interface ThemeEntry {
  name: string;
  /** Groups whose lengthening belongs to it; null: every aim that strengthens. */
  lengthens: readonly GroupId[] | null;
}

/** One entry a theme: what it is called, and what belongs to it. */
export const THEMES = {
  front: { name: 'The front of the hips', lengthens: ['deep-hip-flexor', 'rectus-femoris', 'vasti', 'instep'] },
  back: { name: 'The backs of the legs', lengthens: ['hamstrings', 'calf'] },
  outer: { name: 'Buttocks and outer hips', lengthens: ['gluteus-maximus', 'deep-buttock', 'lateral-hip'] },
  inner: { name: 'The inner thighs', lengthens: ['adductors'] },
  strong: { name: 'Strong hips', lengthens: null },
} as const satisfies Readonly<Record<string, ThemeEntry>>;

export type ThemeId = keyof typeof THEMES;
export const THEME_IDS = Object.keys(THEMES) as [ThemeId, ...ThemeId[]];

export const weekThemeSchema = z.enum([...THEME_IDS, 'all']);
/** What a week is about: a theme, or a little of everything. */
export type WeekTheme = z.infer<typeof weekThemeSchema>;

/** What a week is about, in words. */
export const themeName = (theme: WeekTheme): string =>
  say(theme === 'all' ? 'A little of everything' : THEMES[theme].name);

/** The theme that an aim belongs to; null where it is left alone, or of what no shape lengthens. */
export function themeOf(aim: Pick<Aim, 'kind' | 'group'>): ThemeId | null {
  if (aim.kind === 'strengthen') return 'strong';
  const group = groupOf(aim.group);
  if (aim.kind !== 'lengthen' || !group) return null;
  return THEME_IDS.find((id) => (THEMES[id] as ThemeEntry).lengthens?.includes(group)) ?? null;
}

/** Aims as they weigh in a week about one thing: its own as they are, the others a good deal less. */
export const themedAims = (aims: readonly Aim[], theme: WeekTheme): Aim[] =>
  aims.map((a) => (a.kind === 'leave' || isAbout(a, theme) ? a : { ...a, weight: a.weight * BESIDE }));

/** Whether an aim belongs to what a week is about. */
const isAbout = (aim: Aim, theme: WeekTheme): boolean => theme === 'all' || themeOf(aim) === theme;

/** Keys of the aims that a week is about; undefined where it is about none of them, or about everything. */
export function aboutOf(aims: readonly Aim[], theme: WeekTheme): string[] | undefined {
  const own = aims.filter((a) => isAbout(a, theme));
  return own.length === 0 || theme === 'all' ? undefined : own.map(aimKey);
}
