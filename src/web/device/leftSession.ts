import { call } from './client.ts';
import { SIGNING_OUT } from './kept.ts';
import { ApiError, NoConnection } from './errors.ts';

/** Stands on the device from signing out until the server has heard of it. */
export const noteLeaving = (): void => {
  localStorage.setItem(SIGNING_OUT, '1');
};

/** Whoever signs in has a session of their own: the one left behind went with its cookie. */
export const forgetLeaving = (): void => {
  localStorage.removeItem(SIGNING_OUT);
};

/** Ends a session that was left while nobody answered; false where that is still so. */
export async function endLeftSession(): Promise<boolean> {
  if (localStorage.getItem(SIGNING_OUT) === null) return true;
  try {
    await call('signOut', { body: {} });
  } catch (error) {
    if (error instanceof NoConnection || (error instanceof ApiError && error.status >= 500)) return false;
    throw error;
  }
  forgetLeaving();
  return true;
}
