'use client';
import { inSentence } from '@/core/poses/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { SIDE_MARK } from '@/core/body/words';
import type { Aim } from '@/core/students/student';
import { rungOf, sameSide } from '@/core/poses';
import { alternativesFor } from '@/core/practice/alternatives';
import type { Block } from '@/core/practice/blocks';
import {
  cueBlock,
  lengthenItem,
  mirrorBlock,
  noteBlock,
  removeBlock,
  repeatBlock,
  setsBlock,
} from '@/core/practice/edit';
import type { PracticeItem } from '@/core/practice/practice';
import type { ItemsChange } from './use-edits';
import { makeRound, roundFromBlock, takeRoundApart } from '@/core/practice/rounds';
import type { Reason } from '@/core/practice/reasons';
import type { PracticeRequest } from '@/core/practice/request';
import { MOST_SETS } from '@/core/practice/taught-order';
import type { Warning } from '@/core/practice/warnings';
import { reasonSentences, warningWords } from '@/core/practice/words';
import type { RankedPose } from '@/core/ranking/rank';
import { KeepPicture } from '../poses/KeepPicture';
import { PoseFigure } from '../poses/PoseFigure';
import { blockName } from './block-name';
import { CueEditor } from './CueEditor';
import { Stepper } from './Stepper';

/** How often a block is gone through, or its round. */
const setsWords = ({ sets, round }: Block): string =>
  round === undefined ? (sets === 1 ? '1 set' : `${sets} sets`) : sets === 1 ? 'round once' : `round ${sets} times`;

/** An opened block: why it is there, what it breaks, each side's hold, what is said, a note, and what could stand in its place. */
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
  const others = alternativesFor(block, items, ranked, aims, request);
  const round = roundFromBlock(items, block.id);
  const at = items.findIndex((i) => i.id === block.id);
  return (
    <Box
      component="section"
      aria-label={`${name}, opened`}
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
        {block.items.map((item) => (
          <Stepper
            key={item.id}
            less={`${item.side}: a breath shorter`}
            more={`${item.side}: a breath longer`}
            step={(by) =>
              save(
                (now) => lengthenItem(now, item.id, by, breathSeconds),
                `A breath ${by < 0 ? 'shorter' : 'longer'} on one side.`,
              )
            }
          >
            {SIDE_MARK[item.side]} {item.side === 'both' ? '' : item.side} {item.breaths}{' '}
            {item.breaths === 1 ? 'breath' : 'breaths'}
          </Stepper>
        ))}
        {rungOf(block.pose, block.rung)?.rung.kind !== 'rest' && (
          <>
            <Stepper
              less="Once less"
              more="Once more"
              step={(by) => save((now) => repeatBlock(now, block.id, by), by < 0 ? 'Once less.' : 'Once more.')}
            >
              {first.repeats === 1 ? 'once' : `${first.repeats} times`}
            </Stepper>
            <Stepper
              less="One set less"
              more="One set more"
              least={block.sets === 1}
              most={block.sets === MOST_SETS}
              step={(by) => save((now) => setsBlock(now, block.id, by), by < 0 ? 'One set less.' : 'One set more.')}
            >
              {setsWords(block)}
            </Stepper>
          </>
        )}
        {first.side !== 'both' && (
          <Button size="small" onClick={() => save((now) => mirrorBlock(now, block.id), 'The other side first.')}>
            {block.items.length > 1 ? 'Other side first' : 'The other side instead'}
          </Button>
        )}
        {block.round !== undefined && (
          <Button size="small" onClick={() => save((now) => takeRoundApart(now, block.id), 'Pose by pose again.')}>
            Pose by pose, no round
          </Button>
        )}
        {round > 1 && (
          <Button size="small" onClick={() => save((now) => makeRound(now, block.id), `A round of ${round} poses.`)}>
            Make a round of {round}
          </Button>
        )}
        <Button
          size="small"
          aria-label={`Remove ${name}`}
          onClick={() => save((now) => removeBlock(now, block.id), `${name} is removed.`)}
        >
          Remove
        </Button>
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
            Why it is here:{' '}
          </Typography>
          {reason ? reasonSentences(reason).join(' ') : ''}
        </Box>
        <CueEditor
          key={`${block.id}${String(first.cues?.length)}`}
          item={first}
          before={items.slice(0, at)}
          fit={fit}
          onPut={(lines) =>
            save((now) => cueBlock(now, block.id, lines), lines ? 'Your words are kept.' : 'Back to the draft.')
          }
        />
        <TextField
          size="small"
          label="Note for you"
          value={note ?? kept}
          onChange={(e) => setNote(e.target.value.slice(0, 300))}
          onBlur={() => {
            if (note !== null && note !== kept) save((now) => noteBlock(now, block.id, note), 'The note is kept.');
            setNote(null);
          }}
        />
        <Box component="section" aria-label={`Instead of ${name}`}>
          <Typography sx={{ fontWeight: 700 }}>In its place</Typography>
          {others.length === 0 && <Typography>Nothing else of its phase is allowed and within reach.</Typography>}
          <Box
            sx={{ display: 'grid', gap: 0.5, gridTemplateColumns: 'repeat(auto-fill, minmax(210px, 1fr))', mt: 0.5 }}
          >
            {others.map(({ fits, worth }) => {
              const [r] = fits;
              const found = rungOf(r.pose, r.rung);
              return (
                <Button
                  key={`${r.pose}/${r.rung}`}
                  variant="outlined"
                  aria-label={`Take ${found?.shape.name ?? r.pose}, ${found?.rung.name ?? ''}`}
                  onClick={() => onSwap(fits)}
                  sx={{ justifyContent: 'flex-start', textAlign: 'left', gap: 1, p: 0.5, lineHeight: 1.25 }}
                >
                  <Box sx={{ width: 60, flex: 'none' }}>
                    <PoseFigure pose={r.pose} rung={r.rung} side={r.side} depth={r.depth} height={40} muscles={false} />
                  </Box>
                  <span>
                    {found?.shape.name}
                    <Typography variant="caption" component="span" sx={{ display: 'block' }}>
                      {found?.rung.name} · {Math.round(100 * worth)} of 100
                    </Typography>
                  </span>
                </Button>
              );
            })}
          </Box>
          <Typography variant="caption" component="p" sx={{ mt: 0.5 }}>
            Of 100: how much it gives the aims that {inSentence(name)} is here for, less what it strains.
          </Typography>
        </Box>
      </Box>
    </Box>
  );
}
