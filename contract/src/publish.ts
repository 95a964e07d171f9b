// npm run schemas: writes the published schemas into docs/schemas/; a test keeps them current.
import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ClipSchema } from './piece/clip';
import { ClassSchema } from './class/lesson';
import { MakingSchema } from './making/making';
import { PieceSchema } from './piece/piece';
import { RackEntrySchema } from './rack/rackEntry';
import { ShopSchema } from './shop/shop';

const folder = resolve(dirname(fileURLToPath(import.meta.url)), '../../docs/schemas');
mkdirSync(folder, { recursive: true });
writeFileSync(join(folder, 'piece-2.json'), `${JSON.stringify(PieceSchema, null, 2)}\n`);
writeFileSync(join(folder, 'clip-1.json'), `${JSON.stringify(ClipSchema, null, 2)}\n`);
writeFileSync(join(folder, 'class-1.json'), `${JSON.stringify(ClassSchema, null, 2)}\n`);
writeFileSync(join(folder, 'making-1.json'), `${JSON.stringify(MakingSchema, null, 2)}\n`);
writeFileSync(join(folder, 'rack-entry-1.json'), `${JSON.stringify(RackEntrySchema, null, 2)}\n`);
writeFileSync(join(folder, 'shop-1.json'), `${JSON.stringify(ShopSchema, null, 2)}\n`);
