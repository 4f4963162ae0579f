import { chromium } from '@playwright/test';
(async () => {
  const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
  const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
  await p.goto('http://localhost:4173/demo'); await p.waitForTimeout(3000);
  for (const u of ['', '/student?id=demo-maren&step=measure', '/student?id=demo-maren&step=findings', '/student?id=demo-maren&step=poses', '/student?id=demo-maren&step=practice', '/teach?practice=demo-practice', '/class?id=demo-class', '/poses', '/muscles', '/poses/bench?pose=own-demo-boat-step','/student?id=demo-maren&step=progress']) {
    await p.goto('http://localhost:4173/demo' + u); await p.waitForTimeout(7000);
    const n = await p.evaluate(() => ({ all: document.querySelectorAll('*').length, svg: document.querySelectorAll('svg').length, inSvg: document.querySelectorAll('svg *').length, html: Math.round(document.documentElement.outerHTML.length/1000) }));
    console.log(u, JSON.stringify(n));
  }
  await b.close();
})();
