'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { memo, useState } from 'react';
import type { End } from '@/core/pose-editor/edit';
import type { Rung } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { JointPanel } from './JointPanel';
import { TouchPanel } from './TouchPanel';
import { WordPanel } from './WordPanel';

type Panel = 'joints' | 'touches' | 'words';

/** Tabs measure themselves whenever they are drawn: apart from the rest they are drawn only when they change. */
const PanelTabs = memo(function PanelTabs({ panel, onPanel }: { panel: Panel; onPanel: (panel: Panel) => void }) {
  return (
    <Tabs value={panel} onChange={(_, v: Panel) => onPanel(v)} aria-label={say('What to change')} sx={{ mb: 1 }}>
      <Tab value="joints" label={say('Joints')} />
      <Tab value="touches" label={say('Touches')} />
      <Tab value="words" label={say('Words')} />
    </Tabs>
  );
});

/** Everything about a pose that is changed by number, choice or word. */
export const BenchPanels = memo(function BenchPanels({
  shape,
  at,
  end,
  oneShape,
  depth,
  onRung,
  onShape,
}: {
  shape: OwnShape;
  at: number;
  end: End;
  oneShape: boolean;
  depth: number;
  onRung: (rung: Rung, mark?: string) => void;
  onShape: (by: (shape: OwnShape) => OwnShape, mark?: string) => void;
}) {
  const [panel, setPanel] = useState<Panel>('joints');
  const rung = shape.rungs[at];
  return (
    <Box
      sx={{
        minWidth: 0,
        gridColumn: { sm: '1', lg: 'auto' },
        border: '1px solid var(--line)',
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
        px: 1.5,
        pb: 1.5,
        maxHeight: { lg: 640 },
        overflow: 'auto',
      }}
    >
      <PanelTabs panel={panel} onPanel={setPanel} />
      {panel === 'joints' && <JointPanel shape={shape} rung={rung} end={end} oneShape={oneShape} onChange={onRung} />}
      {panel === 'touches' && <TouchPanel shape={shape} rung={rung} depth={depth} onChange={onRung} />}
      {panel === 'words' && <WordPanel shape={shape} rung={rung} onShape={onShape} onRung={onRung} />}
    </Box>
  );
});
