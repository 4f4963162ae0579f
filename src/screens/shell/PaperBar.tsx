'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Link from 'next/link';
import { useSnackbar } from 'notistack';
import { useState, type ReactNode } from 'react';
import { calledAs, fileNameOf, type Called } from '@/core/students/called';
import { missingWords } from '@/pdf/letters';
import type { Paper } from '@/pdf/paper.worker';
import { CalledPick } from './CalledPick';
import { saveFile } from './save-file';
import { today } from '@/store/studio';

type PaperFormat = 'A4' | 'letter';

/** What stands above every sheet: the paper, printing, keeping as a PDF, and the way back. */
export function PaperBar({
  what,
  name,
  makePdf,
  ready = true,
  back,
  backTo,
  children,
}: {
  /** What the PDF file is called, and whose it is. */
  what: string;
  name: string;
  makePdf: (size: 'A4' | 'LETTER') => Promise<Paper>;
  /** False while the sheet is not whole yet. */
  ready?: boolean;
  back: string;
  backTo: string;
  /** Choices that come first. */
  children?: ReactNode;
}) {
  const [paper, setPaper] = useState<PaperFormat>('A4');
  const [called, setCalled] = useState<Called>('first-name');
  const [making, setMaking] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const pdf = async () => {
    setMaking(true);
    try {
      const made = await makePdf(paper === 'A4' ? 'A4' : 'LETTER');
      saveFile(fileNameOf([what, calledAs(name, called), today()], '.pdf'), made.file);
      if (made.missing.length > 0)
        enqueueSnackbar(say('{{missing}} Print has every letter.', { missing: missingWords(made.missing) }), {
          variant: 'warning',
        });
    } catch (error) {
      enqueueSnackbar(
        say('The PDF could not be made: {{what}}. Printing still works.', {
          what: error instanceof Error ? error.message : String(error),
        }),
        { variant: 'error' },
      );
    } finally {
      setMaking(false);
    }
  };
  return (
    <Box className="no-print" sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
      <style>{`@page { size: ${paper}; margin: 12mm }`}</style>
      {children}
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={say('Paper')}
        value={paper}
        onChange={(_, v: PaperFormat | null) => v && setPaper(v)}
      >
        <ToggleButton value="A4">A4</ToggleButton>
        <ToggleButton value="letter">{say('Letter')}</ToggleButton>
      </ToggleButtonGroup>
      <Button variant="contained" onClick={() => window.print()} disabled={!ready}>
        {say('Print')}
      </Button>
      <Button variant="outlined" onClick={() => void pdf()} disabled={making || !ready}>
        {making ? say('Making the PDF …') : say('Keep as PDF')}
      </Button>
      <CalledPick label={say('Name of the PDF file')} before={say('file ')} value={called} onChange={setCalled} />
      <Button component={Link} href={backTo}>
        {back}
      </Button>
    </Box>
  );
}
