'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo, useState, type ReactNode } from 'react';
import type { Screening } from '@/core/cautions/screen';
import type { Student } from '@/core/students/student';
import { sameSide } from '@/core/poses';
import { dosesOf, servedBy } from '@/core/practice/doses';
import { addAfter, addSide, itemsFor, swapBlock } from '@/core/practice/edit';
import { paceOf, setSeconds, totalSeconds, type Practice } from '@/core/practice/practice';
import type { Block } from '@/core/practice/blocks';
import { profileOf } from '@/core/practice/profile';
import { reasonsOf } from '@/core/practice/reasons';
import { requestOf } from '@/core/practice/request';
import { warningsOf } from '@/core/practice/warnings';
import type { RankedPose } from '@/core/ranking/rank';
import { newId } from '@/store/studio';
import { AddPose } from './AddPose';
import { BlockList } from './BlockList';
import { BlockPanel } from './BlockPanel';
import { blockName } from './block-name';
import { shutBy } from '@/core/practice/passing';
import { sheetRows } from '@/core/practice/sheet';
import { DoseBars } from './DoseBars';
import { EditorHead } from './EditorHead';
import { PracticeTotal } from './PracticeTotal';
import { useBuild } from '../students/use-build';
import { PracticeProfile } from './PracticeProfile';
import { SmallChanges } from './SmallChanges';
import { ToLookAt, type SideMissing } from './ToLookAt';
import { useEdits, type ItemsChange } from './use-edits';

/**
 * A practice under the teacher's hands: its chart, its blocks to drag, lengthen, open and swap; totals, doses and
 * warnings follow.
 */
export function PracticeEditor({
  student,
  practice,
  ranked,
  screening,
  children,
}: {
  student: Student;
  practice: Practice;
  ranked: readonly RankedPose[];
  screening: Screening;
  /** What can be done with the whole practice, beside its totals. */
  children?: ReactNode;
}) {
  'use memo';
  const edits = useEdits(practice);
  const [openId, setOpenId] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const { items, aims } = practice;
  const pace = paceOf(practice);
  const { breathSeconds } = student;
  const build = useBuild(student);
  const request = useMemo(
    () => practice.request ?? requestOf({ minutes: practice.minutes, breathSeconds }),
    [practice, breathSeconds],
  );
  const shut = shutBy(screening, request);
  const chart = useMemo(() => {
    const profile = profileOf(items, ranked, pace);
    return {
      profile,
      rows: sheetRows(items, pace, { shut }),
      blocks: profile.map((s) => s.block),
      reasons: reasonsOf(items, ranked, aims, request),
      warnings: warningsOf(items, ranked, request),
      doses: dosesOf(items, aims, ranked),
      total: totalSeconds(items, pace),
    };
  }, [items, ranked, shut, aims, request, pace]);
  const { profile, blocks, reasons, warnings, doses, total } = chart;
  const depthOf = (block: Block): number =>
    ranked.find((r) => r.pose === block.pose && r.rung === block.rung && sameSide(r.side, block.items[0].side))
      ?.depth ?? 0.5;
  const open = blocks.find((b) => b.id === openId) ?? null;
  const put = (change: ItemsChange, did: string) => void edits.save(change, did);
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
    put((now) => addAfter(now, (open ?? resting)?.id ?? null, next), say('Added from the library.'));
    setOpenId(next[0]?.id ?? null);
  };
  const swap = (id: string, fits: readonly RankedPose[]) => {
    const block = blocks.find((b) => b.id === id);
    if (!block) return;
    const seconds = Math.max(...block.items.map((i) => setSeconds(i)));
    const next = itemsFor(fits, { phase: block.phase, seconds, breathSeconds, aims, newId });
    put((now) => swapBlock(now, id, next), say('Swapped.'));
    setOpenId(next[0]?.id ?? null);
  };
  const bringSide = (missing: SideMissing) => {
    const fit = ranked.find(
      (r) => r.pose === missing.pose && r.rung === missing.rung && sameSide(r.side, missing.missing),
    );
    const id = newId();
    if (fit) put((now) => addSide(now, missing, servedBy(fit, aims), id), say('The other side is added.'));
  };
  return (
    <>
      <EditorHead practice={practice} edits={edits} onAdd={() => setAdding(true)} />
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
          <BlockList
            chart={chart}
            openId={openId}
            depthOf={depthOf}
            build={build}
            breathSeconds={breathSeconds}
            onToggle={(id) => setOpenId((now) => (now === id ? null : id))}
            put={put}
          >
            {(block, own) => (
              <BlockPanel
                block={block}
                items={items}
                ranked={ranked}
                aims={aims}
                request={request}
                reason={reasons.get(block.id)}
                warnings={own}
                breathSeconds={breathSeconds}
                save={put}
                onSwap={(fits) => swap(block.id, fits)}
              />
            )}
          </BlockList>
          {items.length === 0 && (
            <Typography sx={{ py: 2 }}>
              {say('The practice is empty. Add a pose, build it again above, or undo.')}
            </Typography>
          )}
        </Box>
        <Box component="aside" sx={{ position: { md: 'sticky' }, top: 16 }}>
          <PracticeTotal practice={practice} total={total} breathSeconds={breathSeconds} />
          {children}
          <ToLookAt warnings={warnings} blocks={blocks} open={openId} onSide={bringSide} onShow={show} />
          <DoseBars doses={doses} />
          <SmallChanges
            items={items}
            ranked={ranked}
            aims={aims}
            request={request}
            onTake={(nudge) => put(nudge.take, say('The small change is taken.'))}
          />
        </Box>
      </Box>
      {adding && (
        <AddPose ranked={ranked} after={open ? blockName(open) : null} onAdd={add} onClose={() => setAdding(false)} />
      )}
    </>
  );
}
