import { derive, meshOfSection, NO_SHOP, SHIPPED_RACK, checkedSchedule } from '/work/main/core/src/index';
import { upgradePiece } from '/work/main/contract/src/index';
import { readFileSync, readdirSync } from 'node:fs';
const dir='/work/main/server/src/demo/pieces/';
for (const f of readdirSync(dir).filter(f=>f.endsWith('.1.json'))) {
const document = upgradePiece(JSON.parse(readFileSync(dir+f,'utf8'))) as any;
const glass = SHIPPED_RACK.glass(document.glass)!;
const d = derive(document, glass, NO_SHOP) as any;
const s = d.night.drawn.section; const st = d.night.drawn.standing;
const t0=performance.now(); const a = meshOfSection(s, st, 'fine'); const t1=performance.now(); const b = meshOfSection(s, st, 'rough'); const t2=performance.now();
let first=0; const c = checkedSchedule(structuredClone(d.night), {onSound:()=>{first ||= performance.now()-t2}}); const t3=performance.now();
console.log(f.padEnd(30), a.nodes, (t1-t0)|0, b.nodes, (t2-t1)|0, 'first', (first/1000).toFixed(2), 'search', ((t3-t2)/1000).toFixed(2), c.rounds, (c.outcome.kept/1e6).toFixed(3), (c.schedule.total.value/3600).toFixed(2));
}
