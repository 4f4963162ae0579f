'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { rungOf } from '@/core/poses';
import { totalSeconds } from '@/core/practice/practice';
import { holdWords, sheetRows, sidesWords } from '@/core/practice/sheet';
import { PoseFigure } from '../poses/PoseFigure';
import { usePropSizes } from '../settings/use-pose-settings';
import { depthOfRow, propsOfRow, type SheetBody } from './sheet-body';

/** The student's own page: drawn shapes, breaths and few words; no muscle, no finding. */
export function Handout(body: SheetBody) {
  const [sizes] = usePropSizes();
  const rows = sheetRows(body.practice.items);
  return (
    <Box
      component="article"
      aria-label="For the student"
      sx={{ bgcolor: 'var(--surface)', p: 2, '@media print': { p: 0 } }}
    >
      <Typography variant="h1" sx={{ fontSize: 22 }}>
        For {body.name}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        {body.on} · about {Math.round(totalSeconds(body.practice.items) / 60)} minutes. Slow breaths, in and out through
        the nose if that is easy.
      </Typography>
      <Box
        component="ol"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gap: 1.25,
          gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(3, 1fr)' },
          '@media print': { gridTemplateColumns: 'repeat(3, 1fr)' },
        }}
      >
        {rows.map((row, i) => {
          const found = rungOf(row.pose, row.rung);
          const depth = depthOfRow(row, body);
          const props = propsOfRow(row, depth, body, sizes);
          return (
            <Box
              component="li"
              key={`${row.pose}${row.rung}${i}`}
              sx={{ border: '1px solid var(--line)', borderRadius: 1.5, p: 1, breakInside: 'avoid' }}
            >
              <PoseFigure
                pose={row.pose}
                rung={row.rung}
                side={row.sides[0].side}
                depth={depth}
                height={96}
                muscles={false}
              />
              <Typography sx={{ fontWeight: 700 }}>
                {i + 1}. {found?.shape.name ?? row.pose}
              </Typography>
              <Typography className="num">{[sidesWords(row), holdWords(row)].filter(Boolean).join(': ')}</Typography>
              {props.length > 0 && <Typography variant="body2">{props.join('; ')}</Typography>}
              {found && <Typography variant="body2">{found.shape.cues.enter}</Typography>}
            </Box>
          );
        })}
      </Box>
      <Typography sx={{ mt: 1.5 }}>
        A pull is fine, pain is not. Come out slowly at pain, pinching, tingling or numbness, and tell your teacher.
        This is no medical advice.
      </Typography>
    </Box>
  );
}
