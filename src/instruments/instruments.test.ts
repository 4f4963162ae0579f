// @vitest-environment happy-dom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { motionTilt } from './motion-tilt';
import { newtonsOf, serialForce } from './serial-force';
import { hearNumber, voiceStaysHere } from './voice';

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
  Reflect.deleteProperty(window, 'SpeechRecognition');
});

describe('the motion sensor', () => {
  const event = (beta: number | null, gamma: number | null) =>
    Object.assign(new Event('deviceorientation'), { beta, gamma });
  it('is not offered where the browser has none', () => {
    Reflect.deleteProperty(window, 'DeviceOrientationEvent');
    expect(motionTilt()).toBeNull();
  });
  it('gives the tilt of the long edge, and nothing once stopped', async () => {
    vi.stubGlobal('DeviceOrientationEvent', class extends Event {});
    const source = motionTilt();
    const seen: number[] = [];
    const started = source?.start((s) => seen.push(s.degrees));
    await Promise.resolve();
    window.dispatchEvent(event(null, null));
    window.dispatchEvent(event(40, 0));
    expect(await started).toBeNull();
    source?.stop();
    window.dispatchEvent(event(50, 0));
    expect(seen).toHaveLength(1);
    expect(seen[0]).toBeCloseTo(40, 6);
  });
  it('says so when permission is refused, or when no sensor answers', async () => {
    vi.stubGlobal(
      'DeviceOrientationEvent',
      Object.assign(class extends Event {}, { requestPermission: () => Promise.resolve('denied') }),
    );
    expect(await motionTilt()?.start(() => {})).toContain('not allowed');
    vi.stubGlobal('DeviceOrientationEvent', class extends Event {});
    vi.useFakeTimers();
    const started = motionTilt()?.start(() => {});
    await vi.advanceTimersByTimeAsync(2000);
    expect(await started).toContain('no motion sensor');
  });
});

describe('a gauge on a cable', () => {
  it.each([
    ['123.4 N', 123.4],
    ['+0123.4', 123.4],
    ['-56,5 N', 56.5],
    ['10 kgf', 98.0665],
    ['10 lbf', 44.4822],
  ])('reads “%s”', (line, newtons) => expect(newtonsOf(line)).toBeCloseTo(newtons, 6));
  it('passes over lines without a number, and is not offered without a port', () => {
    expect(newtonsOf('READY')).toBeNull();
    expect(serialForce()).toBeNull();
  });
  it('says so when no gauge is chosen', async () => {
    vi.stubGlobal('navigator', { serial: { requestPort: () => Promise.reject(new Error('none')) } });
    expect(await serialForce()?.start(() => {})).toContain('Type the newtons');
  });
  it('turns what the cable brings into newtons, line by line', async () => {
    const chunks = ['12', '.5 N\n13.0 N\nREADY\n', '14'].map((t) => new TextEncoder().encode(t));
    const readable = new ReadableStream<Uint8Array>({
      start(c) {
        for (const chunk of chunks) c.enqueue(chunk);
        c.close();
      },
    });
    const port = { open: () => Promise.resolve(), close: () => Promise.resolve(), readable };
    vi.stubGlobal('navigator', { serial: { requestPort: () => Promise.resolve(port) } });
    const seen: number[] = [];
    expect(await serialForce()?.start((s) => seen.push(s.newtons))).toBeNull();
    await vi.waitFor(() => expect(seen).toEqual([12.5, 13]));
  });
});

describe('the voice', () => {
  it('counts only where it is understood on this machine', async () => {
    expect(await voiceStaysHere()).toBe(false);
    const speech = (answer: string) => Object.assign(class {}, { available: () => Promise.resolve(answer) });
    Object.assign(window, { SpeechRecognition: speech('downloadable') });
    expect(await voiceStaysHere()).toBe(false);
    Object.assign(window, { SpeechRecognition: speech('available') });
    expect(await voiceStaysHere()).toBe(true);
    Object.assign(window, { SpeechRecognition: class {} });
    expect(await voiceStaysHere()).toBe(false);
  });
  it('hears one number, or none', async () => {
    const say = (text: string | null) =>
      class {
        onresult: ((e: unknown) => void) | null = null;
        onend: (() => void) | null = null;
        start() {
          if (text === null) this.onend?.();
          else this.onresult?.({ results: [[{ transcript: text }]] });
        }
        stop() {}
      };
    Object.assign(window, { SpeechRecognition: say('sixty four degrees') });
    expect(await hearNumber()).toBe(64);
    Object.assign(window, { SpeechRecognition: say(null) });
    expect(await hearNumber()).toBeNull();
  });
});
