/** Writes `docs/guide.md`: the guide and the glossary that the application shows. */
import { CHAPTERS } from '../../../src/core/guide/chapters';
import { GLOSSARY } from '../../../src/core/guide/glossary';
import type { Maker } from '../node';

export const maker: Maker = {
  files: () => {
    const chapters = CHAPTERS.map((c) =>
      [`## ${c.title}`, ...c.paragraphs, ...(c.steps ? [c.steps.map((s, i) => `${i + 1}. ${s}`).join('\n')] : [])].join(
        '\n\n',
      ),
    );
    const glossary = GLOSSARY.map((t) => `- **${t.term}**: ${t.means}${t.also ? ` Also: ${t.also.join(', ')}.` : ''}`);
    const text = ['# Guide for teachers', ...chapters, '## Glossary', glossary.join('\n')].join('\n\n');
    return Promise.resolve({ 'docs/guide.md': `${text}\n` });
  },
};
