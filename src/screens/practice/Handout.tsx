'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { studentFoot, studentHead, studentTitle, type SheetContent } from '@/pdf/content';
import { PoseFigure } from '../poses/PoseFigure';

/** The student's own page: drawn shapes, breaths and few words; no muscle, no finding. */
export function Handout({ content }: { content: SheetContent }) {
  'use memo';
  return (
    <Box
      component="article"
      aria-label={say('For the student')}
      lang={content.language}
      sx={{ bgcolor: 'var(--surface)', p: 2, '@media print': { p: 0 } }}
    >
      <Typography variant="h1" sx={{ fontSize: 22 }}>
        {studentTitle(content)}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>{studentHead(content)}</Typography>
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
        {content.lines.map((line, i) => (
          <Box
            component="li"
            key={`${line.pose}${line.rung}${i}`}
            sx={{ border: '1px solid var(--line)', borderRadius: 1.5, p: 1, breakInside: 'avoid' }}
          >
            <PoseFigure
              pose={line.pose}
              rung={line.rung}
              side={line.side}
              depth={line.depth}
              height={104}
              muscles={false}
              detail="medium"
            />
            <Typography sx={{ fontWeight: 700 }}>
              {i + 1}. {line.name}
            </Typography>
            <Typography variant="body2">{line.rungName}</Typography>
            <Typography className="num">{[line.sides, line.hold].filter(Boolean).join(': ')}</Typography>
            {line.props.length > 0 && <Typography variant="body2">{line.props.join('; ')}</Typography>}
            <Typography variant="body2">{line.enter}</Typography>
          </Box>
        ))}
      </Box>
      <Typography sx={{ mt: 1.5 }}>{studentFoot(content)}</Typography>
    </Box>
  );
}
