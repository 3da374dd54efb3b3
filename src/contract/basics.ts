import { z } from 'zod';

/** Identifiers made by clients and the database, which writes them in small letters. */
export const uuidSchema = z.uuid().toLowerCase();

/** How often something was saved, counted in a column of four bytes. */
export const revisionSchema = z.int().min(0).max(2_000_000_000);

/** The header that names the page a server gives out. */
export const PAGE_VERSION = 'page-version';
