'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { TEACHER_FOOT, type SheetContent } from '@/pdf/content';
import { PoseFigure } from '../poses/PoseFigure';

/** One page to carry: order, side, time, props and cues, big enough to read from the floor. */
export function TeacherSheet({ content }: { content: SheetContent }) {
  'use memo';
  return (
    <Box
      component="article"
      aria-label={say('My page')}
      sx={{ bgcolor: 'var(--surface)', p: 2, '@media print': { p: 0 } }}
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
        <Typography variant="h1" sx={{ fontSize: 22, flex: 1 }}>
          {content.title}
        </Typography>
        <Typography>
          <Said
            text={'{{name}}, {{on}} · <1>{{total}}</1> minutes'}
            values={{ name: content.name, on: content.on, total: content.total }}
            parts={[<span key="1" className="num" />]}
          />
        </Typography>
      </Box>
      {content.cautions.length > 0 && (
        <Typography sx={{ color: 'var(--caution)', fontWeight: 600 }}>▲ {content.cautions.join('; ')}</Typography>
      )}
      <Box
        role="region"
        aria-label={say('The practice, item by item')}
        tabIndex={0}
        sx={{ overflowX: 'auto', '@media print': { overflow: 'visible' } }}
      >
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
              <th>{say('from')}</th>
              <th aria-label={say('Shape')} />
              <th>{say('pose')}</th>
              <th>{say('hold')}</th>
              <th>{say('props')}</th>
              <th>{say('to say')}</th>
            </tr>
          </thead>
          <tbody>
            {content.lines.map((line, i) => (
              <tr key={`${line.pose}${line.rung}${i}`}>
                <td className="num">{line.at}</td>
                <td style={{ width: 76 }}>
                  <PoseFigure
                    pose={line.pose}
                    rung={line.rung}
                    side={line.side}
                    depth={line.depth}
                    height={42}
                    muscles={false}
                  />
                </td>
                <td>
                  <strong>{line.name}</strong> {line.sides}
                  <br />
                  {line.rungName}
                </td>
                <td className="num">{line.hold}</td>
                <td>{line.props.join('; ')}</td>
                <td className="said">{line.say.join(' ')}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {say(TEACHER_FOOT)}
      </Typography>
    </Box>
  );
}
