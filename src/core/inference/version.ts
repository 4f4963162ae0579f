/** The version of the model that findings are made with; what an older one kept is worked out anew. */
export const MODEL_VERSION = 'kolpos-limits 5';
