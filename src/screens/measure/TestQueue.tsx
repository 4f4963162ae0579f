'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { Lock, ShutSide } from '@/core/assessment/locks';
import type { TestDefinition } from '@/core/assessment/definition';

export interface QueueEntry {
  test: TestDefinition;
  /** Read-outs that are read, of those that are asked for. */
  read: number;
  all: number;
  lock: Lock | null;
  /** Sides that are shut while the other is open. */
  shutSides: readonly ShutSide[];
  skipped: string | null;
}

export interface BatteryChoice {
  id: string;
  name: string;
}

/** The tests in their order, by position of the body; locked ones say why and offer what stays open. */
export function TestQueue({
  entries,
  batteries,
  battery,
  here,
  done,
  all,
  warm,
  order,
  onBattery,
  onOwn,
  onTest,
  onUnskip,
  onWarm,
  footer,
}: {
  entries: readonly QueueEntry[];
  batteries: readonly BatteryChoice[];
  battery: string;
  here: string;
  done: number;
  all: number;
  warm: boolean;
  /** In which order it is done, said in words. */
  order: string;
  onBattery: (id: string) => void;
  onOwn: () => void;
  onTest: (test: string, variant?: string) => void;
  onUnskip: (test: string) => void;
  onWarm: (warm: boolean) => void;
  footer?: React.ReactNode;
}) {
  'use memo';
  const groups: { position: string; entries: QueueEntry[] }[] = [];
  for (const entry of entries) {
    const last = groups.at(-1);
    if (last?.position === entry.test.position) last.entries.push(entry);
    else groups.push({ position: entry.test.position, entries: [entry] });
  }
  return (
    <Box component="nav" aria-label={say('Tests')} sx={{ order: { xs: 2, md: 0 } }}>
      <TextField
        select
        fullWidth
        label={say('Which tests')}
        value={battery}
        onChange={(e) => onBattery(e.target.value)}
        sx={{ mb: 0.5 }}
      >
        {batteries.map((b) => (
          <MenuItem key={b.id} value={b.id}>
            {say(b.name)}
          </MenuItem>
        ))}
      </TextField>
      <Box sx={{ display: 'flex', alignItems: 'center', mb: 0.5 }}>
        <Typography variant="caption" component="p" sx={{ flex: 1 }}>
          {say('{{done}} of {{all}} readings', { done, all })}
        </Typography>
        <Button size="small" onClick={onOwn}>
          {say('Choose')}
        </Button>
      </Box>
      {footer}
      {groups.map((g, i) => (
        <Box key={`${g.position}-${i}`} sx={{ mb: 1.25 }}>
          <Typography variant="caption" component="p" sx={{ borderBottom: '1px solid var(--line)', mb: 0.5 }}>
            {say(g.position)}
          </Typography>
          {g.entries.map((e) => (
            <Entry key={e.test.id} entry={e} active={e.test.id === here} onTest={onTest} onUnskip={onUnskip} />
          ))}
        </Box>
      ))}
      <Typography variant="caption" component="p">
        {order}
      </Typography>
      <Typography variant="caption" component="p" sx={{ mt: 1 }} id="warm-label">
        {say('The body today')}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={warm ? 'warm' : 'cold'}
        aria-labelledby="warm-label"
        onChange={(_, v: string | null) => v && onWarm(v === 'warm')}
        sx={{ '& .MuiToggleButton-root': { py: 0.3 } }}
      >
        <ToggleButton value="cold">{say('cold')}</ToggleButton>
        <ToggleButton value="warm">{say('warm from practice')}</ToggleButton>
      </ToggleButtonGroup>
    </Box>
  );
}

function Entry({
  entry: { test, read, all, lock, shutSides, skipped },
  active,
  onTest,
  onUnskip,
}: {
  entry: QueueEntry;
  active: boolean;
  onTest: (test: string, variant?: string) => void;
  onUnskip: (test: string) => void;
}) {
  'use memo';
  if (lock)
    return (
      <Box
        sx={{
          p: 1,
          color: 'var(--caution)',
          bgcolor: 'var(--caution-pale)',
          borderRadius: 1.5,
          fontSize: 14,
          mb: 0.5,
          outline: active ? '2px solid var(--caution)' : undefined,
        }}
      >
        {say('▲ {{name}}: locked by “{{by}}”', {
          name: say(test.name),
          by: lock.by.map((c) => within(c.name)).join('”, “'),
        })}
        {lock.open.map((v) => (
          <Button key={v.id} size="small" onClick={() => onTest(test.id, v.id)} sx={{ display: 'block', px: 0 }}>
            {say('Open: {{name}}', { name: say(v.name) })}
          </Button>
        ))}
      </Box>
    );
  return (
    <Box
      component="button"
      type="button"
      aria-current={active}
      onClick={() => (skipped ? onUnskip(test.id) : onTest(test.id))}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        cursor: 'pointer',
        display: 'flex',
        gap: 1,
        width: '100%',
        p: '6px 8px',
        borderRadius: 1.5,
        bgcolor: active ? 'var(--act)' : undefined,
        color: active ? 'var(--paper)' : 'var(--ink)',
        '&:focus-visible': { outline: '2px solid var(--act)', outlineOffset: 2 },
        '&:hover': { bgcolor: active ? 'var(--act)' : 'var(--act-pale)' },
        fontSize: 15,
      }}
    >
      <span style={{ flex: 1, textDecoration: skipped ? 'line-through' : undefined }}>
        {say(test.name)}
        {shutSides.map(({ side, by }) => (
          <Typography
            key={side}
            variant="caption"
            component="span"
            sx={{ display: 'block', color: active ? 'inherit' : 'var(--caution)' }}
          >
            {say('▲ {{side}} locked by “{{by}}”', { side: say(side), by: by.map((c) => within(c.name)).join('”, “') })}
          </Typography>
        ))}
        {skipped && (
          <Typography variant="caption" component="span" sx={{ display: 'block' }}>
            {say('left out: {{skipped}}', { skipped })}
          </Typography>
        )}
      </span>
      <span className="num" style={{ fontSize: 13 }}>
        {skipped ? '' : read === all ? say('done') : `${read}/${all}`}
      </span>
    </Box>
  );
}
