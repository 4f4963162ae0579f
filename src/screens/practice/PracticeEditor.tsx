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
import { useState, type ReactNode } from 'react';
import { AIM_WORDS } from '@/core/aims/words';
import { groupName, SIDE_MARK } from '@/core/body/words';
import type { Student } from '@/core/people/student';
import { rungOf } from '@/core/poses';
import { itemOf } from '@/core/practice/compose';
import { dosesOf, servedBy } from '@/core/practice/doses';
import { lengthenItem, lockItem, missingSides, moveItem, removeItem, swapItem } from '@/core/practice/edit';
import { totalSeconds, type Practice, type PracticeItem } from '@/core/practice/practice';
import type { RankedPose } from '@/core/ranking/rank';
import { savePractice } from '@/store/changes';
import { newId } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { PracticeRow } from './PracticeRow';
import { SwapDialog } from './SwapDialog';

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;

/** The ordered items: drag or Alt+arrows, longer and shorter, remove, swap; totals and doses follow. */
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
  const { db, base } = useStudio();
  const undo = useUndo();
  const [swapping, setSwapping] = useState<PracticeItem | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const { items } = practice;
  const save = async (next: PracticeItem[], message: string) =>
    undo(message, await savePractice(db, { ...practice, items: next }));
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    void save(
      moveItem(
        items,
        items.findIndex((i) => i.id === active.id),
        items.findIndex((i) => i.id === over.id),
      ),
      'Moved.',
    );
  };
  const total = totalSeconds(items);
  const doses = dosesOf(items, practice.aims, ranked);
  const forgotten = missingSides(items);
  const addSide = (pose: string, rung: number, side: 'left' | 'right') => {
    const at = items.findIndex((i) => i.pose === pose && i.rung === rung);
    const fit = ranked.find((r) => r.pose === pose && r.rung === rung && r.side === side);
    if (!fit || at < 0) return;
    const twin = items[at];
    const next = { ...itemOf(fit, twin.phase, twin.holdSeconds, student.breathSeconds, twin.because, 0), id: newId() };
    void save([...items.slice(0, at + 1), next, ...items.slice(at + 1)], 'The other side is added.');
  };
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 280px' },
        alignItems: 'start',
      }}
    >
      <Box>
        <Typography variant="h1" sx={{ fontSize: 20, mb: 1 }}>
          {practice.title}
        </Typography>
        <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
          <SortableContext items={items.map((i) => i.id)} strategy={verticalListSortingStrategy}>
            <Box
              component="ol"
              aria-label="Practice items"
              sx={{ listStyle: 'none', m: 0, p: 0, borderTop: '1px solid var(--line)' }}
            >
              {items.map((item, i) => (
                <PracticeRow
                  key={item.id}
                  item={item}
                  newPhase={i === 0 || items[i - 1].phase !== item.phase}
                  depth={
                    ranked.find((r) => r.pose === item.pose && r.rung === item.rung && r.side === item.side)?.depth ??
                    0.5
                  }
                  onMove={(by) => void save(moveItem(items, i, i + by), 'Moved.')}
                  onLength={(by) =>
                    void save(
                      lengthenItem(items, item.id, by, student.breathSeconds),
                      by > 0 ? 'A breath longer.' : 'A breath shorter.',
                    )
                  }
                  onRemove={() =>
                    void save(
                      removeItem(items, item.id),
                      `${rungOf(item.pose, item.rung)?.shape.name ?? 'The item'} is removed.`,
                    )
                  }
                  onSwap={() => setSwapping(item)}
                  onLock={() =>
                    void save(
                      lockItem(items, item),
                      item.locked ? 'Free again.' : 'Kept: it stays when the practice is built again.',
                    )
                  }
                />
              ))}
            </Box>
          </SortableContext>
        </DndContext>
        {items.length === 0 && (
          <Typography sx={{ py: 2 }}>The practice is empty. Build it again above, or undo.</Typography>
        )}
      </Box>
      <Box component="aside" sx={{ position: { md: 'sticky' }, top: 16 }}>
        <Typography variant="caption">Total, with changes of place</Typography>
        <Typography className="num" sx={{ fontSize: 40, fontWeight: 700, lineHeight: 1.1 }}>
          {clock(total)}
        </Typography>
        <Typography variant="caption" component="p" sx={{ mb: 1.5 }}>
          of {practice.minutes}:00 asked; one breath is {student.breathSeconds} s
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
        <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
          Dose by aim
        </Typography>
        {doses.map((d) => {
          return (
            <Box key={`${d.aim.kind}${d.aim.group}${d.aim.side}`} sx={{ mb: 1.25 }}>
              <Box sx={{ display: 'flex', gap: 1, fontSize: 14 }}>
                <Box sx={{ flex: 1 }}>
                  {AIM_WORDS[d.aim.kind]} <span className="muscle">{groupName(d.aim.group)}</span>{' '}
                  {SIDE_MARK[d.aim.side]} {d.aim.side}
                </Box>
                <span className="num">
                  {d.minutes.toFixed(1)} of {d.wanted.toFixed(1)} min
                </span>
              </Box>
              <Box sx={{ height: 8, bgcolor: d.aim.kind === 'strengthen' ? 'var(--land-0)' : 'var(--sea-0)' }}>
                <Box
                  sx={{
                    height: 8,
                    width: `${Math.min(100, (100 * d.minutes) / Math.max(0.1, d.wanted))}%`,
                    bgcolor: d.aim.kind === 'strengthen' ? 'var(--land-3)' : 'var(--sea-3)',
                  }}
                />
              </Box>
            </Box>
          );
        })}
        <Typography variant="caption" component="p">
          Minutes in which the aimed muscle is stretched or works usefully, counted by how useful. Wanted: its share of
          the working time, at most 4 minutes (our default).
        </Typography>
        {forgotten.map((f) => (
          <Box
            key={`${f.pose}${f.rung}`}
            role="status"
            sx={{ mt: 1.5, p: 1.25, border: '1px solid var(--line)', borderRadius: 1.5 }}
          >
            <Typography>
              {rungOf(f.pose, f.rung)?.shape.name}: the {f.missing} side is missing.
            </Typography>
            <Button size="small" onClick={() => addSide(f.pose, f.rung, f.missing)}>
              Add the {f.missing} side
            </Button>
          </Box>
        ))}
      </Box>
      {swapping && (
        <SwapDialog
          item={swapping}
          ranked={ranked}
          onClose={() => setSwapping(null)}
          onChoose={(r) => {
            setSwapping(null);
            void save(
              swapItem(items, swapping.id, {
                id: newId(),
                pose: r.pose,
                rung: r.rung,
                side: r.side,
                because: servedBy(r, practice.aims),
              }),
              'Swapped.',
            );
          }}
        />
      )}
    </Box>
  );
}
