import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Findings } from '@/core/inference';
import { atComplaints } from '@/core/inference';
import { complaintFound, complaintTitle } from '@/core/inference/complaint-words';
import type { Student } from '@/core/students/student';
import type { Reading } from '@/core/assessment/reading';
import { ageOn } from '@/core/students/age';
import { today } from '@/store/studio';

/** What she came with, and what was found there. Nothing is shown where nothing bothers her. */
export function FoundThere({
  student,
  findings,
  readings,
}: {
  student: Student;
  findings: Findings;
  readings: readonly Reading[];
}) {
  const age = ageOn(student.birthYear, today());
  const met = atComplaints(student.complaints, findings, readings, { sexForNorms: student.sexForNorms, age });
  if (met.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label={say('What bothers, and what was found there')}
      sx={{ display: 'grid', gap: 0.5 }}
    >
      {met.map((found) => (
        <Box
          key={`${found.complaint.place}/${found.complaint.side}`}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '220px minmax(0, 1fr)' },
            columnGap: 2,
            bgcolor: 'var(--act-pale)',
            borderRadius: 1,
            px: 2,
            py: 1,
          }}
        >
          <Box>
            <Typography variant="caption" component="p">
              {say('What bothers')}
            </Typography>
            <Typography sx={{ fontWeight: 700 }}>{complaintTitle(found)}</Typography>
          </Box>
          <Box>
            <Typography variant="caption" component="p">
              {say('What was found there')}
            </Typography>
            <Typography>{complaintFound(found)}</Typography>
          </Box>
        </Box>
      ))}
    </Box>
  );
}
