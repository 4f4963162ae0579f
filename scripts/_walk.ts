import { chromium } from '@playwright/test';
const A = 'http://localhost:4175';
const [size, scheme, ...names] = process.argv.slice(2);
const [w, h] = size.split('x').map(Number);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const ctx = await browser.newContext({
  viewport: { width: w, height: h },
  reducedMotion: 'reduce',
  colorScheme: scheme as 'light',
});
const p = await ctx.newPage();
p.on('pageerror', (e) => console.log('page error', e.message));
p.on('console', (m) => m.type() === 'error' && console.log('console', m.text().slice(0, 200)));
await p.goto(`${A}/demo`);
await p.getByText('Maren Tideway').first().waitFor({ timeout: 60000 });
const V: Record<string, [string, ((q: typeof p) => Promise<void>)?]> = {
  first: ['/'],
  today: ['/demo'],
  ask: ['/demo/student?id=demo-ilka&step=ask'],
  measure: ['/demo/student?id=demo-maren&step=measure'],
  findings: ['/demo/student?id=demo-bram&step=findings'],
  poses: ['/demo/student?id=demo-osk&step=poses'],
  practice: ['/demo/student?id=demo-ilka&step=practice'],
  progress: ['/demo/student?id=demo-maren&step=progress'],
  change: ['/demo/student?id=demo-maren&step=progress&part=change'],
  weeks: ['/demo/student?id=demo-maren&step=progress&part=weeks'],
  students: ['/demo/students'],
  classes: ['/demo/classes'],
  class: ['/demo/class?id=demo-class'],
  daybook: ['/demo/daybook'],
  overview: ['/demo/overview'],
  muscles: ['/demo/muscles'],
  library: ['/demo/poses'],
  bench: ['/demo/poses/bench?pose=own-demo-boat-step'],
  guide: ['/demo/guide'],
  settings: ['/demo/settings'],
  teach: ['/demo/teach?practice=demo-practice'],
  classteach: ['/demo/teach?class=demo-class'],
  sheet: ['/demo/sheet?id=demo-bram'],
  print: ['/demo/print?practice=demo-practice'],
};
for (const n of names) {
  const [url, act] = V[n];
  await p.goto(A + url);
  await p.waitForTimeout(2500);
  await p
    .waitForFunction(() => !document.querySelector('svg[aria-busy], [role=progressbar]'), undefined, { timeout: 60000 })
    .catch(() => console.log(n, 'still busy'));
  if (act) await act(p);
  await p.waitForTimeout(600);
  const over = await p.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  if (over > 0) console.log(n, 'wider by', over);
  await p.screenshot({ path: `/tmp/walk/${n}-${size}-${scheme}.png` });
}
await browser.close();
