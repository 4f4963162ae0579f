'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import type { FileProblem } from '@/core/formats/json';

/** What was wrong with a file that was to be brought in. */
export type RefusedFile = FileProblem & { file: string };

/** A button that asks for a file, JSON where nothing else is said. */
export function BringInButton({
  words,
  label,
  accept = 'application/json,.json',
  small = false,
  onFile,
}: {
  words: string;
  /** What the file field is called for those who do not see it. */
  label: string;
  accept?: string;
  small?: boolean;
  onFile: (file: File) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        variant={small ? 'text' : 'outlined'}
        size={small ? 'small' : 'medium'}
        onClick={() => input.current?.click()}
      >
        {words}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
          // The same file may be chosen again once it is mended.
          e.target.value = '';
        }}
      />
    </>
  );
}

/** Says which file was refused, where it is wrong and why. */
export function RefusedNote({ problem, onClose }: { problem: RefusedFile; onClose: () => void }) {
  return (
    <Alert severity="error" role="alert" sx={{ mt: 2 }} onClose={onClose}>
      <strong>{say('{{file}} was not brought in; nothing has changed.', { file: problem.file })}</strong>
      <br />
      {say('At')} <code>{problem.field}</code>: {problem.message}
    </Alert>
  );
}
