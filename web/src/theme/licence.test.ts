// The fonts ship with their licences.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const web = join(__dirname, '../..');
const home = join(web, '..');

it('every font the page loads has its licence, as its package has it, among the files that are served', () => {
  const shipped = readFileSync(join(web, 'public/fonts-licence.txt'), 'utf8');
  const loaded = readFileSync(join(web, 'src/main.ts'), 'utf8').match(/@fontsource[^/]*\/[^/']+/g);
  expect(loaded).not.toBeNull();
  for (const font of new Set(loaded))
    expect(shipped).toContain(
      readFileSync(join(home, 'node_modules', font, 'LICENSE'), 'utf8').trim(),
    );
});
