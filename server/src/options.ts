// Command line and environment of the server.
import { parseArgs } from 'node:util';

/** What the server can be started with. */
export const HELP = `Zanfirico server

  --port N       port on 127.0.0.1        (ZANFIRICO_PORT, default 4600; 0 takes a free one)
  --data DIR     folder of the database   (ZANFIRICO_DATA, default ./data)
  --web DIR      built web application    (ZANFIRICO_WEB, default web/dist of this checkout)
  --demo         put the demo studio's pieces on an empty shelf, and run its stand-ins for kilns
  --stand-ins N  run stand-ins for kilns on that Modbus port of 127.0.0.1 (0 takes a free one)
  --lan          open the studio to its own network, by https, for devices that are let in
  --lan-port N   port there               (ZANFIRICO_LAN_PORT, default 4643; 0 takes a free one)
  --help         this text
`;

/** Settled options. */
export interface Options {
  readonly help: boolean;
  readonly port: number;
  readonly data: string;
  readonly web: string;
  readonly demo: boolean;
  /** Open to the studio's network for this run, and the port there. */
  readonly lan: boolean;
  readonly lanPort: number;
  /** Undefined: none run. */
  readonly standIns: number | undefined;
}

/** A port as it was typed. Throws a sentence. */
function portOf(text: string, what: string): number {
  const port = Number(text);
  if (!/^\d{1,5}$/.test(text) || port > 65535)
    throw new RangeError(`${what} is "${text}"; it may be 0 to 65535.`);
  return port;
}

/** Reads them. Throws a sentence when one is off. */
export function readOptions(
  args: string[],
  env: Readonly<Record<string, string | undefined>>,
  defaults: { readonly data: string; readonly web: string },
): Options {
  const { values } = parseArgs({
    args,
    options: {
      port: { type: 'string' },
      data: { type: 'string' },
      web: { type: 'string' },
      demo: { type: 'boolean', default: false },
      'stand-ins': { type: 'string' },
      lan: { type: 'boolean', default: false },
      'lan-port': { type: 'string' },
      help: { type: 'boolean', default: false },
    },
  });
  const port = portOf(values.port ?? env['ZANFIRICO_PORT'] ?? '4600', 'The port');
  const standIns = values['stand-ins'] ?? (values.demo ? '0' : undefined);
  return {
    help: values.help,
    port,
    data: values.data ?? env['ZANFIRICO_DATA'] ?? defaults.data,
    web: values.web ?? env['ZANFIRICO_WEB'] ?? defaults.web,
    demo: values.demo,
    lan: values.lan,
    lanPort: portOf(
      values['lan-port'] ?? env['ZANFIRICO_LAN_PORT'] ?? (port === 0 ? '0' : '4643'),
      'The port on the network',
    ),
    standIns: standIns === undefined ? undefined : portOf(standIns, 'The stand-ins’ port'),
  };
}
