import { edgeTilt } from '@/core/measuring/inclinometer';
import type { TiltSource } from './sources';

/** iOS asks for permission by this call; other browsers do not know it. */
interface AskingEvent {
  requestPermission?: () => Promise<'granted' | 'denied'>;
}

/** Milliseconds in which a sensor that is there would have spoken. */
const PATIENCE = 1500;

/** The tilt of the phone or tablet from its motion sensors, or null where the browser has none to offer. */
export function motionTilt(): TiltSource | null {
  if (typeof window === 'undefined' || !('DeviceOrientationEvent' in window)) return null;
  let listener: ((e: DeviceOrientationEvent) => void) | null = null;
  return {
    name: 'this device',
    simulated: false,
    async start(onSample) {
      const asking = window.DeviceOrientationEvent as unknown as AskingEvent;
      try {
        if (asking.requestPermission && (await asking.requestPermission()) !== 'granted')
          return 'The sensor was not allowed. Type the reading, or allow motion for this page in the browser’s settings.';
      } catch {
        return 'The browser did not let Kolpos ask for the sensor. Type the reading instead.';
      }
      return new Promise((resolve) => {
        const timer = setTimeout(() => {
          resolve('This device has no motion sensor that answers. Type the reading, or use a phone or tablet.');
        }, PATIENCE);
        listener = (e) => {
          if (e.beta === null || e.gamma === null) return;
          clearTimeout(timer);
          resolve(null);
          onSample({ at: performance.now(), degrees: edgeTilt(e.beta, e.gamma) });
        };
        window.addEventListener('deviceorientation', listener);
      });
    },
    stop() {
      if (listener) window.removeEventListener('deviceorientation', listener);
      listener = null;
    },
  };
}
