'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import type { Aim } from '@/core/students/student';
import { sameSide } from '@/core/poses';
import { alternativesFor } from '@/core/practice/alternatives';
import type { Block } from '@/core/practice/blocks';
import { cueBlock, noteBlock } from '@/core/practice/edit';
import type { PracticeItem } from '@/core/practice/practice';
import { InItsPlace } from './InItsPlace';
import type { ItemsChange } from './use-edits';
import type { Reason } from '@/core/practice/reasons';
import type { PracticeRequest } from '@/core/practice/request';
import type { Warning } from '@/core/practice/warnings';
import { reasonSentences, warningWords } from '@/core/practice/words';
import type { RankedPose } from '@/core/ranking/rank';
import { KeepPicture } from '../poses/KeepPicture';
import { PoseFigure } from '../poses/PoseFigure';
import { blockName } from './block-name';
import { BlockHolds } from './BlockHolds';
import { CueEditor } from './CueEditor';

/**
 * An opened block: why it is there, what it breaks, each side's hold, what is said, a note, and what could stand in its
 * place.
 */
export function BlockPanel({
  block,
  items,
  ranked,
  aims,
  request,
  reason,
  warnings,
  breathSeconds,
  save,
  onSwap,
}: {
  block: Block;
  items: readonly PracticeItem[];
  ranked: readonly RankedPose[];
  aims: readonly Aim[];
  request: PracticeRequest;
  reason: Reason | undefined;
  warnings: readonly Warning[];
  breathSeconds: number;
  save: (change: ItemsChange, did: string) => void;
  onSwap: (fits: readonly RankedPose[]) => void;
}) {
  'use memo';
  const figure = useRef<HTMLDivElement>(null);
  const [note, setNote] = useState<string | null>(null);
  const name = blockName(block);
  const first = block.items[0];
  const fit = ranked.find((r) => r.pose === block.pose && r.rung === block.rung && sameSide(r.side, first.side));
  const kept = block.items.find((i) => i.note)?.note ?? '';
  const at = items.findIndex((i) => i.id === block.id);
  return (
    <Box
      component="section"
      aria-label={say('{{name}}, opened', { name })}
      sx={{ p: 1.5, pt: 0.5, display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '200px minmax(0, 1fr)' } }}
    >
      <Box>
        <Box ref={figure}>
          <PoseFigure
            pose={block.pose}
            rung={block.rung}
            side={first.side}
            depth={fit?.depth ?? 0.5}
            work={fit?.work}
            height={150}
          />
        </Box>
        <KeepPicture frame={figure} name={name} />
        <BlockHolds block={block} items={items} breathSeconds={breathSeconds} save={save} />
      </Box>
      <Box sx={{ minWidth: 0, display: 'grid', gap: 1.5, alignContent: 'start' }}>
        {warnings.map((w) => (
          <Typography
            key={w.kind}
            role="status"
            sx={w.kind === 'caution' ? { color: 'var(--caution)', fontWeight: 700 } : { fontWeight: 700 }}
          >
            {w.kind === 'caution' ? '▲ ' : ''}
            {name} {warningWords(w)}
          </Typography>
        ))}
        <Box>
          <Typography component="span" sx={{ fontWeight: 700 }}>
            {say('Why it is here:')}{' '}
          </Typography>
          {reason ? reasonSentences(reason).join(' ') : ''}
        </Box>
        <CueEditor
          key={`${block.id}${String(first.cues?.length)}`}
          item={first}
          before={items.slice(0, at)}
          fit={fit}
          onPut={(lines) =>
            save(
              (now) => cueBlock(now, block.id, lines),
              lines ? say('Your words are kept.') : say('Back to the draft.'),
            )
          }
        />
        <TextField
          size="small"
          label={say('Note for you')}
          value={note ?? kept}
          onChange={(e) => setNote(e.target.value.slice(0, 300))}
          onBlur={() => {
            if (note !== null && note !== kept) save((now) => noteBlock(now, block.id, note), say('The note is kept.'));
            setNote(null);
          }}
        />
        <InItsPlace name={name} others={alternativesFor(block, items, { ranked, aims, request })} onSwap={onSwap} />
      </Box>
    </Box>
  );
}
