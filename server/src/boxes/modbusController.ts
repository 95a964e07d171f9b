// A controller that speaks Modbus TCP (an open standard): its registers by the map of the device, read in one question where they lie together.
import type { RecipeLine } from '@zanfirico/contract/shop';
import type { DeviceDo, DeviceDocument, DeviceReading, Registers } from '@zanfirico/contract/boxes';
import {
  DEVICE_FAULTS,
  DEVICE_STATES,
  longOf,
  programmeWords,
  temperatureIn,
  temperatureWord,
  WORDS_A_LINE,
} from '@zanfirico/core/boxes';
import { mark } from '@zanfirico/core/words';
import ModbusRTU from 'modbus-serial';
import type { Controller } from './controller';

/** An answer is waited for so long, ms. */
const PATIENCE = 2000;
/** Registers asked for at once at most (the standard has 125); a gap of so many is read along. */
const MOST_AT_ONCE = 120;
const GAP = 16;

const COMMANDS = { start: 1, hold: 2, 'go on': 3, stop: 4 } as const;

/** What the package and the network say of a failure, as a sentence. */
export function modbusTrouble(error: unknown): string {
  const {
    message = '',
    code,
    name,
    modbusCode,
    errno,
  } = error as {
    message?: string;
    code?: string;
    name?: string;
    modbusCode?: number;
    errno?: string | number;
  };
  const told = `${code ?? ''} ${String(errno ?? '')} ${name ?? ''} ${message}`;
  if (modbusCode !== undefined)
    return `It refuses a register (Modbus exception ${String(modbusCode)}): look at its map of registers.`;
  if (told.includes('ECONNREFUSED')) return mark('Nothing answers at its address and port.');
  if (/ENOTFOUND|EAI_AGAIN/.test(told)) return mark('Its name is not known in this network.');
  if (/timed? ?out|ETIMEDOUT/i.test(told))
    return mark('It does not answer: it is without power, unplugged, or busy.');
  if (/ECONNRESET|EPIPE|Port Not Open|closed/i.test(told)) return mark('The connection was lost.');
  return `It cannot be read: ${message.slice(0, 120)}`;
}

/** Addresses that lie near each other, as questions: from where, how many. */
export function questions(addresses: readonly number[]): [number, number][] {
  const sorted = [...new Set(addresses)].sort((a, b) => a - b);
  const found: [number, number][] = [];
  for (const a of sorted) {
    const last = found[found.length - 1];
    if (last && a - (last[0] + last[1]) <= GAP && a - last[0] < MOST_AT_ONCE)
      last[1] = a - last[0] + 1;
    else found.push([a, 1]);
  }
  return found;
}

/** One line to a controller, opened when it is first asked; one question at a time: a controller answers them in turn. */
function lineTo(at: { readonly host: string; readonly port: number }, unit: number) {
  let client: ModbusRTU | undefined;
  let connecting: Promise<ModbusRTU> | undefined;
  let turn: Promise<unknown> = Promise.resolve();

  let closed = false;
  const drop = (): void => {
    client?.destroy(() => undefined);
    client = undefined;
    connecting = undefined;
  };
  const opened = async (): Promise<ModbusRTU> => {
    if (client?.isOpen === true) return client;
    connecting ??= (async () => {
      const fresh = new ModbusRTU();
      fresh.setTimeout(PATIENCE);
      fresh.on('error', () => {
        if (client === fresh) drop();
      });
      await fresh.connectTCP(at.host, { port: at.port, timeout: PATIENCE });
      if (closed) {
        fresh.destroy(() => undefined);
        throw new Error('closed');
      }
      fresh.setID(unit);
      client = fresh;
      return fresh;
    })().finally(() => {
      connecting = undefined;
    });
    return connecting;
  };
  const asked = <T>(question: (m: ModbusRTU) => Promise<T>): Promise<T> => {
    const mine = turn.then(async () => {
      try {
        return await question(await opened());
      } catch (error) {
        // An exception is an answer; anything else leaves the line in doubt.
        if ((error as { modbusCode?: number }).modbusCode === undefined) drop();
        throw new Error(modbusTrouble(error), { cause: error });
      }
    });
    turn = mine.catch(() => undefined);
    return mine;
  };
  const close = (): void => {
    closed = true;
    drop();
  };
  return { asked, close };
}

const need = (address: number | undefined, what: string): number => {
  if (address === undefined) throw new Error(`Its map of registers has none to ${what}.`);
  return address;
};

