import { pause } from './pause.ts';

/**
 * Today as the server drew it, where this page began with it. It covers the page until that can do something itself. Its buttons do nothing
 * yet: `before.js` notes the last one that was pressed.
 */
const cover = (): HTMLElement | null => document.getElementById('first');

/** Whether what is seen is what the server drew. */
export const isCovered = (): boolean => cover() !== null;

/** Behind what the server drew long work is done in steps: the browser answers and paints between them. Without it there is no pause. */
export async function step(): Promise<void> {
  if (isCovered()) await pause();
}

declare global {
  interface Window {
    /** The button that was pressed last while nothing could answer it. */
    pressedEarly?: Element | null;
  }
}

/** How long our fonts are waited for: after that the page is shown in those of the device. */
const FONTS_MS = 3_000;
const FONTS = ['400 1rem "Source Sans 3 Variable"', '600 1rem "Source Serif 4 Variable"'];

let fonts: Promise<unknown> | null = null;

/** Fetches our fonts while the page is made behind what the server drew. They would move everything if they came after it. */
export function fetchFonts(): void {
  if (!isCovered()) return;
  const fetched = Promise.allSettled(FONTS.map((font) => document.fonts.load(font)));
  fonts = Promise.race([fetched, new Promise((resolve) => setTimeout(resolve, FONTS_MS))]);
}

/** Shows the page itself, in the place of what the server drew; the focus, and a press that came too early, go on in it. */
export async function uncover(): Promise<void> {
  await fonts;
  const drawn = cover();
  if (!drawn) return;
  const focused = twinOf(document.activeElement, drawn);
  const pressed = twinOf(window.pressedEarly ?? null, drawn);
  drawn.remove();
  document.getElementById('app')?.classList.remove('covered');
  focused?.focus({ preventScroll: true });
  pressed?.click();
}

/** The same element of the page itself: by the line it stands on and what it does. */
function twinOf(element: Element | null, drawn: HTMLElement): HTMLElement | null {
  if (!element || !drawn.contains(element)) return null;
  const line = element.closest('[data-line]')?.getAttribute('data-line');
  const own = ['data-act', 'data-go', 'data-place', 'aria-label'].find((name) => element.hasAttribute(name));
  if (own === undefined) return null;
  const css = `[${own}="${CSS.escape(element.getAttribute(own) ?? '')}"]`;
  const within = line === null || line === undefined ? '#app' : `#app [data-line="${CSS.escape(line)}"]`;
  return document.querySelector<HTMLElement>(`${within} ${css}`);
}
