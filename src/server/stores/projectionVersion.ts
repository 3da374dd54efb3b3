/** What an older projection wrote, or a newer one, is projected again; so it goes up whenever the projection changes. */
export const PROJECTION_VERSION = 3;
