import { z } from 'zod';

// The page's security policy allows no code made from text. A worker does not see what the page has set, so each
// worker imports this first, before any schema is made.
z.config({ jitless: true });
