import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const [out, cell, ...files] = process.argv.slice(2);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const p = await b.newPage({ viewport: { width: Number(cell) * files.length, height: 1200 } });
await p.setContent(
  `<body style="margin:0;display:flex;align-items:flex-start">${files.map((f) => `<img style="width:${cell}px" src="data:image/png;base64,${readFileSync(f).toString('base64')}">`).join('')}</body>`,
);
await p.waitForTimeout(500);
await p.screenshot({ path: out, fullPage: true });
await b.close();
