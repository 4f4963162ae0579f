import { rankPoses } from '../src/core/ranking/rank';
import { screen } from '../src/core/cautions/screen';
import { infer } from '../src/core/limits';
import { buildOf } from '../src/core/body';
import { readAll, simulateStudent } from '../demo/simulated-student';
import { aimsFor } from '../src/core/aims/for-student';
import { buildPractice } from '../src/core/practice/build';
import { totalSeconds } from '../src/core/practice/practice';
const groups=['hamstrings','deep-buttock','deep-hip-flexor','adductors','calf'] as const;
let bad=0,n=0; const times:number[]=[];
for (let k=0;k<5;k++){ const p=simulateStudent('b'+k, 20+k, [{ group: groups[k], side: 'left', by: -2 },{group:groups[(k+2)%5],side:'right',by:-1.6}], 'female');
 const r=readAll(p,{takenAt:'2026-01-01T00:00:00.000Z'}); const st={id:'b'+k,sexForNorms:'female' as const};
 const {findings,posterior}=infer(st,r,{next:false}); const {work}=aimsFor({...st,birthYear:1990},r,findings,2026);
 const ranked=rankPoses(posterior,buildOf({height_cm:165+k,mass_kg:60+k}),work,screen([]));
 for (const minutes of [5,10,15,20,30,45,60,90]) for (const arc of ['build','quiet','strength','flow'] as const) { const t=performance.now(); const b=await buildPractice(ranked,work,{minutes,arc}); const ms=performance.now()-t; times.push(ms); n++; const tot=totalSeconds(b.items)/60; const off=Math.abs(tot-minutes)/minutes; const flag=b.gap>0.01||off>0.02||b.change; if(flag)bad++; if (flag||(k===0&&arc==='build')) console.log(k,minutes,arc,work.length+' aims',ms.toFixed(0)+'ms','items',b.items.length,'obj',b.objective.toFixed(4),'bound',b.bound.toFixed(4),'gap',(100*b.gap).toFixed(2)+'%','total',tot.toFixed(2),'search',b.searched+'/'+b.of,'exact',b.orderExact,'change',JSON.stringify(b.change),'missing',b.missing.map(m=>m.aim.group+':'+m.why).join()); }
}
times.sort((a,b)=>a-b); console.log('bad',bad,'of',n,'median',times[n>>1].toFixed(0),'95th',times[Math.floor(n*.95)].toFixed(0),'max',times[n-1].toFixed(0));