/** A controller at a host and port; nothing is asked until it is. */
export function modbusController(
  device: Pick<DeviceDocument, 'unit' | 'fahrenheit' | 'registers'>,
  at: { readonly host: string; readonly port: number },
): Controller {
  const { fahrenheit, registers: map } = device;
  const { scale } = map;
  const { asked, close } = lineTo(at, device.unit);

  return {
    read: () =>
      asked(async (m) => {
        const words = new Map<number, number>();
        for (const [from, count] of questions(readAddresses(map))) {
          const { data } = await (map.read === 'input'
            ? m.readInputRegisters(from, count)
            : m.readHoldingRegisters(from, count));
          data.forEach((w, i) => words.set(from + i, w));
        }
        return readingIn(words, map, fahrenheit);
      }),

    async programme() {
      const { steps } = map;
      if (steps === undefined) return undefined;
      return asked(async (m) => {
        const { data } = await m.readHoldingRegisters(steps, 1);
        const count = Math.min(data[0] ?? 0, map.mostSteps ?? 40);
        if (count === 0) return [];
        return (await m.readHoldingRegisters(steps + 1, count * WORDS_A_LINE)).data;
      });
    },

    wordsOf(lines: readonly RecipeLine[]) {
      const most = map.mostSteps ?? 40;
      if (lines.length > most)
        throw new RangeError(
          `It has ${String(lines.length)} steps; this controller takes ${String(most)}.`,
        );
      return programmeWords(lines, scale, fahrenheit);
    },

    setProgramme(words) {
      const steps = need(map.steps, 'take a programme');
      return asked(async (m) => {
        // The steps first and their number last: a half-written programme is none.
        await m.writeRegister(steps, 0);
        await m.writeRegisters(steps + 1, [...words]);
        await m.writeRegister(steps, words.length / WORDS_A_LINE);
      });
    },

    do(what: DeviceDo) {
      if (what.what === 'stand at') {
        const address = need(map.standAt, 'hold a temperature');
        const word = temperatureWord(what.celsius, scale, fahrenheit);
        return asked(async (m) => {
          await m.writeRegister(address, word);
        });
      }
      const address = need(map.command, 'be commanded');
      const word = COMMANDS[what.what];
      return asked(async (m) => {
        await m.writeRegister(address, word);
      });
    },

    async log(minutes) {
      const { log } = map;
      if (!log) return [];
      const read = (m: ModbusRTU, from: number, count: number) =>
        map.read === 'input'
          ? m.readInputRegisters(from, count)
          : m.readHoldingRegisters(from, count);
      return asked(async (m) => {
        const there = (await read(m, log.count, 1)).data[0] ?? 0;
        const wanted = Math.min(there, minutes);
        const found: number[] = [];
        for (let page = 0; page * log.each < wanted; page += 1) {
          await m.writeRegister(log.page, page);
          const count = Math.min(log.each, wanted - page * log.each);
          for (const word of (await read(m, log.from, count)).data) {
            const t = temperatureIn(word, scale, fahrenheit);
            found.push('celsius' in t ? t.celsius : NaN);
          }
        }
        return found;
      });
    },

    close,
  };
}

function readAddresses(map: Registers): number[] {
  const { temperature, lower, setPoint, output, state, step, faults, elapsed } = map;
  return [temperature, lower, setPoint, output, state, step, faults, elapsed]
    .filter((a) => a !== undefined)
    .concat(elapsed === undefined ? [] : [elapsed + 1]);
}

/** A reading out of words by their addresses. */
function readingIn(
  words: ReadonlyMap<number, number>,
  map: Registers,
  fahrenheit: boolean,
): Omit<DeviceReading, 'at'> & { readonly says?: string } {
  const word = (address: number | undefined): number | undefined =>
    address === undefined ? undefined : words.get(address);
  const degrees = (address: number | undefined): number | undefined => {
    const w = word(address);
    const t = w === undefined ? undefined : temperatureIn(w, map.scale, fahrenheit);
    return t && 'celsius' in t ? t.celsius : undefined;
  };
  const now = temperatureIn(words.get(map.temperature) ?? 0x7fff, map.scale, fahrenheit);
  const [output, state, step, faults] = [
    word(map.output),
    word(map.state),
    word(map.step),
    word(map.faults),
  ];
  const high = word(map.elapsed);
  return {
    ...('celsius' in now ? { temperature: now.celsius } : { says: now.says }),
    lower: degrees(map.lower),
    setPoint: degrees(map.setPoint),
    output: output === undefined || output > 1000 ? undefined : output / 1000,
    state: state === undefined ? undefined : DEVICE_STATES[state],
    step: step === undefined || step === 0 ? undefined : step - 1,
    faults: faults === undefined ? undefined : DEVICE_FAULTS.filter((_, i) => (faults >> i) & 1),
    elapsed:
      high === undefined || map.elapsed === undefined
        ? undefined
        : longOf(high, words.get(map.elapsed + 1) ?? 0),
  };
}
