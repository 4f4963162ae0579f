'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Link from 'next/link';
import { useSnackbar } from 'notistack';
import { useState, type ReactNode } from 'react';
import { saveFile } from './save-file';

type Paper = 'A4' | 'letter';

/** What stands above every sheet: the paper, printing, keeping as a PDF, and the way back. */
export function PaperBar({
  file,
  makePdf,
  ready = true,
  back,
  backTo,
  children,
}: {
  /** Name of the PDF file. */
  file: string;
  makePdf: (size: 'A4' | 'LETTER') => Promise<Blob>;
  /** False while the sheet is not whole yet. */
  ready?: boolean;
  back: string;
  backTo: string;
  /** Choices that come first. */
  children?: ReactNode;
}) {
  const [paper, setPaper] = useState<Paper>('A4');
  const [making, setMaking] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const pdf = async () => {
    setMaking(true);
    try {
      saveFile(file, await makePdf(paper === 'A4' ? 'A4' : 'LETTER'));
    } catch (error) {
      enqueueSnackbar(
        `The PDF could not be made: ${error instanceof Error ? error.message : String(error)}. Printing still works.`,
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
        aria-label="Paper"
        value={paper}
        onChange={(_, v: Paper | null) => v && setPaper(v)}
      >
        <ToggleButton value="A4">A4</ToggleButton>
        <ToggleButton value="letter">Letter</ToggleButton>
      </ToggleButtonGroup>
      <Button variant="contained" onClick={() => window.print()} disabled={!ready}>
        Print
      </Button>
      <Button variant="outlined" onClick={() => void pdf()} disabled={making || !ready}>
        {making ? 'Making the PDF …' : 'Keep as PDF'}
      </Button>
      <Button component={Link} href={backTo}>
        {back}
      </Button>
    </Box>
  );
}
