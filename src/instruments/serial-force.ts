import { NEWTONS } from '@/core/measuring/torque';
import type { ForceSource } from './sources';
import { numberIn } from '@/core/number-in';

/** As much of Web Serial as is used here. */
interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}

/** Newtons of one line of a gauge (`123.4 N`, `+0123.4`, `12.6 kgf`), or null where there is no number. */
export function newtonsOf(line: string): number | null {
  const found = /([+-]?\d+(?:[.,]\d+)?)\s*(kgf|kg|lbf|lb|N)?/i.exec(line);
  if (!found) return null;
  const value = Math.abs(numberIn(found[1]));
  const unit = found[2]?.toLowerCase() ?? 'n';
  return value * (unit.startsWith('kg') ? NEWTONS.kgf : unit.startsWith('lb') ? NEWTONS.lbf : NEWTONS.N);
}

/** A force gauge that writes lines of numbers to a serial port, or null where the browser cannot read one. */
export function serialForce(): ForceSource | null {
  const serial = typeof navigator === 'undefined' ? undefined : (navigator as Navigator & { serial?: Serial }).serial;
  if (!serial) return null;
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  let port: SerialPort | null = null;
  return {
    name: 'gauge on a cable',
    simulated: false,
    async start(onSample) {
      try {
        port = await serial.requestPort();
        await port.open({ baudRate: 9600 });
      } catch {
        return 'No gauge was chosen or it did not answer. Type the newtons instead.';
      }
      reader = port.readable?.getReader() ?? null;
      if (!reader) return 'The gauge does not send anything. Type the newtons instead.';
      void pump(reader, onSample);
      return null;
    },
    stop() {
      const closing = port;
      void reader?.cancel().finally(() => closing?.close());
      reader = null;
      port = null;
    },
  };
}

async function pump(
  reader: ReadableStreamDefaultReader<Uint8Array>,
  onSample: (sample: { at: number; newtons: number }) => void,
): Promise<void> {
  const decoder = new TextDecoder();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    const lines = (rest + decoder.decode(value, { stream: true })).split(/[\r\n]+/);
    rest = lines.pop() ?? '';
    for (const line of lines) {
      const newtons = newtonsOf(line);
      if (newtons !== null) onSample({ at: performance.now(), newtons });
    }
  }
}
