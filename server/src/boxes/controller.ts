// What is asked of a controller, whatever it speaks: to be read, to be given a programme, to start, hold and stop. It goes on by itself
// when nobody asks.
import type { RecipeLine } from '@zanfirico/contract/shop';
import type { DeviceDo, DeviceReading } from '@zanfirico/contract/boxes';

/** A controller. Every call is refused, with a sentence, when it does not answer in time. */
export interface Controller {
  /** What it says now; a temperature that is none is left out, and `says` tells why. */
  read(): Promise<Omit<DeviceReading, 'at'> & { readonly says?: string }>;
  /** The programme it holds, as its words; undefined where it cannot be asked. */
  programme(): Promise<readonly number[] | undefined>;
  /** Writes a programme; what it then holds has to be read back. */
  setProgramme(words: readonly number[]): Promise<void>;
  /** The words of a programme for this controller. Throws a sentence where a step does not fit. */
  wordsOf(lines: readonly RecipeLine[]): readonly number[];
  do(what: DeviceDo): Promise<void>;
  /** Its own log, °C a minute, the newest first: as many as asked for. Empty where it keeps none. */
  log(minutes: number): Promise<readonly number[]>;
  close(): void;
}
