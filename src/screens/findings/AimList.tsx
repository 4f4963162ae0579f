'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { proposeAims } from '@/core/aims/propose';
import { AIM_WORDS, reasonWords } from '@/core/aims/words';
import { GROUPS, groupOf, isMuscleGroup } from '@/core/body';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import type { Findings } from '@/core/limits';
import type { Aim, Student } from '@/core/people/student';
import { saveStudent } from '@/store/changes';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

const KINDS = ['lengthen', 'strengthen', 'leave'] as const;
const SIDES_SAID = ['left', 'right', 'both'] as const;
const same = (a: Aim, b: Aim) => a.kind === b.kind && a.group === b.group && a.side === b.side;

/** Aims: proposed with a reason, the teacher's to change. Her list replaces the proposal until she goes back to it. */
export function AimList({ student, findings }: { student: Student; findings: Findings }) {
  const { db } = useStudio();
  const undo = useUndo();
  const proposed = proposeAims(findings);
  const aims: Aim[] = student.aims ?? proposed;
  const [draft, setDraft] = useState<{ kind: Aim['kind']; group: string; side: (typeof SIDES_SAID)[number] }>({
    kind: 'lengthen',
    group: 'hamstrings',
    side: 'both',
  });
  const set = async (next: Aim[] | undefined, message: string) =>
    undo(
      message,
      await saveStudent(db, {
        ...student,
        aims: next?.map(({ kind, group, side, weight }) => ({ kind, group, side, weight })),
      }),
    );
  const nameOf = (group: string) => {
    const id = groupOf(group);
    return id ? GROUP_WORDS[id].name : group;
  };
  const add = () => {
    const sides = draft.side === 'both' ? (['left', 'right'] as const) : [draft.side];
    const fresh = sides.map((side): Aim => ({ kind: draft.kind, group: draft.group, side, weight: 0.6 }));
    void set(
      [...aims.filter((a) => !fresh.some((f) => f.group === a.group && f.side === a.side)), ...fresh],
      'The aim is added.',
    );
  };
  return (
    <Box component="section" aria-label="Aims">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Aims
      </Typography>
      {aims.length === 0 && <Typography color="text.secondary">No aim yet. Add one below.</Typography>}
      {aims.map((a) => {
        const why = proposed.find((p) => same(p, a));
        return (
          <Box
            key={`${a.kind}${a.group}${a.side}`}
            sx={{
              border: '1px solid var(--line)',
              borderRadius: 1.5,
              p: 1.25,
              mb: 1,
              bgcolor:
                a.kind === 'lengthen' ? 'var(--sea-0)' : a.kind === 'strengthen' ? 'var(--land-0)' : 'var(--surface)',
              display: 'flex',
              alignItems: 'start',
              gap: 1,
            }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Typography variant="caption" component="p">
                {AIM_WORDS[a.kind]} · {a.side} {SIDE_MARK[a.side]}
              </Typography>
              <Box className="muscle" sx={{ fontSize: 17 }}>
                {nameOf(a.group)}
              </Box>
              <Typography variant="caption" component="p">
                {why ? reasonWords(why.reason) : 'Your choice.'}
              </Typography>
            </Box>
            <Button
              size="small"
              aria-label={`Remove aim ${AIM_WORDS[a.kind]} ${nameOf(a.group)} ${a.side}`}
              onClick={() =>
                void set(
                  aims.filter((x) => !same(x, a)),
                  'The aim is removed.',
                )
              }
              sx={{ minWidth: 0 }}
            >
              ✕
            </Button>
          </Box>
        );
      })}
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr', mt: 1 }}>
        <TextField
          select
          label="Do"
          value={draft.kind}
          onChange={(e) => setDraft({ ...draft, kind: KINDS.find((k) => k === e.target.value) ?? 'lengthen' })}
        >
          {KINDS.map((k) => (
            <MenuItem key={k} value={k}>
              {AIM_WORDS[k]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Side"
          value={draft.side}
          onChange={(e) => setDraft({ ...draft, side: SIDES_SAID.find((k) => k === e.target.value) ?? 'both' })}
        >
          {SIDES_SAID.map((k) => (
            <MenuItem key={k} value={k}>
              {k}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="What"
          value={draft.group}
          onChange={(e) => setDraft({ ...draft, group: e.target.value })}
          sx={{ gridColumn: '1 / -1' }}
        >
          {GROUPS.filter(isMuscleGroup).map((g) => (
            <MenuItem key={g} value={g}>
              {GROUP_WORDS[g].name}
            </MenuItem>
          ))}
        </TextField>
        <Button variant="outlined" onClick={add}>
          Add aim
        </Button>
        {student.aims && (
          <Button onClick={() => void set(undefined, 'Back to what Kolpos proposes.')}>As proposed</Button>
        )}
      </Box>
    </Box>
  );
}
