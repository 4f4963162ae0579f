/** Sentences of a language by the English; `…_one` where there is one of a thing, `…_stem` and the like by context. */
export type Phrases = Readonly<Record<string, string>>;
