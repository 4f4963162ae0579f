'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { pixelsOf, squareReader } from './picture-code';

/** Milliseconds between two looks. */
const LOOK = 250;

/** The camera looking for a square code; what it sees stays here. */
export function Camera({ onCode, onClose }: { onCode: (text: string) => void; onClose: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const found = useRef(onCode);
  useEffect(() => {
    found.current = onCode;
  });
  useEffect(() => {
    let stream: MediaStream | null = null,
      timer: ReturnType<typeof setTimeout> | undefined,
      ended = false;
    const begin = async () => {
      if (!('mediaDevices' in navigator)) throw new Error('none');
      const [read, opened] = await Promise.all([
        squareReader(),
        navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' }, audio: false }),
      ]);
      stream = opened;
      const screen = video.current;
      if (ended || !screen) {
        for (const track of opened.getTracks()) track.stop();
        return;
      }
      screen.srcObject = opened;
      await screen.play();
      const look = () => {
        const pixels = screen.videoWidth > 0 && pixelsOf(screen, screen.videoWidth, screen.videoHeight);
        const text = pixels && read(pixels);
        if (ended) return;
        if (text) found.current(text);
        else timer = setTimeout(look, LOOK);
      };
      look();
    };
    begin().catch(() => {
      if (!ended)
        setProblem(say('The camera cannot be used here. Take a picture with it and open that, or paste the line.'));
    });
    return () => {
      ended = true;
      clearTimeout(timer);
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
  }, []);
  return (
    <Box>
      {problem ? (
        <Alert severity="warning">{problem}</Alert>
      ) : (
        <Box
          component="video"
          ref={video}
          muted
          playsInline
          aria-label={say('What the camera sees')}
          sx={{ width: '100%', maxHeight: 320, bgcolor: '#000', borderRadius: 1.5 }}
        />
      )}
      <Button size="small" onClick={onClose}>
        {say('Close the camera')}
      </Button>
    </Box>
  );
}
