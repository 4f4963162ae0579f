/** Probability at which a question is settled, and tests after which it is given up (our defaults). */
export const SETTLED_AT = 0.85;
export const ASK_AT_MOST = 4;
