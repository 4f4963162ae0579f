import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { PropId, Rung } from '@/core/poses';

const LOOSE: readonly PropId[] = ['strap', 'post', 'wall', 'chair'];

/** Where the wall is, and props that carry nothing but are held or stand by. */
export function LooseProps({ rung, onChange }: { rung: Rung; onChange: (rung: Rung) => void }) {
  'use memo';
  return (
    <>
      <Typography variant="h3" sx={{ mt: 2 }}>
        {say('Wall and props')}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 0.5 }}>
        <TextField
          select
          size="small"
          label={say('Wall')}
          value={rung.wall ?? ''}
          onChange={(e) => {
            const wall = e.target.value as NonNullable<Rung['wall']> | '';
            onChange({ ...rung, wall: wall === '' ? undefined : wall });
          }}
          sx={{ width: 150 }}
        >
          <MenuItem value="">{say('none')}</MenuItem>
          <MenuItem value="behind">{say('behind the body')}</MenuItem>
          <MenuItem value="ahead">{say('in front of the body')}</MenuItem>
          <MenuItem value="beside">{say('beside the body')}</MenuItem>
        </TextField>
        {LOOSE.map((p) => {
          const on = rung.props.includes(p);
          const carries = rung.contacts.some((c) => c.on === p);
          return (
            <Button
              key={p}
              size="small"
              variant={on ? 'contained' : 'outlined'}
              aria-pressed={on}
              disabled={carries}
              onClick={() => onChange({ ...rung, props: on ? rung.props.filter((q) => q !== p) : [...rung.props, p] })}
            >
              {say(p)}
            </Button>
          );
        })}
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {say('A strap runs from the hand to the foot; a post or a wall steadies a hand; a chair may only stand by.')}
      </Typography>
    </>
  );
}
