import { linesOf, readingOf } from '@/core/units';
import { enterText } from '@/ui/state';

/** Something that measures and says so: one small adapter for each way it is connected. */
export interface Instrument {
  readonly name: string;
  /** Starts listening; each reading is text as a person would type it. Returns how to stop. Rejects where it cannot start. */
  readonly start: (onReading: (text: string) => void) => Promise<() => void>;
}

/** As much of the browser's serial interface as is used; not every browser has it. */
interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
type WithSerial = Navigator & { readonly serial?: { requestPort(): Promise<SerialPort> } };

const BAUD = 9600;

export const hasSerial = (): boolean => typeof navigator !== 'undefined' && 'serial' in navigator;

/** A scale on a serial port that sends a line for each weighing; the person chooses which port. */
export const serialScale: Instrument = {
  name: 'scale on a serial port',
  start: async (onReading) => {
    const serial = (navigator as WithSerial).serial;
    if (!serial) throw new Error('This browser cannot connect to a serial scale. A scale that types like a keyboard works in any browser.');
    const port = await serial.requestPort();
    await port.open({ baudRate: BAUD });
    const reader = port.readable!.getReader();
    const decoder = new TextDecoder();
    const listen = async () => {
      let waiting = '';
      for (;;) {
        const { value, done } = await reader.read();
        if (done) return;
        const { lines, rest } = linesOf(waiting, decoder.decode(value, { stream: true }));
        waiting = rest;
        for (const line of lines) {
          const text = readingOf(line);
          if (text) onReading(text);
        }
      }
    };
    // pulled out, or stopped: nothing more comes
    listen().catch(() => undefined);
    return () => void reader.cancel().then(() => port.close());
  },
};

/** A stand-in that ships with the application: it says what it is told, in the lines an instrument sends. */
export class SimulatedInstrument implements Instrument {
  private listener: ((text: string) => void) | undefined;

  constructor(readonly name: string) {}

  start = (onReading: (text: string) => void): Promise<() => void> => {
    this.listener = onReading;
    return Promise.resolve(() => {
      this.listener = undefined;
    });
  };

  /** Sends a line, as an instrument does when its button is pressed. */
  send(line: string): void {
    const text = readingOf(line);
    if (text) this.listener?.(text);
  }
}

/** Puts a reading where the cursor stood last, as if it had been typed there and ended with Enter. */
export function typeInto(field: HTMLInputElement, text: string): void {
  // four places, so that its point is never taken for one that sets thousands apart
  enterText(field, text.replace(/(\.\d{3})(?!\d)/, '$10'));
  field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
}
