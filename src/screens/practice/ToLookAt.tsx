import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Block } from '@/core/practice/blocks';
import type { Warning } from '@/core/practice/warnings';
import { warningWords } from '@/core/practice/words';
import { blockName } from './block-name';

export type SideMissing = Extract<Warning, { kind: 'side' }>;

/** What an experienced eye would object to in a practice, each with what mends it. */
export function ToLookAt({
  warnings,
  blocks,
  open,
  onSide,
  onShow,
}: {
  warnings: readonly Warning[];
  blocks: readonly Block[];
  /** Id of the block that is open. */
  open: string | null;
  onSide: (missing: SideMissing) => void;
  onShow: (block: string) => void;
}) {
  'use memo';
  if (warnings.length === 0) return null;
  return (
    <Box component="section" aria-label={say('To look at')} sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {say('To look at')}
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
              <Button size="small" onClick={() => onSide(w)}>
                {say('Add the {{missing}} side', { missing: say(w.missing) })}
              </Button>
            )}
            {block && w.kind !== 'side' && open !== block.id && (
              <Button
                size="small"
                onClick={() => onShow(block.id)}
                aria-label={say('Open {{blockName}}', { blockName: blockName(block) })}
              >
                {say('Open it')}
              </Button>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
