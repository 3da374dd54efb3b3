import { ApiError } from '../device/errors.ts';
import { useConfirmation } from '../stores/confirmation.ts';

/** Runs work that may need the password: when the server asks for it, shows the dialog, then runs the work again. */
export function useConfirmed() {
  const confirmation = useConfirmation();

  /** Returns null when the person cancels. Throws as `work` does. */
  return async function confirmed<T>(work: () => Promise<T>): Promise<T | null> {
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof ApiError) || error.body.code !== 'password-needed') throw error;
    }
    return (await confirmation.ask()) ? work() : null;
  };
}
