const SIGNS: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

/** A text as it stands in a page of HTML, between tags or in an attribute. */
export const htmlText = (text: string): string => text.replace(/[&<>"]/g, (c) => SIGNS[c]);
