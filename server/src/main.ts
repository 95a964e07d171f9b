// Starts the server: opens the data folder, fills an empty shelf when asked, listens on the loopback address.
import { mkdirSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { pino } from 'pino';
import { createApp } from './app';
import { compileAhead } from './check/schema';
import { doorOver } from './door/door';
import { openingOf, type NetworkOpening } from './door/opening';
import { PATIENCE } from './door/patience';
import { sessionStore } from './door/sessionStore';
import { HOME } from './home';
import { HELP, readOptions } from './options';
import { databaseIn, takeFolder } from './store/dataFolder';
import { openDatabase } from './store/database';
import { fillDemo } from './demo/fill';
import { storesOver } from './stores';
import { demoDevices, DEMO_STAND_INS } from './demo/demoDevices';
import { deviceKeeper } from './boxes/keeper';
import { startStandIns } from './boxes/standIns';
import { deviceStore } from './boxes/deviceStore';

/** Requests under way are waited for so long when the server stops, ms. */
const GRACE_MS = 2000;
/** Whoever opens the page first is answered first; then schemas are made ready for what comes, ms. */
const AHEAD_MS = 3000;

async function main(): Promise<void> {
  const options = readOptions(process.argv.slice(2), process.env, {
    data: join(HOME, 'data'),
    web: join(HOME, 'web/dist'),
  });
  if (options.help) {
    process.stdout.write(HELP);
    return;
  }
  const log = pino({ level: process.env['ZANFIRICO_LOG'] ?? 'warn' });
  mkdirSync(options.data, { recursive: true });
  const letGo = takeFolder(options.data);
  process.once('exit', letGo);
  const db = await openDatabase(databaseIn(options.data), (says) => {
    process.stderr.write(`${says}\n`);
  });
  const stores = storesOver(db);
  const { store } = stores;
  // What was thrown away could be taken back until now.
  await store.empty();
  if (options.demo) await fillDemo(stores);
  const devices = deviceStore(db);
  if (options.demo) await demoDevices(devices, Date.now());
  const standIns =
    options.standIns === undefined
      ? undefined
      : await startStandIns(DEMO_STAND_INS, options.standIns);
  if (standIns && options.standIns !== 0)
    process.stdout.write(`Stand-ins for kilns: Modbus TCP, 127.0.0.1:${String(standIns.port)}\n`);
  const keeper = await deviceKeeper(devices, standIns);
  const door = await doorOver(sessionStore(db));
  const opening = openingOf({ data: options.data, port: options.lanPort, door });
  const app = createApp({
    ...stores,
    devices: { keeper, store: devices, standIns },
    door: { door, opening },
    log,
    webRoot: options.web,
  });
  opening.answer(app);
  const server = createServer(PATIENCE, app);
  server.once('error', (error) => {
    process.stderr.write(`Cannot listen on port ${String(options.port)}: ${error.message}\n`);
    process.exit(1);
  });
  server.listen(options.port, '127.0.0.1', () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : options.port;
    process.stdout.write(`Zanfirico is ready: http://127.0.0.1:${String(port)}\n`);
    void openToNetwork(opening, options.lan);
    setTimeout(compileAhead, AHEAD_MS).unref();
    store.refresh().catch((error: unknown) => {
      log.error({ err: error }, 'the shelf was not worked out afresh');
    });
  });
  const stop = (): void => {
    server.close(() => {
      void opening
        .stop()
        .then(() => keeper.stop())
        .then(() => db.destroy())
        .then(() => process.exit(0));
    });
    server.closeIdleConnections();
    // Whoever has not sent all of a request by then does not come to an end.
    setTimeout(() => {
      server.closeAllConnections();
    }, GRACE_MS).unref();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

/** Opens it where the flag or the switch says so, and says where it is. */
async function openToNetwork(opening: NetworkOpening, flag: boolean): Promise<void> {
  if (!flag && !(await opening.wasOn())) return;
  await opening.open(flag ? 'flag' : 'switch');
  const { addresses, fingerprint, anew, trouble } = opening.state();
  for (const says of [anew, trouble]) if (says !== undefined) process.stderr.write(`${says}\n`);
  if (addresses.length === 0) return;
  process.stdout.write(
    `Open to the studio’s network for devices that are let in: ${addresses.join(' ')}\nIts certificate (SHA-256): ${String(fingerprint)}\n`,
  );
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
