// Before all interface tests: the demo studio is stocked once; every server of a test begins with a copy of its folder.
import { rmSync } from 'node:fs';
import { startServer } from './server';

export default async function stocked(): Promise<() => void> {
  const server = await startServer();
  await server.end();
  process.env['ZANFIRICO_STOCKED'] = server.data;
  return () => {
    rmSync(server.data, { recursive: true, force: true });
  };
}
