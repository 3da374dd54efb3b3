import { ApiError } from '../device/errors.ts';
import { useConfirmation } from '../stores/confirmation.ts';

/** Does what the server wants the password for first: asks for it when the server says so, and then does it again. */
export function useConfirmed() {
  const confirmation = useConfirmation();

  /** Answers null where the person would not tell the password. Throws as `work` does. */
  return async function confirmed<T>(work: () => Promise<T>): Promise<T | null> {
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof ApiError) || error.body.code !== 'password-needed') throw error;
    }
    return (await confirmation.ask()) ? work() : null;
  };
}
