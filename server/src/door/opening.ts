// The studio's door to its own network: opened by the flag or the switch, with a certificate of its own; shut, only this machine is answered.
import { createServer, type Server } from 'node:https';
import type { RequestListener } from 'node:http';
import type { AddressInfo, Socket } from 'node:net';
import type { LanState } from '@zanfirico/contract/door';
import { certificateIn, type Certificate } from './certificate';
import type { Door } from './door';
import { namesNow, type Names } from './network';
import { PATIENCE } from './patience';

/** Looked so often whether the certificate still says what this machine is called, ms. */
const LOOK_EVERY_MS = 60_000;
/** Connections at once: forty devices with some windows each. */
const MOST_CONNECTIONS = 500;
const SWITCH = 'open to the network';

const ANEW: Readonly<Record<NonNullable<Certificate['anew']>, string | undefined>> = {
  first: undefined,
  'ran out':
    'The certificate had run out and was made anew: each device asks once more whether to trust it.',
  'other names':
    'This machine has another address or name: the certificate was made anew. Devices find it at the address below, and are paired there once more.',
  'other machine':
    'The data folder came from another machine: the certificate was made anew, and every device has to be paired once more.',
  unreadable:
    'The certificate could not be read and was made anew: each device asks once more whether to trust it.',
};

/** What is opened and shut. */
export interface NetworkOpening {
  state(): LanState;
  open(by: 'flag' | 'switch'): Promise<void>;
  shut(): Promise<void>;
  /** Shut because the server stops: the switch stays as it is. */
  stop(): Promise<void>;
  /** Whether the switch was left on. */
  wasOn(): Promise<boolean>;
  /** What answers there. */
  answer(app: RequestListener): void;
}

/** What an opening is over. */
export interface OpeningParts {
  readonly data: string;
  readonly port: number;
  readonly door: Door;
  readonly names?: () => Names;
  readonly now?: () => number;
  /** What tells this machine from another. */
  readonly mark?: string;
}

/** Listens on every address of this machine; whoever is connected is in `sockets`, from the first moment on. Throws what the port says. */
async function listening(
  port: number,
  own: { readonly key: string; readonly cert: string },
  app: RequestListener,
  sockets: Set<Socket>,
): Promise<Server> {
  const fresh = createServer({ ...PATIENCE, ...own, minVersion: 'TLSv1.2' }, app);
  fresh.maxConnections = MOST_CONNECTIONS;
  fresh.on('connection', (socket: Socket) => {
    sockets.add(socket);
    socket.once('close', () => sockets.delete(socket));
  });
  await new Promise<void>((done, fail) => {
    fresh.once('error', fail);
    fresh.listen(port, '0.0.0.0', () => {
      fresh.off('error', fail);
      done();
    });
  });
  return fresh;
}

/** The door of a data folder; shut. */
export function openingOf({
  data,
  port,
  door,
  names = namesNow,
  now = Date.now,
  mark,
}: OpeningParts): NetworkOpening {
  let app: RequestListener | undefined;
  let server: Server | undefined;
  const sockets = new Set<Socket>();
  let by: LanState['by'];
  let certificate: Certificate | undefined;
  let anew: string | undefined;
  let trouble: string | undefined;
  let timer: ReturnType<typeof setInterval> | undefined;

  /** The certificate as it has to be now. */
  const certified = async (): Promise<Certificate> => {
    const fresh = await certificateIn(data, names(), now(), mark);
    if (fresh.anew !== undefined) anew = ANEW[fresh.anew];
    // Whoever was let in was let in elsewhere.
    if (fresh.anew === 'other machine') await door.endAll('other machine');
    certificate = fresh;
    return fresh;
  };

  const stop = async (): Promise<void> => {
    clearInterval(timer);
    const running = server;
    server = undefined;
    by = undefined;
    if (!running) return;
    const closed = new Promise((done) => running.close(done));
    // Also those that are still shaking hands, which HTTP knows nothing of yet: they would be answered after all.
    for (const socket of sockets) socket.destroy();
    await closed;
  };

  const look = async (): Promise<void> => {
    const before = certificate?.fingerprint;
    const { key, cert, fingerprint } = await certified();
    if (fingerprint !== before) server?.setSecureContext({ key, cert });
  };

  return {
    state: () => {
      const at = server?.address() as AddressInfo | null | undefined;
      return {
        open: at != null,
        by,
        addresses: at ? names().addresses.map((a) => `https://${a}:${String(at.port)}`) : [],
        fingerprint: at ? certificate?.fingerprint : undefined,
        until: at ? certificate?.until : undefined,
        anew: at ? anew : undefined,
        trouble,
        guessed: door.codes.guessed(),
      };
    },

    async open(whose) {
      if (whose === 'switch') await door.store.set(SWITCH, 'yes');
      if (server || !app) return;
      trouble = undefined;
      try {
        const { key, cert } = await certified();
        const fresh = await listening(port, { key, cert }, app, sockets);
        server = fresh;
        by = whose;
        timer = setInterval(() => {
          void look().catch((error: unknown) => {
            trouble = `The certificate could not be looked after: ${String(error)}`;
          });
        }, LOOK_EVERY_MS);
        timer.unref();
      } catch (error) {
        const { code, message } = error as NodeJS.ErrnoException;
        trouble =
          code === 'EADDRINUSE'
            ? `Port ${String(port)} is taken: stop what has it, or start with --lan-port and another one.`
            : `It could not be opened: ${message}`;
      }
    },

    async shut() {
      await door.store.set(SWITCH, 'no');
      await stop();
    },
    stop,
    wasOn: async () => (await door.store.setting(SWITCH)) === 'yes',
    answer: (listener) => {
      app = listener;
    },
  };
}
