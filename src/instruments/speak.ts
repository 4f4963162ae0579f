/**
 * Says a line aloud with a voice of this machine. Silent where the browser has none, or none that stays here; never an
 * error.
 */
export function speak(words: string, language = 'en'): void {
  try {
    const { speechSynthesis: voices } = window;
    voices.cancel();
    const own = voices.getVoices().find((v) => v.localService && v.lang.startsWith(language));
    if (!own || words === '') return;
    const line = new SpeechSynthesisUtterance(words);
    line.voice = own;
    line.rate = 0.92;
    voices.speak(line);
  } catch {
    // No speech here: the words stand on the screen.
  }
}

/** True where a voice of this machine can speak a language. */
export function canSpeak(language = 'en'): boolean {
  try {
    return window.speechSynthesis.getVoices().some((v) => v.localService && v.lang.startsWith(language));
  } catch {
    return false;
  }
}

/** Stops what is being said. */
export function hush(): void {
  try {
    window.speechSynthesis.cancel();
  } catch {
    // Nothing was speaking.
  }
}
