'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { YogaClass } from '@/core/classes/class';
import { sharedAims } from '@/core/classes/shared';
import { THEME_IDS, themeName, type WeekTheme } from '@/core/classes/themes';
import {
  CLASS_ASK_WORDS,
  planClassWeeks,
  themeNeeds,
  weekOn,
  type ClassWeek,
  type ClassWeeks,
} from '@/core/classes/weeks';
import { weekdayWords } from '@/core/day-words';
import { firstName } from '@/core/students/called';
import type { MemberFacts } from '@/workers/core.worker';
import { WeeksForm } from './WeeksForm';
import { WeeksOut } from './WeeksOut';

/** Weeks of a class: what each is about, in turn by what its students need; any of them can be about something else. */
export function WeeksAhead({
  one,
  choice,
  members,
  today,
  canBuild,
  onPut,
  onBuild,
}: {
  one: Pick<YogaClass, 'id' | 'name'>;
  choice: ClassWeeks | null;
  members: readonly MemberFacts[];
  /** The day it is. */
  today: string;
  canBuild: boolean;
  /** Takes a change of the weeks as they are stored. */
  onPut: (change: (stored: ClassWeeks | undefined) => ClassWeeks | undefined, did: string) => void;
  onBuild: (week: ClassWeek) => void;
}) {
  'use memo';
  const needs = themeNeeds(sharedAims(members));
  const weeks = choice ? planClassWeeks(needs, choice) : [];
  const now = weekOn(weeks, today);
  const whose = (theme: WeekTheme): string => {
    if (theme === 'all') return say('for everybody');
    const who = needs.find((n) => n.theme === theme)?.who ?? [];
    const names = members.filter((m) => who.includes(m.id)).map((m) => firstName(m.name));
    return names.length > 0 ? say('for {{names}}', { names: names.join(', ') }) : say('nobody’s aim just now');
  };
  const choose = (week: ClassWeek, theme: WeekTheme | 'turn') => {
    onPut(
      (stored) => stored && withTheme(stored, week.week, theme),
      theme === 'turn'
        ? say('It follows in its turn.')
        : say('It is about: {{themeName}}.', { themeName: themeName(theme) }),
    );
  };
  return (
    <Box component="section" aria-label={say('Weeks ahead')} className="no-print" sx={{ mb: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {say('Weeks ahead')}
      </Typography>
      <WeeksForm
        key={choice ? 'again' : 'first'}
        choice={choice}
        today={today}
        onPut={(next) => onPut(() => next, say('The weeks are laid out.'))}
      />
      {needs.length === 0 && (
        <Typography>{say('Weeks take their themes from the aims of the class: there are none yet.')}</Typography>
      )}
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {weeks.map((week) => (
          <Box
            component="li"
            key={week.week}
            aria-current={week === now ? 'date' : undefined}
            sx={{
              display: 'grid',
              gap: { xs: 0.5, sm: 2 },
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '170px 240px minmax(0, 1fr) auto' },
              alignItems: 'center',
              borderTop: '1px solid var(--line)',
              py: 0.75,
              px: 1,
              bgcolor: week === now ? 'var(--act-pale)' : undefined,
            }}
          >
            <Box>
              <Typography sx={{ fontWeight: 700 }}>
                {say('Week {{count}}', { count: week.week + 1 })}
                {week === now && say(' · this week')}
              </Typography>
              <Typography variant="caption" component="p">
                {weekdayWords(week.day)}
              </Typography>
            </Box>
            <TextField
              select
              size="small"
              fullWidth
              value={week.chosen ? week.theme : 'turn'}
              onChange={(e) => choose(week, e.target.value as WeekTheme | 'turn')}
              slotProps={{
                select: { renderValue: () => themeName(week.theme) },
                htmlInput: { 'aria-label': say('What week {{count}} is about', { count: week.week + 1 }) },
              }}
            >
              <MenuItem value="turn">{say('In turn, by need')}</MenuItem>
              {([...THEME_IDS, 'all'] as const).map((theme) => (
                <MenuItem key={theme} value={theme}>
                  {themeName(theme)}
                </MenuItem>
              ))}
            </TextField>
            <Typography>
              {whose(week.theme)}
              <Typography variant="caption" component="span" sx={{ display: 'block' }}>
                {say(CLASS_ASK_WORDS[week.asks])}
              </Typography>
            </Typography>
            <Button
              size="small"
              disabled={!canBuild}
              onClick={() => onBuild(week)}
              aria-label={say('Build week {{count}}', { count: week.week + 1 })}
            >
              {say('Build it')}
            </Button>
          </Box>
        ))}
      </Box>
      {weeks.length > 0 && <WeeksOut one={one} weeks={weeks} today={today} />}
    </Box>
  );
}

/** Weeks of which one is about something else, or follows in its turn again. */
function withTheme(weeks: ClassWeeks, week: number, theme: WeekTheme | 'turn'): ClassWeeks {
  const themes = { ...weeks.themes };
  if (theme === 'turn') delete themes[String(week)];
  else themes[String(week)] = theme;
  return { ...weeks, themes };
}
