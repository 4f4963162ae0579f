'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import { dayWords } from '@/core/day-words';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { cautionById, CAUTIONS, type CautionLevel } from '@/core/cautions/catalogue';
import { ruleSentences } from '@/core/cautions/rules';
import { screen, stands, stopSentence, toldOfSide, withOtherSide } from '@/core/cautions/screen';
import type { CautionEntry } from '@/core/students/student';
import { otherSide } from '@/core/body';
import { openSides } from '@/core/assessment/locks';
import { BATTERY } from '@/core/assessment/battery';
import { today } from '@/store/studio';
import { AllowedPart } from './AllowedPart';
import { KeptText } from './KeptText';

const StaysGood = dynamic(() => import('./StaysGood').then((m) => m.StaysGood));

export const LEVEL_WORDS: Readonly<Record<CautionLevel, string>> = {
  'refer-now': 'Refer now',
  'refer-first': 'Refer first',
  adapt: 'Adapt',
  note: 'Note',
};

/** Cautions with since, until and who lifted them; each with its reason, what it locks, and neutral words to say. */
export function CautionList({
  entries,
  byAge = null,
  onChange,
}: {
  entries: readonly CautionEntry[];
  /** Caution that stands for her age without having been told. */
  byAge?: string | null;
  onChange: (entries: CautionEntry[]) => void;
}) {
  const put = (index: number, part: Partial<CautionEntry>) =>
    onChange(entries.map((e, k) => (k === index ? { ...e, ...part } : e)));
  return (
    <Box>
      <Autocomplete
        options={CAUTIONS.filter((c) => !entries.some((e) => e.caution === c.id)).map((c) => c.id)}
        value={null}
        onChange={(_, id: string | null) => id && onChange([...entries, { caution: id }])}
        getOptionLabel={(id) => say(cautionById(id)?.name ?? id)}
        blurOnSelect
        clearOnBlur
        renderInput={(p) => (
          <TextField
            {...p}
            label={say('Cautions')}
            helperText={say(
              'Ask about each before you test: type a few letters or open the list. Kolpos does not diagnose.',
            )}
          />
        )}
      />
      <Box
        component="ul"
        aria-label={say('What was told')}
        sx={{ listStyle: 'none', m: 0, mt: 1, p: 0, display: 'grid', gap: 1 }}
      >
        {byAge !== null && (
          <Box component="li" sx={{ display: 'flex', gap: 1, alignItems: 'center', color: 'var(--caution)' }}>
            <Typography sx={{ flex: 1, fontSize: 14 }}>
              {say('▲ Stands for the age:')} {say(cautionById(byAge)?.name ?? '')}.{' '}
              {say(cautionById(byAge)?.message ?? '')}
            </Typography>
            <Button size="small" onClick={() => onChange([...entries, { caution: byAge }])}>
              {say('Write it down')}
            </Button>
          </Box>
        )}
        {entries.map((e, i) => {
          const both = withOtherSide(entries, e, today());
          return (
            <Told
              key={`${e.caution}/${i}`}
              entry={e}
              onPut={(part) => put(i, part)}
              onRemove={() => onChange(entries.filter((_, k) => k !== i))}
              onOther={both && (() => onChange(both))}
            />
          );
        })}
      </Box>
    </Box>
  );
}

