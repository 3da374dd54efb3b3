import { useEventListener, useMutationObserver } from '@vueuse/core';

/** The element that had the focus and its ancestors, from the inside out, without the body. */
function pathOf(target: EventTarget | null): HTMLElement[] {
  const path: HTMLElement[] = [];
  for (
    let at = target instanceof HTMLElement ? target : null;
    at && at !== document.body;
    at = at.parentElement
  )
    path.push(at);
  return path;
}

/**
 * When what had the focus goes, such as a form that was saved, the focus goes to the nearest part of the page that held it. A person at the
 * keyboard stays where they were, and nothing scrolls.
 */
export function useFocusKept(): void {
  let path: HTMLElement[] = [];
  useEventListener(document, 'focusin', ({ target }) => {
    path = pathOf(target);
  });
  useMutationObserver(
    document.body,
    () => {
      const isLost = document.activeElement === document.body && path[0]?.isConnected === false;
      if (!isLost) return;
      const holder = path.find((element) => element.isConnected);
      path = [];
      if (!holder) return;
      if (!holder.hasAttribute('tabindex')) holder.tabIndex = -1;
      holder.focus({ preventScroll: true });
    },
    { childList: true, subtree: true },
  );
}
