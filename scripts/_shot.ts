// usage: shot.ts OUT WIDTHxHEIGHT PATH [night] [click=..]
import { chromium } from '@playwright/test';
const [out, size, path, ...rest] = process.argv.slice(2);
const [w,h]=size.split('x').map(Number);
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']});
const c = await b.newContext({viewport:{width:w,height:h},reducedMotion:'reduce'});
const p = await c.newPage(); p.on('pageerror',e=>console.log('ERR',e.message.slice(0,300)));
await p.goto('http://localhost:4173/demo'); await p.getByText('Maren Tideway').first().waitFor({timeout:60000});
if (rest.includes('night')) { await p.goto('http://localhost:4173/demo/settings'); await p.getByRole('button',{name:'Night'}).click(); }
await p.goto('http://localhost:4173/demo'+path); await p.waitForTimeout(1500);
for (const r of rest) if (r.startsWith('click=')) { await p.getByRole('button',{name:new RegExp(r.slice(6))}).first().click(); await p.waitForTimeout(500); }
await p.waitForFunction(()=>!document.querySelector('svg[aria-busy]')&&!document.querySelector('[role=progressbar]'),undefined,{timeout:60000}).catch(()=>console.log('busy'));
await p.waitForTimeout(300);
const full = rest.includes('full');
await p.screenshot({path:out,fullPage:full}); await b.close();
