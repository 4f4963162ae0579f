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

/** A soft bell: two partials that fade over two seconds. Silent where the browser has no sound, never an error. */
export function ring(): void {
  try {
    audio ??= new AudioContext();
    const t = audio.currentTime;
    for (const [frequency, volume] of [
      [528, 0.2],
      [1320, 0.06],
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
  } catch {
    audio = null;
  }
}
