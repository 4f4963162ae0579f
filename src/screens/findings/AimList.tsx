'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { withChoice } from '@/core/aims/choices';
import { DOSE_SOURCES } from '@/core/aims/defaults';
import type { AimsOf } from '@/core/aims/for-student';
import {
  AIM_WORDS,
  AVOID_WORDS,
  AIM_SCHOOL_WORDS,
  aimedName,
  doseWords,
  mainReason,
  reasonWords,
} from '@/core/aims/words';
import { GROUPS, isMuscleGroup, type Side } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { shortInAim } from '@/core/fit/shortest';
import type { Posterior } from '@/core/inference';
import { AIM_KINDS, type AimChoice, type AimKind, type Student } from '@/core/students/student';
import { changeStudent } from '@/store/changes';
import { today } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

const CHOICES = [...AIM_KINDS, 'none'] as const;
const SIDES_SAID = ['left', 'right', 'both'] as const;
/** How much an aim weighs, as it is said. */
const WEIGHTS = [
  { value: 0.3, label: 'a little' },
  { value: 0.6, label: 'well' },
  { value: 0.9, label: 'first of all' },
] as const;
const nearest = (weight: number): number =>
  WEIGHTS.reduce((best, w) => (Math.abs(w.value - weight) < Math.abs(best - weight) ? w.value : best), 0.3);
const TINT = {
  lengthen: 'var(--sea-0)',
  strengthen: 'var(--land-0)',
  both: 'var(--act-pale)',
  leave: 'var(--surface)',
  refer: 'var(--surface)',
  none: 'var(--surface)',
} as const;

