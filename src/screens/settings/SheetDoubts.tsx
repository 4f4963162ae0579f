'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { SheetQuestion } from '@/core/formats/sheets/read';
import { counted } from '@/core/plural';

/** What has to be said before the rows of a table can be read, one question each. */
export function SheetDoubts({
  doubts,
  onAnswer,
}: {
  doubts: readonly SheetQuestion[];
  onAnswer: (key: string, value: string) => void;
}) {
  const open = doubts.filter((d) => d.answer === null).length;
  return (
    <Box component="section" aria-label={say('What is not clear')}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        {open === 0
          ? say('All is clear')
          : open === 1
            ? say('One thing is not clear')
            : say('{{count}} things are not clear', { count: open })}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {doubts.map((d) => (
          <Box key={d.key} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
            <Typography sx={{ flex: '1 1 260px' }}>
              {d.question} ({counted(d.rows, 'row')})
            </Typography>
            <TextField
              size="small"
              select={!d.day}
              type={d.day ? 'date' : undefined}
              value={d.answer ?? ''}
              onChange={(e) => onAnswer(d.key, e.target.value)}
              sx={{ width: 300 }}
              slotProps={{
                htmlInput: { 'aria-label': d.question },
                select: {
                  displayEmpty: true,
                  SelectDisplayProps: { 'aria-label': d.question },
                  renderValue: (v) => d.options.find((o) => o.value === v)?.label ?? say('choose …'),
                },
              }}
            >
              {d.options.map((o) => (
                <MenuItem key={o.value} value={o.value}>
                  {o.label}
                </MenuItem>
              ))}
            </TextField>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
