// Runs before anything else. The page's security policy allows no code made from text, so the schema library is told
// not to try; and the colors chosen on this device are set before the first paint.
globalThis.__zod_globalConfig = { jitless: true };
const theme = localStorage.getItem('salt-ledger theme');
if (theme === 'light' || theme === 'dark') document.documentElement.dataset.theme = theme;
