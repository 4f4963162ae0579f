'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { SIDE_MARK } from '@/core/body/words';
import { rungOf } from '@/core/poses';
import { schoolCues } from '@/core/poses/schools';
import { totalSeconds } from '@/core/practice/practice';
import { holdWords, sheetRows, sidesWords } from '@/core/practice/sheet';
import { PoseFigure } from '../poses/PoseFigure';
import { usePropSizes, useSchools } from '../settings/use-pose-settings';
import { clock, depthOfRow, propsOfRow, type SheetBody } from './sheet-body';

/** One page to carry: order, side, time, props and cues, big enough to read from the floor. */
export function TeacherSheet(body: SheetBody & { cautions: readonly string[] }) {
  const [sizes] = usePropSizes();
  const [schools] = useSchools();
  const { practice, cautions } = body;
  const rows = sheetRows(practice.items);
  return (
    <Box component="article" aria-label="My page" sx={{ bgcolor: 'var(--surface)', p: 2, '@media print': { p: 0 } }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
        <Typography variant="h1" sx={{ fontSize: 22, flex: 1 }}>
          {practice.title}
        </Typography>
        <Typography>
          {body.name}, {body.on} · <span className="num">{clock(totalSeconds(practice.items))}</span>
        </Typography>
      </Box>
      {cautions.length > 0 && (
        <Typography sx={{ color: 'var(--caution)', fontWeight: 600 }}>▲ {cautions.join('; ')}</Typography>
      )}
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          mt: 1,
          '& td, & th': {
            borderTop: '1px solid var(--line)',
            py: 0.4,
            pr: 1,
            textAlign: 'left',
            verticalAlign: 'middle',
          },
          '& tr': { breakInside: 'avoid' },
          '@media print': { fontSize: '10.5pt', lineHeight: 1.25 },
        }}
      >
        <thead>
          <tr>
            <th>from</th>
            <th aria-label="Shape" />
            <th>pose</th>
            <th>hold</th>
            <th>props</th>
            <th>to say</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => {
            const found = rungOf(row.pose, row.rung);
            const depth = depthOfRow(row, body);
            const cues = found
              ? [found.shape.cues.keep, ...schoolCues(found.shape, found.rung, schools).map((c) => c.words)]
              : [];
            return (
              <tr key={`${row.pose}${row.rung}${i}`}>
                <td className="num">{clock(row.at)}</td>
                <td style={{ width: 76 }}>
                  <PoseFigure
                    pose={row.pose}
                    rung={row.rung}
                    side={row.sides[0].side}
                    depth={depth}
                    height={42}
                    muscles={false}
                  />
                </td>
                <td>
                  <strong>{found?.shape.name ?? row.pose}</strong> {row.sides.map((s) => SIDE_MARK[s.side]).join(' ')}{' '}
                  {sidesWords(row)}
                  <br />
                  {found?.rung.name}
                </td>
                <td className="num">{holdWords(row)}</td>
                <td>{propsOfRow(row, depth, body, sizes).join('; ')}</td>
                <td>
                  {cues.filter(Boolean).join(' ')}
                  {row.note ? ` ${row.note}` : ''}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        Stop at pain, pinching, tingling or numbness. Kolpos never diagnoses.
      </Typography>
    </Box>
  );
}
