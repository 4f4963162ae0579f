import { describe, expect, it } from 'vitest';
import { TYPICAL_BUILD } from '@/core/body';
import { makeHome, type MadeHome } from '@/core/home/make-home';
import { AIMS, bodyOf, practiceOf } from '@/core/home/home.fixtures';
import { LIBRARY } from '@/core/poses';
import type { PracticeItem } from '@/core/practice/practice';
import { ranked } from '@/core/practice/practices.fixtures';
import { draw } from '@/figure/draw';
import { bundleHome } from './bundle';
import { homeHtml, homeName, MOST_BYTES } from './html';
import { withPictures } from './with-pictures';

const parts = bundleHome(process.cwd());
/** Every shape that can be begun, both sides: more than anybody takes home. */
const list = ranked(AIMS).filter((r) => !r.beyondEntry);
const items = (most: number): PracticeItem[] =>
  LIBRARY.flatMap((s) => list.filter((r) => r.pose === s.id && r.rung === 1))
    .slice(0, most)
    .map((r, i) => ({
      id: `i${i}`,
      pose: r.pose,
      rung: r.rung,
      side: r.side,
      holdSeconds: 60,
      breaths: 10,
      repeats: 1,
      phase: 'approach',
      because: [],
      note: i === 0 ? '</script><img src=x onerror=alert(1)>' : undefined,
    }));
const whole = (most: number): { made: MadeHome; html: string } => {
  const made = makeHome(bodyOf([practiceOf(items(most))], { tests: true }));
  if (!made) throw new Error('nothing was made');
  const file = withPictures(made, TYPICAL_BUILD, draw);
  return { made, html: homeHtml(homeName(file).title, JSON.stringify(file), parts) };
};

describe('the file that plays', () => {
  it('is one script and one style of ours, without a schema or an interface library', () => {
    expect(parts.script.length).toBeLessThan(60_000);
    expect(parts.script).not.toMatch(/ZodError|react|dexie/i);
    expect(parts.style.length).toBeGreaterThan(1000);
  });
  it('paints the body as the studio does', () => {
    const { made } = whole(1);
    const file = JSON.stringify(withPictures(made, TYPICAL_BUILD, draw));
    expect(homeHtml('x', file, parts)).toContain('<html lang="en">');
    expect(homeHtml('x', file, parts, { body: { skin: 'brown', cloth: 'moss' } })).toContain(
      '<html lang="en" data-skin="brown" data-cloth="moss">',
    );
    expect(parts.style).toMatch(/data-skin=.?brown/);
  });
  it('speaks the language it is made in, also before it is unlocked', () => {
    const { made } = whole(3);
    const html = homeHtml('x', JSON.stringify(withPictures(made, TYPICAL_BUILD, draw)), parts, { language: 'de' });
    expect(html).toContain('<html lang="de">');
    expect(html).toContain('Deine Praxis ist verschlossen');
    expect(html).toContain('Diese Seite spielt deine Praxis ab.');
    expect(whole(3).html).not.toContain('verschlossen');
  });
  it('stays small enough for any messenger, whatever is in it, with every picture there', () => {
    const { made, html } = whole(44);
    expect(new TextEncoder().encode(html).length).toBeLessThan(MOST_BYTES);
    for (const { key } of made.pictures) expect(html).toContain(JSON.stringify(key).slice(1, -1));
  });
  it('lets nothing run but its script, fetches nothing, and what was typed ends no script', () => {
    const { html } = whole(3);
    expect(html).toMatch(/default-src 'none'; script-src 'sha256-[A-Za-z0-9+/=]{44}';/);
    expect(html.match(/<\/script/g)).toHaveLength(3);
    expect(html).not.toContain('<img');
    const page = html.replace(/<script[\s\S]*?<\/script>/g, '');
    expect(page).not.toMatch(/src=|href=|url\(|@import|https?:/);
    expect(parts.script.replaceAll('http://www.w3.org/2000/svg', '')).not.toMatch(
      /https?:|\bfetch\(|XMLHttpRequest|WebSocket|EventSource|sendBeacon|\beval\(|innerHTML/,
    );
  });
  it('is named by first name and minutes, in any letters', () => {
    const named = (name: string | null) =>
      homeName({ name, practices: [{ id: 'p', title: '', pace: 'usual', seconds: 1203, needs: [], items: [] }] });
    expect(named('Željka')).toEqual({ title: 'Željka, 20 minutes', file: 'zeljka-20-minutes.html' });
    expect(named('Ольга').file).toBe('ольга-20-minutes.html');
    expect(named(null).file).toBe('20-minutes.html');
  });
});
