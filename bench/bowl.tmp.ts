import { derive, meshOfSection, NO_SHOP, SHIPPED_RACK, sectionNight, seesOf, realSectionOf, placeName } from '/work/main/core/src/index';
import { NIGHTS_THEN } from '/work/main/server/src/demo/nightsThen.fixture';
import { upgradePiece } from '/work/main/contract/src/index';
import { readFileSync } from 'node:fs';
const dir='/work/main/server/src/demo/pieces/';
for (const [f,n] of [['09-tide-pool-bowl.2.json','Tide-pool bowl'],['04-quay-goblet.1.json','Quay goblet'],['05-harbour-candlestick.1.json','Harbour candlestick'],['02-salt-cellar.1.json','Salt cellar']] as const) {
const document = upgradePiece(JSON.parse(readFileSync(dir+f,'utf8'))) as any;
const glass = SHIPPED_RACK.glass(document.glass)!;
const d = derive(document, glass, NO_SHOP) as any;
const then = NIGHTS_THEN[n]!;
const raw = { ...d.night.drawn.section, outlines: d.parts.filter((p:any)=>!p.lofted&&p.role!=='stopper').map((p:any)=>p.outline), insides: d.parts.filter((p:any)=>p.work!=='solid').map((p:any)=>p.shape.inner) };
for (const [what, section] of [['thinned', d.night.drawn.section],['raw', raw]] as const) for (const how of ['fine','rough'] as const) {
const standing = {stands:'free', rounded:1e-3} as const;
const mesh = meshOfSection(section, standing, how);
const night = sectionNight({mesh, glass, sees: seesOf(section, standing), curve:{time: then.points.map(([t])=>t!), temperature: then.points.map(([,v])=>v!)}, startUneven:100, countFrom: then.soak})!;
console.log(n, what, how, mesh.nodes, mesh.sharpest.toFixed(0), (night.keeps.stress/1e6).toFixed(4), placeName(mesh, section, night.keeps), night.keeps.r.toFixed(4), night.keeps.z.toFixed(4), d.whole.thickest);
}}
