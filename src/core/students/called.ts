/** How a student is called where others may see it: in a calendar, in the name of a file. */
export const CALLED = ['nobody', 'initials', 'first-name'] as const;
export type Called = (typeof CALLED)[number];
export const CALLED_WORDS: Readonly<Record<Called, string>> = {
  nobody: 'without a name',
  initials: 'with initials',
  'first-name': 'with the first name',
};

/** What a student is called to her face: the first of her names; "" for blanks. */
export const firstName = (name: string): string => name.trim().split(/\s+/)[0];

/** A name as wished: "", "M. T.", "Maren". Empty for a name without a letter. */
export function calledAs(name: string, called: Called): string {
  const parts = name.split(/\s+/).filter(Boolean);
  if (called === 'nobody') return '';
  return called === 'initials' ? parts.map((p) => `${[...p][0]}.`).join(' ') : firstName(name);
}

/**
 * Name of a file from its parts, "practice-Maren-2026-11-29.pdf": letters and figures of any alphabet stay, what a file
 * system may refuse does not. Parts with nothing left are left out.
 * @param ending with its dot
 */
export const fileNameOf = (parts: readonly string[], ending: string): string =>
  (parts
    .map((p) =>
      p
        .normalize('NFC')
        .replaceAll(/[^\p{L}\p{M}\p{N}]+/gu, '-')
        .replaceAll(/^-+|-+$/g, ''),
    )
    .filter(Boolean)
    .join('-') || 'kolpos') + ending;
