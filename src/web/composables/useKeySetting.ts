import { useStorage } from '@vueuse/core';
import { KEYS_ON } from '../device/kept.ts';

/** Whether keys of one letter act on this device: `/` searches, `!` says that something is wrong. Whoever types by voice turns them off. */
export const useKeySetting = () => useStorage(KEYS_ON, true);
