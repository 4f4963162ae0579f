'use client';
import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { BATTERY } from '@/core/assessment/battery';
import {
  isReadout,
  PLAIN_ROLES,
  readoutRole,
  ROLE_WORDS,
  type PlainRole,
  type Role,
} from '@/core/formats/sheets/columns';
import { nameOf } from '@/core/formats/sheets/names';
import type { Table as Sheet } from '@/core/formats/sheets/table';

/** Cells of a column that are shown. */
const EXAMPLES = 3;

interface Choice {
  label: string;
  kind: 'What a row says' | 'Values of one test';
  role: PlainRole | { test: string; readout: string };
}
const CHOICES: readonly Choice[] = [
  ...PLAIN_ROLES.map((role): Choice => ({ label: say(ROLE_WORDS[role]), kind: 'What a row says', role })),
  ...BATTERY.flatMap((t) =>
    t.readouts.map((r): Choice => {
      const role = { test: t.id, readout: r.id };
      return { label: nameOf(role), kind: 'Values of one test', role };
    }),
  ),
];
const same = (chosen: Choice['role'], role: Role): boolean =>
  typeof chosen === 'string'
    ? chosen === role
    : isReadout(role) && role.test === chosen.test && role.readout === chosen.readout;

/** What each column of a table means, with some of its cells; changed by choosing. */
export function SheetColumns({
  table,
  roles,
  onRole,
}: {
  table: Sheet;
  roles: readonly Role[];
  onRole: (at: number, role: Role) => void;
}) {
  const examples = useMemo(
    () =>
      table.columns.map((_, i) =>
        [...new Set(table.rows.map((r) => r[i]).filter(Boolean))].slice(0, EXAMPLES).join(', '),
      ),
    [table],
  );
  return (
    <Table size="small" aria-label={say('What the columns mean')}>
      <TableHead>
        <TableRow>
          <TableCell>{say('Column')}</TableCell>
          <TableCell>{say('For example')}</TableCell>
          <TableCell>{say('Means')}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {table.columns.map((name, i) => (
          <TableRow key={i}>
            <TableCell sx={{ overflowWrap: 'anywhere' }}>
              <strong>{name || say('column {{count}}', { count: i + 1 })}</strong>
              <SideOf role={roles[i]} />
            </TableCell>
            <TableCell sx={{ overflowWrap: 'anywhere' }}>{examples[i]}</TableCell>
            <TableCell sx={{ width: 320 }}>
              <Autocomplete
                size="small"
                disableClearable
                options={CHOICES}
                groupBy={(c) => c.kind}
                getOptionKey={(c) => (typeof c.role === 'string' ? c.role : `${c.role.test}/${c.role.readout}`)}
                value={CHOICES.find((c) => same(c.role, roles[i])) ?? CHOICES[PLAIN_ROLES.length - 1]}
                onChange={(_, c) => onRole(i, typeof c.role === 'string' ? c.role : readoutRole(c.role, name))}
                renderInput={(params) => (
                  <TextField
                    {...params}
                    label={say('Meaning of {{what}}', { what: name || say('column {{count}}', { count: i + 1 }) })}
                  />
                )}
              />
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

/** Which side a column of a test speaks of, in a word. */
function SideOf({ role }: { role: Role }) {
  if (!isReadout(role) || role.side === 'both') return null;
  return (
    <Typography variant="caption" component="p">
      {role.side === 'column' ? say('side as each row says') : role.side}
    </Typography>
  );
}