function Told({
  entry,
  onPut,
  onRemove,
  onOther,
}: {
  entry: CautionEntry;
  onPut: (part: Partial<CautionEntry>) => void;
  onRemove: () => void;
  /** Tells it of the other side too, where that can be told. */
  onOther: (() => void) | null;
}) {
  const [clearing, setClearing] = useState<string | null>(null);
  const caution = cautionById(entry.caution);
  const day = today();
  const live = stands(entry, day);
  const alone = screen([{ caution: entry.caution, side: entry.side, allowed: entry.allowed }], day);
  const [now] = alone.cautions;
  const locked = BATTERY.filter((t) => openSides(alone, t).length === 0);
  return (
    <Box
      component="li"
      aria-label={live && now ? say(now.name) : say(caution?.name ?? entry.caution)}
      sx={{
        borderRadius: 1.5,
        p: 1.25,
        bgcolor: live ? 'var(--caution-pale)' : 'var(--surface)',
        border: '1px solid',
        borderColor: live ? 'var(--caution)' : 'var(--line)',
      }}
    >
      <Typography sx={{ color: live ? 'var(--caution)' : 'var(--ink-2)', fontWeight: 700, fontSize: 15 }}>
        {live ? '▲ ' : ''}
        {caution ? `${say(LEVEL_WORDS[caution.level])}: ${say(now?.name ?? caution.name)}` : entry.caution}
        {entry.cleared &&
          say(' · lifted by {{by}} on {{day}}', { by: entry.cleared.by, day: dayWords(entry.cleared.on) })}
        {!entry.cleared && !live && say(' · over since {{what}}', { what: entry.until ?? '' })}
      </Typography>
      {live && caution?.sided && <WhichSide side={entry.side} onSide={(side) => onPut(toldOfSide(entry, side))} />}
      {live && caution && (
        <>
          <Typography sx={{ fontSize: 14 }}>
            <strong>{say('Ask:')}</strong> {say(caution.ask)}
          </Typography>
          <Typography sx={{ fontSize: 14 }}>
            <strong>{say('Why:')}</strong> {say(caution.reason)}
          </Typography>
          {(caution.rules.length === 0 || now.rules.length > 0) && (
            <Typography sx={{ fontSize: 14 }}>
              <strong>{say('You might say:')}</strong> “{say(caution.message)}”
            </Typography>
          )}
          {caution.rules.length > 0 && (
            <Typography sx={{ fontSize: 14 }}>
              <strong>{say('In poses:')}</strong>{' '}
              {now.rules.length > 0 ? ruleSentences(now.rules).join(' ') : say('Nothing of it is closed any more.')}
            </Typography>
          )}
          <AllowedPart
            caution={caution}
            allowed={entry.allowed ?? []}
            day={day}
            onChange={(allowed) => onPut({ allowed: allowed.length > 0 ? allowed : undefined })}
          />
          <Typography sx={{ fontSize: 14 }}>
            {stopSentence(caution)} <strong>{say('Whom to see:')}</strong> {say(caution.see)}.
          </Typography>
          {live && caution.rules.length > 0 && <StaysGood caution={entry.caution} />}
          {locked.length > 0 && (
            <Typography sx={{ fontSize: 14 }}>
              <strong>{say('Tests it locks:')}</strong>{' '}
              {locked.length === BATTERY.length
                ? say('every test and practice')
                : locked.map((t) => within(t.name)).join('; ')}
            </Typography>
          )}
        </>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1, alignItems: 'center' }}>
        <Box sx={{ width: 150 }}>
          <KeptText label={say('Since')} value={entry.since ?? ''} max={40} onKeep={(since) => onPut({ since })} />
        </Box>
        <TextField
          label={say('Until')}
          type="date"
          value={entry.until ?? ''}
          onChange={(e) => onPut({ until: e.target.value || undefined })}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ width: 160 }}
        />
        {entry.cleared ? (
          <Button size="small" onClick={() => onPut({ cleared: undefined })}>
            {say('It stands again')}
          </Button>
        ) : clearing === null ? (
          <Button size="small" onClick={() => setClearing('')}>
            {say('Lifted by …')}
          </Button>
        ) : (
          <Box
            component="form"
            onSubmit={(e) => {
              e.preventDefault();
              const by = clearing.trim();
              if (!by) return;
              onPut({ cleared: { by: by.slice(0, 80), on: day } });
              setClearing(null);
            }}
            sx={{ display: 'flex', gap: 1 }}
          >
            <TextField
              label={say('Who lifted it, and why')}
              value={clearing}
              autoFocus
              onChange={(e) => setClearing(e.target.value)}
              helperText={clearing.trim() === '' ? say('For example: the GP says fine') : ' '}
            />
            <Button type="submit" disabled={clearing.trim() === ''} sx={{ alignSelf: 'flex-start' }}>
              {say('Lift it')}
            </Button>
          </Box>
        )}
        {onOther && entry.side && (
          <Button size="small" onClick={onOther}>
            {say('The {{otherSide}} side too', { otherSide: say(otherSide(entry.side)) })}
          </Button>
        )}
        <Button size="small" onClick={onRemove}>
          {say('Entered by mistake')}
        </Button>
      </Box>
    </Box>
  );
}

/** Which side a caution is about. Where nobody has said, both count. */
function WhichSide({ side, onSide }: { side: CautionEntry['side']; onSide: (side: CautionEntry['side']) => void }) {
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      sx={{ my: 0.75 }}
      aria-label={say('Which side')}
      value={side ?? 'both'}
      onChange={(_, v: 'left' | 'right' | 'both' | null) => v && onSide(v === 'both' ? undefined : v)}
    >
      <ToggleButton value="left">{say('left')}</ToggleButton>
      <ToggleButton value="right">{say('right')}</ToggleButton>
      <ToggleButton value="both">{say('both, or not asked')}</ToggleButton>
    </ToggleButtonGroup>
  );
}
