import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Whether the password is being asked for once more, and who waits for the answer. */
export const useConfirmation = defineStore('confirmation', () => {
  const isAsking = ref(false);
  let settle: (confirmed: boolean) => void = () => undefined;

  /** Asks for the password; answers whether it was right in the end. */
  function ask(): Promise<boolean> {
    settle(false);
    isAsking.value = true;
    return new Promise((resolve) => {
      settle = resolve;
    });
  }

  function answer(confirmed: boolean): void {
    isAsking.value = false;
    settle(confirmed);
    settle = () => undefined;
  }

  return { isAsking, ask, answer };
});
