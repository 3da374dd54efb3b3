import type { Body } from '../../contract/routes.ts';
import type { HouseFileAnswer } from '../../contract/houseFiles.ts';
import type { Offer } from '../../contract/members.ts';
import { call } from '../device/client.ts';

// The acts of a person on their own account. Each happens now or not at all, and is never kept on the device: most hold a password or a secret.
// All throw as `call` does.

export const changePassword = (body: Body<'changePassword'>) => call('changePassword', { body });

/** Sends the password again; acts that cannot be undone are then allowed for ten minutes. */
export const confirmPassword = (password: string) => call('confirmPassword', { body: { password } });

/** Signs one other device out. */
export const endBrowser = (browserId: string) => call('endBrowser', { params: { browserId } });
export const endOtherBrowsers = () => call('endOtherBrowsers');
export const deleteAccount = () => call('deleteAccount');

/** Reads the invitation of a link. */
export const readInvitation = (token: string): Promise<Offer> => call('readInvitation', { body: { token } });
/** Takes an invitation; answers with the home. */
export const acceptInvitation = (token: string) => call('acceptInvitation', { body: { token } });

/** Sends a house file, to see what it holds or to make a home of it. */
export const sendHouseFile = (file: File, act: 'preview' | 'import'): Promise<HouseFileAnswer> =>
  call('sendHouseFile', { query: { act }, file });
