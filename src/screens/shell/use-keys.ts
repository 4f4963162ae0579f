'use client';
import { useHotkeys } from 'react-hotkeys-hook';
import { deviceChoice } from './device-choice';

/**
 * Whether keys that write a letter or sign do something by themselves. Who speaks to the machine, or whose hand shakes,
 * switches them off.
 */
export const singleKeys = deviceChoice<'on' | 'off'>('kolpos-single-keys', ['on', 'off']);

/** A key that writes something, alone. */
const writes = (event: KeyboardEvent): boolean =>
  [...event.key].length === 1 && event.key !== ' ' && !event.ctrlKey && !event.metaKey && !event.altKey;

/** What lies over the page and holds the focus while it is open, and lists that take letters for their own. */
const OVER = '[role="dialog"], [role="alertdialog"], [role="menu"], [role="listbox"], .MuiModal-root';

/** Whether a key is meant for what lies over the page: there the focus is kept until it closes. */
const covered = (event: KeyboardEvent): boolean =>
  event.target instanceof Element && event.target.closest(OVER) !== null;

/**
 * The one way to listen to keys of a page: never from a field in which something is typed, never behind a dialog, and
 * single keys only where they are not switched off.
 * @param options.inFields also from a field: for keys that write nothing there
 * @param options.inDialog the listener belongs to a dialog itself
 */
export function useKeys(
  onKey: (event: KeyboardEvent) => void,
  { inFields = false, inDialog = false }: { inFields?: boolean; inDialog?: boolean } = {},
): void {
  useHotkeys('*', onKey, {
    enableOnFormTags: inFields,
    enableOnContentEditable: inFields,
    ignoreEventWhen: (e) => (!inDialog && covered(e)) || (writes(e) && singleKeys.get() === 'off'),
  });
}
