'use client';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useMemo, useState, type ReactNode } from 'react';
import type { Student } from '@/core/students/student';
import { sameSide } from '@/core/poses';
import { dosesOf, servedBy } from '@/core/practice/doses';
import { addAfter, addSide, itemsFor, lengthenBlock, lockItem, moveBlock, swapBlock } from '@/core/practice/edit';
import { paceOf, setSeconds, totalSeconds, type Practice } from '@/core/practice/practice';
import type { Block } from '@/core/practice/blocks';
import { profileOf } from '@/core/practice/profile';
import { reasonsOf } from '@/core/practice/reasons';
import { requestOf } from '@/core/practice/request';
import { warningsOf, type Warning } from '@/core/practice/warnings';
import { reasonSentences, warningWords } from '@/core/practice/words';
import type { RankedPose } from '@/core/ranking/rank';
import { newId } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { AddPose } from './AddPose';
import { BlockPanel } from './BlockPanel';
import { blockName, BlockRow } from './BlockRow';
import { clock, sheetRows } from '@/core/practice/sheet';
import { DoseBars } from './DoseBars';
import { PracticeMenu } from './PracticeMenu';
import { useBuild } from '../students/use-build';
import { PracticeProfile } from './PracticeProfile';
import { SmallChanges } from './SmallChanges';
import { useEdits, type ItemsChange } from './use-edits';

