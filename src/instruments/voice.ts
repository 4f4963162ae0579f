import { spokenNumber } from '@/core/measuring/typed';

/** As much of the Web Speech API as is used here; `available` and `processLocally` belong to its newer part. */
interface Recognition {
  lang: string;
  processLocally?: boolean;
  onresult: ((e: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null;
  onerror: (() => void) | null;
  onend: (() => void) | null;
  start(): void;
  stop(): void;
}
interface RecognitionClass {
  new (): Recognition;
  available?: (options: { langs: string[]; processLocally: boolean }) => Promise<string>;
}

const LANGUAGE = 'en-GB';

const recognition = (): RecognitionClass | null =>
  typeof window === 'undefined'
    ? null
    : ((window as { SpeechRecognition?: RecognitionClass }).SpeechRecognition ?? null);

/**
 * True where the browser can understand speech on this machine. Browsers that would send the sound to somebody else's
 * computer count as having no voice: what is said beside a student stays here.
 */
export async function voiceStaysHere(): Promise<boolean> {
  const speech = recognition();
  if (!speech?.available) return false;
  try {
    return (await speech.available({ langs: [LANGUAGE], processLocally: true })) === 'available';
  } catch {
    return false;
  }
}

/** Listens for one number. Null where none was heard. */
export const hearNumber = async (): Promise<number | null> => {
  const said = await hearWords();
  return said === null ? null : spokenNumber(said);
};

/** Listens for a sentence. Null where nothing was heard. */
export function hearWords(): Promise<string | null> {
  const speech = recognition();
  if (!speech) return Promise.resolve(null);
  return new Promise((resolve) => {
    const ears = new speech();
    ears.lang = LANGUAGE;
    ears.processLocally = true;
    ears.onresult = (e) => {
      resolve(Array.from(e.results, (r) => r[0].transcript).join(' '));
      ears.stop();
    };
    ears.onerror = () => resolve(null);
    ears.onend = () => resolve(null);
    ears.start();
  });
}
