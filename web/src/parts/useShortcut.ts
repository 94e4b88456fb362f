/*
 * Shortcuts: single keys by the character that they give, whatever the keyboard's layout. Fields keep the keys that are
 * typed in them.
 */
import { useHotkeys } from 'react-hotkeys-hook';

/** Ctrl and Cmd belong to the browser; the right Alt, which reports Ctrl too, is how some layouts write a bracket. */
function isForTheBrowser(e: KeyboardEvent): boolean {
  return (e.ctrlKey || e.metaKey) && !e.getModifierState('AltGraph');
}

const ONE_KEY = { useKey: true, ignoreModifiers: true, ignoreEventWhen: isForTheBrowser, preventDefault: true };

/** Calls back when a character is pressed outside of fields. */
export function useShortcut(character: string, onPress: () => void): void {
  useHotkeys(character, onPress, ONE_KEY);
}

/** Calls back with the second character when it follows the first within a second. */
export function useTwoKeys(first: string, seconds: readonly string[], onPress: (second: string) => void): void {
  useHotkeys(
    seconds.map((second) => `${first}>${second}`),
    (e, { keys }) => {
      if (!isForTheBrowser(e)) onPress(keys?.[1] ?? '');
    },
    { useKey: true },
  );
}