/** A practice under the teacher's hands: its chart, its blocks to drag, lengthen, open and swap; totals, doses and warnings follow. */
export function PracticeEditor({
  student,
  practice,
  ranked,
  children,
}: {
  student: Student;
  practice: Practice;
  ranked: readonly RankedPose[];
  /** What can be done with the whole practice, beside its totals. */
  children?: ReactNode;
}) {
  'use memo';
  const { base } = useStudio();
  const { save, back, forward, canBack, canForward } = useEdits(practice);
  const [openId, setOpenId] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const { items, aims } = practice;
  const pace = paceOf(practice);
  const { breathSeconds } = student;
  const build = useBuild(student);
  const request = useMemo(
    () => practice.request ?? requestOf({ minutes: practice.minutes, breathSeconds }),
    [practice, breathSeconds],
  );
  const chart = useMemo(() => {
    const profile = profileOf(items, ranked, pace);
    return {
      profile,
      rows: sheetRows(items, pace),
      blocks: profile.map((s) => s.block),
      reasons: reasonsOf(items, ranked, aims, request),
      warnings: warningsOf(items, ranked, request),
      doses: dosesOf(items, aims, ranked),
      total: totalSeconds(items, pace),
    };
  }, [items, ranked, aims, request, pace]);
  const { profile, rows, blocks, reasons, warnings, doses, total } = chart;
  const depthOf = (block: Block): number =>
    ranked.find((r) => r.pose === block.pose && r.rung === block.rung && sameSide(r.side, block.items[0].side))
      ?.depth ?? 0.5;
  const open = blocks.find((b) => b.id === openId) ?? null;
  const put = (change: ItemsChange, did: string) => void save(change, did);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const to = blocks.findIndex((b) => b.id === over.id);
    put((now) => moveBlock(now, String(active.id), to), 'Moved.');
  };
  const toggle = (id: string) => setOpenId((now) => (now === id ? null : id));
  /** Opens a block and brings it into sight. */
  const show = (id: string) => {
    setOpenId(id);
    requestAnimationFrame(() =>
      document.querySelector(`[data-block="${CSS.escape(id)}"]`)?.scrollIntoView({ block: 'nearest' }),
    );
  };
  const add = (fits: readonly RankedPose[]) => {
    setAdding(false);
    const next = itemsFor(fits, { phase: 'approach', breathSeconds, aims, newId });
    const resting = blocks.at(-1)?.phase === 'rest' ? blocks.at(-2) : blocks.at(-1);
    put((now) => addAfter(now, (open ?? resting)?.id ?? null, next), 'Added from the library.');
    setOpenId(next[0]?.id ?? null);
  };
  const swap = (id: string, fits: readonly RankedPose[]) => {
    const block = blocks.find((b) => b.id === id);
    if (!block) return;
    const seconds = Math.max(...block.items.map((i) => setSeconds(i)));
    const next = itemsFor(fits, { phase: block.phase, seconds, breathSeconds, aims, newId });
    put((now) => swapBlock(now, id, next), 'Swapped.');
    setOpenId(next[0]?.id ?? null);
  };
  const bringSide = (w: Extract<Warning, { kind: 'side' }>) => {
    const fit = ranked.find((r) => r.pose === w.pose && r.rung === w.rung && sameSide(r.side, w.missing));
    const id = newId();
    if (fit) put((now) => addSide(now, w, servedBy(fit, aims), id), 'The other side is added.');
  };
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'baseline', mb: 0.5 }}>
        <Typography variant="h1" sx={{ fontSize: 20, flex: 1, minWidth: 180 }}>
          {practice.title}
        </Typography>
        <Button size="small" disabled={canBack === null} onClick={back} title={canBack ? `Take back: ${canBack}` : ''}>
          Undo
        </Button>
        <Button
          size="small"
          disabled={canForward === null}
          onClick={forward}
          title={canForward ? `Do again: ${canForward}` : ''}
        >
          Redo
        </Button>
        <Button size="small" onClick={() => setAdding(true)}>
          Add a pose
        </Button>
        <PracticeMenu practice={practice} />
      </Box>
      <PracticeProfile profile={profile} total={total} open={openId} depthOf={depthOf} build={build} onOpen={show} />
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 260px' },
          alignItems: 'start',
        }}
      >
        <Box>
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
            <SortableContext items={blocks.map((b) => b.id)} strategy={verticalListSortingStrategy}>
              <Box
                component="ol"
                aria-label="Practice items"
                sx={{ listStyle: 'none', m: 0, p: 0, borderTop: '1px solid var(--line)' }}
              >
                {blocks.map((block, i) => {
                  const reason = reasons.get(block.id);
                  const own = warnings.filter((w) => w.block === block.id);
                  return (
                    <BlockRow
                      key={block.id}
                      block={block}
                      way={rows[i].way}
                      round={rows[i].round}
                      build={build}
                      newPhase={i === 0 || blocks[i - 1].phase !== block.phase}
                      depth={depthOf(block)}
                      why={reason ? reasonSentences(reason)[0] : ''}
                      warned={{ count: own.length, caution: own.some((w) => w.kind === 'caution') }}
                      open={openId === block.id}
                      onOpen={() => toggle(block.id)}
                      onMove={(by) => put((now) => moveBlock(now, block.id, i + by), 'Moved.')}
                      onLength={(by) =>
                        put(
                          (now) => lengthenBlock(now, block.id, by, breathSeconds),
                          by > 0 ? 'A breath longer.' : 'A breath shorter.',
                        )
                      }
                      onLock={() =>
                        put(
                          (now) => lockItem(now, block.items[0]),
                          block.items[0].locked ? 'Free again.' : 'Kept: it stays when the practice is built again.',
                        )
                      }
                    >
                      <BlockPanel
                        block={block}
                        items={items}
                        ranked={ranked}
                        aims={aims}
                        request={request}
                        reason={reason}
                        warnings={own}
                        breathSeconds={breathSeconds}
                        save={put}
                        onSwap={(fits) => swap(block.id, fits)}
                      />
                    </BlockRow>
                  );
                })}
              </Box>
            </SortableContext>
          </DndContext>
          {items.length === 0 && (
            <Typography sx={{ py: 2 }}>The practice is empty. Add a pose, build it again above, or undo.</Typography>
          )}
        </Box>
        <Box component="aside" sx={{ position: { md: 'sticky' }, top: 16 }}>
          <Typography variant="caption">Total, with changes of place</Typography>
          <Typography className="num" sx={{ fontSize: 40, fontWeight: 700, lineHeight: 1.1 }}>
            {clock(total)}
          </Typography>
          <Typography variant="caption" component="p" sx={{ mb: 1.5 }}>
            of {practice.minutes}:00 asked; one breath is {breathSeconds} s
          </Typography>
          <Button
            fullWidth
            size="large"
            variant="contained"
            component={Link}
            href={`${base}/teach?practice=${practice.id}`}
            disabled={items.length === 0}
          >
            Teach it
          </Button>
          <Button fullWidth size="small" component={Link} href={`${base}/print?practice=${practice.id}`} sx={{ mt: 1 }}>
            Print it
          </Button>
          {children}
          {warnings.length > 0 && (
            <Box component="section" aria-label="To look at" sx={{ mt: 2 }}>
              <Typography variant="h2" sx={{ mb: 0.5 }}>
                To look at
              </Typography>
              {warnings.map((w, i) => {
                const block = blocks.find((b) => b.id === w.block);
                return (
                  <Box key={`${w.kind}${i}`} role="status" sx={{ borderTop: '1px solid var(--line)', py: 0.5 }}>
                    <Typography sx={w.kind === 'caution' ? { color: 'var(--caution)', fontWeight: 700 } : undefined}>
                      {w.kind === 'caution' ? '▲ ' : ''}
                      {block ? `${blockName(block)}: ` : ''}
                      {warningWords(w)}
                    </Typography>
                    {w.kind === 'side' && (
                      <Button size="small" onClick={() => bringSide(w)}>
                        Add the {w.missing} side
                      </Button>
                    )}
                    {block && w.kind !== 'side' && openId !== block.id && (
                      <Button size="small" onClick={() => show(block.id)} aria-label={`Open ${blockName(block)}`}>
                        Open it
                      </Button>
                    )}
                  </Box>
                );
              })}
            </Box>
          )}
          <DoseBars doses={doses} />
          <SmallChanges
            items={items}
            ranked={ranked}
            aims={aims}
            request={request}
            onTake={(nudge) => put(nudge.take, 'The small change is taken.')}
          />
        </Box>
      </Box>
      {adding && (
        <AddPose ranked={ranked} after={open ? blockName(open) : null} onAdd={add} onClose={() => setAdding(false)} />
      )}
    </>
  );
}
