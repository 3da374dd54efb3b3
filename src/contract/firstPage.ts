import type { Response } from './routes.ts';

/** The questions that Today asks first, of one person and one home. */
export const FIRST_QUESTIONS = ['house', 'today', 'standing', 'known', 'climate', 'acceptedPlan'] as const;

/** The answers of the server to them, and who asks. */
export type FirstAnswers = {
  readonly [N in (typeof FIRST_QUESTIONS)[number] | 'me' | 'listHomes']: Response<N>;
};

/** Draws Today as HTML. It is built from the pages of the browser, and the server loads it where it was built. */
export type DrawFirst = (answers: FirstAnswers) => Promise<string>;
