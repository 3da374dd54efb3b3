// Runs before anything else. The page's security policy allows no code made from text, so the schema library is told
// not to try; and the colors chosen on this device are set before the first paint.
globalThis.__zod_globalConfig = { jitless: true };
const theme = localStorage.getItem('salt-ledger theme');
if (theme === 'light' || theme === 'dark') document.documentElement.dataset.theme = theme;

// A page that the server drew is painted first: its scripts come after. The last button that is pressed meanwhile is noted for them.
const { scripts } = document.currentScript.dataset;
if (scripts) {
  addEventListener('click', ({ target }) => {
    const button = target.closest('#first button');
    if (button) window.pressedEarly = button;
  });
  const files = scripts.split(' ');
  const pause = () => new Promise((done) => setTimeout(done));
  let begun = false;
  // They are fetched together and run one after the other: between them the browser can scroll and paint.
  const begin = async () => {
    if (begun) return;
    begun = true;
    for (const href of files)
      document.head.append(Object.assign(document.createElement('link'), { rel: 'modulepreload', href }));
    try {
      for (const file of files) {
        await import(file);
        await pause();
      }
    } catch (error) {
      // The drawn page can still be read.
      document.querySelector('#first [data-test=unfetched]')?.removeAttribute('hidden');
      throw error;
    }
  };
  addEventListener('DOMContentLoaded', () => {
    requestAnimationFrame(() => setTimeout(begin));
    // A page in the background is not painted.
    setTimeout(begin, 1000);
  });
}
