// Starts the server: opens the data folder, fills an empty shelf when asked, listens on the loopback address.
import { mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app';
import { stockDemo } from './demo/stockDemo';
import { HELP, readOptions } from './options';
import { databaseIn, take } from './store/dataFolder';
import { openDatabase } from './store/database';
import { pieceStore } from './store/pieceStore';
import { rackStore } from './store/rackStore';
import { shopStore } from './store/shopStore';

const home = resolve(dirname(fileURLToPath(import.meta.url)), '../..');

async function main(): Promise<void> {
  const options = readOptions(process.argv.slice(2), process.env, {
    data: join(home, 'data'),
    web: join(home, 'web/dist'),
  });
  if (options.help) {
    process.stdout.write(HELP);
    return;
  }
  const log = pino({ level: process.env['ZANFIRICO_LOG'] ?? 'warn' });
  mkdirSync(options.data, { recursive: true });
  const letGo = take(options.data);
  process.once('exit', letGo);
  const db = await openDatabase(databaseIn(options.data), (says) => {
    process.stderr.write(`${says}\n`);
  });
  const store = pieceStore(db);
  const rack = rackStore(db);
  if (options.demo) await stockDemo(store, rack);
  const app = createApp({
    store,
    shop: shopStore(db),
    rack: rackStore(db),
    log,
    webRoot: options.web,
  });
  const server = app.listen(options.port, '127.0.0.1', (error?: Error) => {
    if (error) {
      process.stderr.write(`Cannot listen on port ${String(options.port)}: ${error.message}\n`);
      process.exit(1);
    }
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : options.port;
    process.stdout.write(`Zanfirico is ready: http://127.0.0.1:${String(port)}\n`);
    store.refresh().catch((error: unknown) => {
      log.error({ err: error }, 'the shelf was not worked out afresh');
    });
  });
  const stop = (): void => {
    server.close(() => {
      void db.destroy().then(() => process.exit(0));
    });
    server.closeIdleConnections();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
