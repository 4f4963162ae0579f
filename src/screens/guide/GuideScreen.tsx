'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { CHAPTERS, type Chapter } from '@/core/guide/chapters';
import { GLOSSARY, type GlossaryTerm } from '@/core/guide/glossary';
import type { PoseId } from '@/core/poses';
import { finds } from '@/core/text-search';
import { Figure } from '@/figure/Figure';
import { poseScene } from '@/figure/pose-scene';
import { seaTint } from '@/figure/scales';

/** A picture beside a chapter: a pose at a depth, with what it lengthens. */
const PICTURES: Readonly<Record<string, { pose: PoseId; rung: number; depth: number; muscles: readonly string[] }>> = {
  'first-student': { pose: 'strap-leg-raise', rung: 2, depth: 0.6, muscles: ['hamstrings'] },
  'in-hundred': { pose: 'low-lunge', rung: 2, depth: 0.8, muscles: ['psoas', 'rectus-femoris'] },
  poses: { pose: 'pigeon', rung: 2, depth: 0.6, muscles: ['piriformis', 'gluteus-maximus'] },
  teaching: { pose: 'triangle', rung: 2, depth: 0.8, muscles: [] },
};

const textOf = (chapter: Chapter): string =>
  [say(chapter.title), ...[...chapter.paragraphs, ...(chapter.steps ?? [])].map((p) => say(p))].join(' ');
const wordsOf = (entry: GlossaryTerm): string =>
  [say(entry.term), ...(entry.also ?? []).flatMap((a) => [a, say(a)]), say(entry.means)].join(' ');

/** The guide for teachers and the glossary: searched as one, printed as it is, there without a network. */
export function GuideScreen() {
  const [text, setText] = useState('');
  const chapters = useMemo(() => CHAPTERS.filter((c) => finds(textOf(c), text)), [text]);
  const terms = useMemo(() => GLOSSARY.filter((t) => finds(wordsOf(t), text)), [text]);
  return (
    <Box
      sx={{
        p: { xs: 2, md: 3 },
        maxWidth: 1100,
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '230px minmax(0, 1fr)' },
      }}
    >
      <Box className="no-print" sx={{ position: { md: 'sticky' }, top: 24, alignSelf: 'start' }}>
        <TextField
          size="small"
          fullWidth
          label={say('Search the guide')}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <Box component="nav" aria-label={say('Chapters')} sx={{ mt: 1.5, display: 'grid' }}>
          {chapters.map((c) => (
            <Button key={c.id} size="small" href={`#${c.id}`} sx={{ justifyContent: 'flex-start', textAlign: 'left' }}>
              {say(c.title)}
            </Button>
          ))}
          {terms.length > 0 && (
            <Button size="small" href="#glossary" sx={{ justifyContent: 'flex-start' }}>
              {say('Glossary')}
            </Button>
          )}
          <Button size="small" variant="outlined" sx={{ mt: 1.5 }} onClick={() => window.print()}>
            {say('Print the guide')}
          </Button>
        </Box>
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h1" sx={{ fontSize: 30 }}>
          {say('Guide for teachers')}
        </Typography>
        {chapters.length + terms.length === 0 && (
          <Typography role="status" sx={{ mt: 2 }}>
            {say('Nothing here speaks of that. Try another word.')}
          </Typography>
        )}
        {chapters.map((c) => (
          <OneChapter key={c.id} chapter={c} />
        ))}
        {terms.length > 0 && (
          <Box component="section" aria-labelledby="glossary" sx={{ mt: 4 }}>
            <Typography id="glossary" variant="h2" sx={{ fontSize: 24, mb: 1 }}>
              {say('Glossary')}
            </Typography>
            <Box
              component="dl"
              sx={{ m: 0, display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '190px minmax(0, 1fr)' } }}
            >
              {terms.map((t) => (
                <Box key={t.term} sx={{ display: 'contents' }}>
                  <Typography component="dt" sx={{ fontWeight: 700 }}>
                    {say(t.term)}
                  </Typography>
                  <Typography component="dd" sx={{ m: 0, mb: { xs: 1, sm: 0 } }}>
                    {say(t.means)}
                    {t.also && (
                      <span style={{ color: 'var(--ink-2)' }}>
                        {' '}
                        {say('Also: {{also}}.', { also: t.also.map((a) => say(a)).join(', ') })}
                      </span>
                    )}
                  </Typography>
                </Box>
              ))}
            </Box>
          </Box>
        )}
      </Box>
    </Box>
  );
}

function OneChapter({ chapter }: { chapter: Chapter }) {
  const shown = PICTURES[chapter.id] as (typeof PICTURES)[string] | undefined;
  const scene = useMemo(() => {
    const drawn = shown && poseScene(shown.pose, shown.rung, 'right', shown.depth);
    return (
      drawn && {
        ...drawn,
        tints: shown.muscles.map((structure, i) => ({
          structure,
          side: 'right' as const,
          fill: seaTint(0.85 - 0.3 * i),
        })),
      }
    );
  }, [shown]);
  return (
    <Box
      component="section"
      aria-labelledby={chapter.id}
      sx={{
        mt: 3,
        pt: 2,
        borderTop: '1px solid var(--line)',
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: scene ? 'minmax(0, 1fr) 240px' : 'minmax(0, 1fr)' },
        breakInside: 'avoid',
      }}
    >
      <Box sx={{ maxWidth: 620 }}>
        <Typography id={chapter.id} variant="h2" sx={{ fontSize: 22, scrollMarginTop: 16, mb: 0.5 }}>
          {say(chapter.title)}
        </Typography>
        {chapter.paragraphs.map((p) => (
          <Typography key={p} sx={{ mt: 0.75, fontSize: 16, lineHeight: 1.5 }}>
            {say(p)}
          </Typography>
        ))}
        {chapter.steps && (
          <Box component="ol" sx={{ mt: 1.5, mb: 0, pl: 3 }}>
            {chapter.steps.map((s) => (
              <Box component="li" key={s} sx={{ mt: 0.5, fontSize: 16, lineHeight: 1.5 }}>
                {say(s)}
              </Box>
            ))}
          </Box>
        )}
      </Box>
      {scene && (
        <Figure
          {...scene}
          label={say('Beside the words: {{label}}', { label: scene.label })}
          height={210}
          detail="medium"
        />
      )}
    </Box>
  );
}
