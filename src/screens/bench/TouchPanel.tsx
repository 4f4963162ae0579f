'use client';
import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { handHere, touchingNow, withContacts, withHand } from '@/core/bench/edit';
import { ON_WORDS, pointWords } from '@/core/bench/words';
import { realName, type Contact, type PropId, type Rung } from '@/core/poses';
import { BEARING_MIDDLE, BEARING_POINTS, ON, type OwnShape } from '@/core/poses/schema';
import { HAND_WAYS, wayOfHand, type HandWay } from './hand-ways';

const POINTS = [...BEARING_POINTS.flatMap((p) => [`${p}_worked`, `${p}_other`]), ...BEARING_MIDDLE];
/** Usual heights, centimetres. */
const HEIGHT: Partial<Record<Contact['on'], number>> = { blanket: 4, block: 12, bolster: 18, chair: 44 };
const AGAINST = ['thigh', 'shank', 'foot', 'forearm', 'upper-arm'].flatMap((l) => [`${l}_worked`, `${l}_other`]);
const LOOSE: readonly PropId[] = ['strap', 'post', 'wall', 'chair'];

const words = (name: string): string => pointWords(realName(name, 'right'));

/** What the body touches, where the hands go, and which props are there. */
export function TouchPanel({
  shape,
  rung,
  depth,
  onChange,
}: {
  shape: OwnShape;
  rung: Rung;
  depth: number;
  onChange: (rung: Rung, mark?: string) => void;
}) {
  const [adding, setAdding] = useState('');
  const put = (contacts: readonly Contact[], mark?: string) => onChange(withContacts(rung, contacts), mark);
  const mates = (c: Contact): Contact[] => {
    // Both sides alike: what is said of one side holds for the other.
    if (shape.sided || !/_(worked|other)$/.test(c.point)) return [c];
    const swap = (n: string) =>
      n.endsWith('_worked') ? n.replace('_worked', '_other') : n.replace('_other', '_worked');
    return [c, { ...c, point: swap(c.point), ...(c.limb && { limb: swap(c.limb) }) }];
  };
  const change = (i: number, next: Partial<Contact>) => {
    const { point, on, limb, height_cm } = { ...rung.contacts[i], ...next };
    const usual = height_cm ?? HEIGHT[on];
    const own: Contact = {
      point,
      on,
      ...(on === 'limb' && { limb: limb ?? (point.startsWith('ankle') ? 'thigh_other' : 'thigh_worked') }),
      ...(HEIGHT[on] !== undefined && usual !== undefined && { height_cm: usual }),
    };
    const both = mates(own);
    put(
      rung.contacts.map((c) => both.find((b) => b.point === c.point) ?? c),
      next.height_cm === undefined ? undefined : `height ${point}`,
    );
  };
  const drop = (c: Contact) => {
    const gone = new Set(mates(c).map((m) => m.point));
    put(rung.contacts.filter((o) => !gone.has(o.point)));
  };
  const addPoint = (point: string) => {
    setAdding('');
    const told = new Set(rung.contacts.map((c) => c.point));
    put([...rung.contacts, ...mates({ point, on: 'floor' }).filter((c) => !told.has(c.point))]);
  };
  const rows = rung.contacts
    .map((c, i) => ({ c, i }))
    .filter(({ c }) => !/^(wrist|elbow)/.test(c.point) && (shape.sided || !c.point.endsWith('_other')));
  const free = POINTS.filter(
    (p) =>
      !rung.contacts.some((c) => c.point === p) && !/^(wrist|elbow)/.test(p) && (shape.sided || !p.endsWith('_other')),
  );
  const setHand = (hand: 'worked' | 'other', id: string) => {
    const way = HAND_WAYS.find((w) => w.id === id);
    const of = (h: 'worked' | 'other') => way && reachOf(rung, depth, h, way);
    let next = withHand(rung, hand, of(hand));
    if (!shape.sided)
      next = withHand(next, hand === 'worked' ? 'other' : 'worked', of(hand === 'worked' ? 'other' : 'worked'));
    onChange(next);
  };
  return (
    <Box component="section" aria-label="Touches">
      <Typography variant="h3">What bears on what</Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {rows.map(({ c, i }) => (
          <Box component="li" key={c.point} sx={{ display: 'flex', gap: 0.75, alignItems: 'center', py: 0.4 }}>
            <Box sx={{ flex: 1, minWidth: 0, fontSize: 15 }}>{shape.sided ? words(c.point) : both(c.point)}</Box>
            <TextField
              select
              size="small"
              value={c.on}
              onChange={(e) => change(i, { on: e.target.value as Contact['on'] })}
              slotProps={{ htmlInput: { 'aria-label': `${words(c.point)} on` } }}
              sx={{ width: 106 }}
            >
              {ON.map((on) => (
                <MenuItem key={on} value={on}>
                  {ON_WORDS[on]}
                </MenuItem>
              ))}
            </TextField>
            {c.on === 'limb' && (
              <TextField
                select
                size="small"
                value={AGAINST.includes(c.limb ?? '') ? c.limb : ''}
                onChange={(e) => change(i, { limb: e.target.value })}
                slotProps={{ htmlInput: { 'aria-label': `${words(c.point)} against` } }}
                sx={{ width: 112 }}
              >
                {AGAINST.map((l) => (
                  <MenuItem key={l} value={l}>
                    {words(l)}
                  </MenuItem>
                ))}
              </TextField>
            )}
            {c.height_cm !== undefined && (
              <TextField
                size="small"
                type="number"
                value={c.height_cm}
                onChange={(e) => {
                  const v = Number(e.target.value);
                  if (e.target.value !== '' && v >= 0 && v <= 120) change(i, { height_cm: v });
                }}
                slotProps={{
                  htmlInput: { 'aria-label': `Height under the ${words(c.point)}, centimetres`, min: 0, max: 120 },
                }}
                sx={{ width: 62 }}
              />
            )}
            <IconButton size="small" aria-label={`${words(c.point)} touches nothing`} onClick={() => drop(c)}>
              <CloseIcon fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      {rows.length === 0 && <Typography>Nothing yet: the body hangs in the air.</Typography>}
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <TextField
          select
          size="small"
          label="Add"
          value={adding}
          onChange={(e) => addPoint(e.target.value)}
          sx={{ width: 150 }}
        >
          {free.map((p) => (
            <MenuItem key={p} value={p}>
              {shape.sided ? words(p) : both(p)}
            </MenuItem>
          ))}
        </TextField>
        <Button
          size="small"
          onClick={() => put([...rung.contacts, ...touchingNow(rung, depth, free).flatMap((c) => mates(c))])}
        >
          What touches the floor now
        </Button>
      </Box>
      <Typography variant="h3" sx={{ mt: 2 }}>
        Hands
      </Typography>
      {(['worked', 'other'] as const)
        .filter((h) => shape.sided || h === 'worked')
        .map((hand) => {
          const name = !shape.sided ? 'Both hands' : hand === 'worked' ? 'Right hand' : 'Left hand';
          const way = rung.reach[hand];
          return (
            <Box key={hand} sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
              <TextField
                select
                size="small"
                label={name}
                value={wayOfHand(way, hand)}
                onChange={(e) => setHand(hand, e.target.value)}
                sx={{ flex: 1 }}
              >
                <MenuItem value="">free, by the arm’s own angles</MenuItem>
                {HAND_WAYS.map((w) => (
                  <MenuItem key={w.id} value={w.id}>
                    {w.words}
                  </MenuItem>
                ))}
                <MenuItem value="other" disabled>
                  somewhere else on the body
                </MenuItem>
              </TextField>
              {way?.floor !== undefined && way.floor > 0 && (
                <TextField
                  size="small"
                  type="number"
                  label="cm"
                  value={Math.round(way.floor * 100)}
                  onChange={(e) => {
                    const v = Number(e.target.value);
                    if (e.target.value !== '' && v >= 1 && v <= 120)
                      onChange(withHand(rung, hand, { ...way, floor: v / 100 }), `hand height ${hand}`);
                  }}
                  slotProps={{ htmlInput: { 'aria-label': `Height under the ${name.toLowerCase()}, centimetres` } }}
                  sx={{ width: 84 }}
                />
              )}
            </Box>
          );
        })}
      <Typography variant="h3" sx={{ mt: 2 }}>
        Wall and props
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 0.5 }}>
        <TextField
          select
          size="small"
          label="Wall"
          value={rung.wall ?? ''}
          onChange={(e) => {
            const wall = e.target.value as NonNullable<Rung['wall']> | '';
            onChange({ ...rung, wall: wall === '' ? undefined : wall });
          }}
          sx={{ width: 150 }}
        >
          <MenuItem value="">none</MenuItem>
          <MenuItem value="behind">behind her</MenuItem>
          <MenuItem value="ahead">before her</MenuItem>
          <MenuItem value="beside">beside her</MenuItem>
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
              {p}
            </Button>
          );
        })}
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        A strap runs from the hand to the foot; a post or a wall steadies a hand; a chair may only stand by.
      </Typography>
    </Box>
  );
}

/** A landmark of both sides, without the side. */
const both = (name: string): string => words(name).replace(/^right /, 'both: ');

/** Where a way puts a hand: at a usual place, or level where it is now. */
function reachOf(rung: Rung, depth: number, hand: 'worked' | 'other', way: HandWay): Rung['reach'][typeof hand] {
  const mate = hand === 'worked' ? 'other' : 'worked';
  if (way.level) {
    const here = { path: rung.path, reach: {} };
    return handHere(here, depth, hand, `shoulder_${hand}`, {
      floor: way.level.floor,
      ...(way.level.forearm && { forearm: true }),
    });
  }
  return { to: `${way.to}_${way.whose === 'same' ? hand : mate}`, offset: way.offset ?? [0, 0, 0] };
}