/** Aims: proposed with reasons, dose and what to keep away from; the teacher's word on any of them stands before it. */
export function AimList({
  student,
  aimed,
  posterior,
}: {
  student: Student;
  aimed: AimsOf;
  /** What is known of the student's tolerances: it tells which muscle of a group it is. */
  posterior?: Posterior;
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const { proposed, standing } = aimed;
  const choose: Put = async (choice, message) => {
    const all = Array.isArray(choice) ? (choice as readonly AimChoice[]) : [choice as AimChoice];
    undo(
      message,
      await changeStudent(db, student.id, (stored) => {
        const { aims, aimChoices } = all.reduce((who, c) => withChoice(who, proposed, c, today()), stored);
        return { aims, aimChoices };
      }),
    );
  };
  const live = standing.filter((a) => a.kind !== 'none');
  const left = standing.filter((a) => a.kind === 'none');
  return (
    <Box component="section" aria-label={say('Aims')}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {say('Aims')}
      </Typography>
      {live.length === 0 && <Typography color="text.secondary">{say('No aim yet. Add one below.')}</Typography>}
      {live.map((a) => (
        <AimCard key={`${a.group}${a.side}`} aim={a} short={posterior && shortInAim(a, posterior)} onChoose={choose} />
      ))}
      {left.length > 0 && (
        <Box sx={{ mb: 1 }}>
          <Typography variant="caption" component="p">
            {say('Proposed, not wanted now:')}
          </Typography>
          {left.map((a) => (
            <Button
              key={`${a.group}${a.side}`}
              size="small"
              onClick={() =>
                a.proposed &&
                void choose(
                  { group: a.group, side: a.side, kind: a.proposed.kind, weight: a.proposed.weight },
                  say('The proposal counts again.'),
                )
              }
            >
              {say('{{aimedName}} {{side}} {{side2}}: take back', {
                aimedName: aimedName(a),
                side: SIDE_MARK[a.side],
                side2: say(a.side),
              })}
            </Button>
          ))}
        </Box>
      )}
      <AddAim onChoose={choose} />
    </Box>
  );
}

type Put = (choice: AimChoice | readonly AimChoice[], message: string) => Promise<void>;

function AimCard({ aim, short, onChoose }: { aim: AimsOf['standing'][number]; short?: string | null; onChoose: Put }) {
  const [open, setOpen] = useState(false);
  const { group, side, kind, weight, proposed, choice, dose } = aim;
  const name = aimedName({ kind, group });
  const label = `${name} ${say(side)}`;
  const put = (part: Partial<Pick<AimChoice, 'kind' | 'weight'>>, message: string) =>
    void onChoose({ group, side, kind, weight, ...part }, message);
  return (
    <Box
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, p: 1.25, mb: 1, background: TINT[kind] }}
      role="group"
      aria-label={say('Aim: {{kind}} {{label}}', { kind: say(AIM_WORDS[kind]), label })}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography variant="caption" component="p">
            {kind === 'refer' && '▲ '}
            {say(AIM_WORDS[kind])} · {say(side)} {SIDE_MARK[side]}
          </Typography>
          <Box className="muscle" sx={{ fontSize: 17, lineHeight: 1.2 }}>
            {name}
          </Box>
        </Box>
        <Button
          size="small"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          aria-label={say('Change {{label}}', { label })}
        >
          {open ? say('Done') : say('Change')}
        </Button>
      </Box>
      <Typography sx={{ fontSize: 13 }}>
        {proposed ? mainReason(proposed) : say('Your choice.')}
        {choice && proposed && say(' Kolpos proposed: {{kind}}.', { kind: within(AIM_WORDS[proposed.kind]) })}
      </Typography>
      {short && <Typography sx={{ fontSize: 13 }}>{say('Short in it: {{short}}.', { short })}</Typography>}
      {doseWords(dose) && <Typography sx={{ fontSize: 13 }}>{doseWords(dose)}.</Typography>}
      {(proposed?.avoid.length ?? 0) > 0 && kind === proposed?.kind && (
        <Typography sx={{ fontSize: 13 }}>
          {say('Keep away from {{avoid}}.', {
            avoid: proposed?.avoid.map((v) => say(AVOID_WORDS[v])).join(say(' and ')),
          })}
        </Typography>
      )}
      {open && (
        <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
          {proposed && proposed.reasons.length > 1 && (
            <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 13 }}>
              {proposed.reasons.slice(1).map((r, i) => (
                <li key={i}>{reasonWords(r)}</li>
              ))}
            </Box>
          )}
          {proposed?.school && <Typography sx={{ fontSize: 13 }}>{say(AIM_SCHOOL_WORDS[proposed.school])}</Typography>}
          {proposed?.opposite && (
            <Typography sx={{ fontSize: 13 }}>
              <Said
                text={'Works against it: <1>{{aimedName}}</1>.'}
                values={{ aimedName: aimedName({ kind: 'strengthen', group: proposed.opposite }) }}
                parts={[<span key="1" className="muscle" />]}
              />
            </Typography>
          )}
          {dose.sources.map((s) => (
            <Typography key={s} variant="caption" component="p">
              {say(DOSE_SOURCES[s].text)}
            </Typography>
          ))}
          <Choose
            label={say('Do')}
            value={kind}
            options={CHOICES.map((k) => ({ value: k, label: say(AIM_WORDS[k]) }))}
            onChoose={(next) => put({ kind: next }, `${name}, ${say(side)}: ${within(AIM_WORDS[next])}.`)}
          />
          <Choose
            label={say('How much')}
            value={nearest(weight)}
            options={WEIGHTS.map((w) => ({ ...w, label: say(w.label) }))}
            onChoose={(next) =>
              put({ weight: next }, say('{{name}}, {{side}}: its weight is changed.', { name, side: say(side) }))
            }
          />
          {choice && (
            <Button
              size="small"
              onClick={() =>
                void onChoose(
                  proposed
                    ? { group, side, kind: proposed.kind, weight: proposed.weight }
                    : { group, side, kind: 'none', weight },
                  proposed ? say('The proposal counts again.') : say('The aim is removed.'),
                )
              }
            >
              {proposed ? say('Back to the proposal') : say('Remove')}
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}

function AddAim({ onChoose }: { onChoose: Put }) {
  const [draft, setDraft] = useState<{ kind: AimKind; group: string; side: (typeof SIDES_SAID)[number] }>({
    kind: 'lengthen',
    group: 'hamstrings',
    side: 'both',
  });
  const add = async () => {
    const sides: Side[] = draft.side === 'both' ? ['left', 'right'] : [draft.side];
    await onChoose(
      sides.map((side) => ({ group: draft.group, side, kind: draft.kind, weight: 0.6 })),
      say('The aim is added.'),
    );
  };
  return (
    <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr', mt: 1 }}>
      <Choose
        label={say('Do')}
        value={draft.kind}
        options={AIM_KINDS.map((k) => ({ value: k, label: say(AIM_WORDS[k]) }))}
        onChoose={(kind) => setDraft({ ...draft, kind })}
      />
      <Choose
        label={say('Side')}
        value={draft.side}
        options={SIDES_SAID.map((k) => ({ value: k, label: say(k) }))}
        onChoose={(side) => setDraft({ ...draft, side })}
      />
      <Choose
        wide
        label={say('What')}
        value={draft.group}
        options={GROUPS.filter(isMuscleGroup).map((g) => ({
          value: g as string,
          label: aimedName({ kind: draft.kind, group: g }),
        }))}
        onChoose={(group) => setDraft({ ...draft, group })}
      />
      <Button variant="outlined" onClick={() => void add()} sx={{ gridColumn: '1 / -1' }}>
        {say('Add this aim')}
      </Button>
    </Box>
  );
}

/** One of a few words from a list that opens. */
function Choose<V extends string | number>({
  label,
  value,
  options,
  wide = false,
  onChoose,
}: {
  label: string;
  value: V;
  options: readonly { value: V; label: string }[];
  wide?: boolean;
  onChoose: (value: V) => void;
}) {
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(e) => {
        const found = options.find((o) => String(o.value) === String(e.target.value));
        if (found) onChoose(found.value);
      }}
      sx={wide ? { gridColumn: '1 / -1' } : undefined}
    >
      {options.map((o) => (
        <MenuItem key={o.value} value={o.value}>
          {o.label}
        </MenuItem>
      ))}
    </TextField>
  );
}
