/** What happened, and what to do about it, in the teacher's words. */
export interface Broken {
  title: string;
  words: string;
}

const NO_STORE: Broken = {
  title: 'This browser does not let Kolpos keep anything',
  words:
    'Its storage is switched off or blocked for this page, as in some private windows. Nothing was lost. Open Kolpos in an ordinary window, or allow this page to store data, then try again.',
};
const NEWER: Broken = {
  title: 'This studio was opened by a newer Kolpos',
  words: 'An older version must not touch it. Close every other Kolpos tab, then load this page again.',
};
const PART: Broken = {
  title: 'A part of Kolpos could not be fetched',
  words: 'The network may be gone, or Kolpos was updated meanwhile. What you have entered is kept. Try again.',
};
const OTHER: Broken = {
  title: 'This screen stumbled',
  words: 'What you have entered is kept in this browser, and the other screens work.',
};

/** Tells an error of the browser from one of ours. */
export function brokenWords(error: { name: string; message: string }): Broken {
  const said = `${error.name} ${error.message}`;
  if (/VersionError/.test(said)) return NEWER;
  if (/MissingAPI|OpenFailed|InvalidState|SecurityError|indexedDB|IndexedDB/.test(said)) return NO_STORE;
  if (/ChunkLoad|dynamically imported module|Failed to (load|fetch)|Loading (CSS )?chunk/i.test(said)) return PART;
  return OTHER;
}
