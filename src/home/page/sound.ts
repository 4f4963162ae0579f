/** Bell, voice, and a screen that stays awake. Each is silent where the phone has none. */

let audio: AudioContext | null = null;

/** A browser makes no sound before a press: called on the press that starts. */
export function allowSound(): void {
  try {
    audio ??= new AudioContext();
    void audio.resume();
  } catch {
    audio = null;
  }
}

/** A soft bell that fades over two seconds. */
export function bell(): void {
  if (!audio) return;
  const t = audio.currentTime;
  for (const [frequency, volume] of [
    [528, 0.25],
    [1320, 0.07],
  ] as const) {
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    tone.frequency.value = frequency;
    gain.gain.setValueAtTime(volume, t);
    gain.gain.exponentialRampToValueAtTime(0.0001, t + 2);
    tone.connect(gain).connect(audio.destination);
    tone.start(t);
    tone.stop(t + 2);
  }
}

/** Says a line with a voice of this phone; none that sends words elsewhere is taken. */
export function say(words: string): void {
  try {
    const { speechSynthesis: voices } = window;
    voices.cancel();
    const own = voices.getVoices().find((v) => v.localService && v.lang.startsWith('en'));
    if (!own) return;
    const line = new SpeechSynthesisUtterance(words);
    line.voice = own;
    line.rate = 0.92;
    voices.speak(line);
  } catch {
    // The words stand on the screen.
  }
}
export function hush(): void {
  try {
    window.speechSynthesis.cancel();
  } catch {
    // Nothing was speaking.
  }
}

let lock: WakeLockSentinel | null = null;
let wanted = false;
async function ask(): Promise<void> {
  try {
    if (wanted && document.visibilityState === 'visible' && (!lock || lock.released))
      lock = await navigator.wakeLock.request('screen');
  } catch {
    lock = null;
  }
}
/** Keeps the screen awake while it plays. A phone lets go of it when one looks elsewhere: then it is asked for again. */
export function stayAwake(on: boolean): void {
  wanted = on;
  if (on) void ask();
  else {
    void lock?.release().catch(() => undefined);
    lock = null;
  }
}
document.addEventListener('visibilitychange', () => void ask());
