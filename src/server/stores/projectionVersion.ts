/** Rows of an older or newer projection are projected again, so this goes up whenever the projection changes. */
export const PROJECTION_VERSION = 4;
