/**
 * A large answer as text: a browser hands text from thread to thread and into its database at once, where it copies ten
 * thousand small objects one by one while nothing else goes on. Only for plain data without undefined or infinite
 * numbers.
 */
export type Text<T> = string & { readonly __of?: T };

export const textOf = <T>(value: T): Text<T> => JSON.stringify(value) as Text<T>;
export const ofText = <T>(text: Text<T>): T => JSON.parse(text) as T;
