import {
  acceptInvitation,
  actsOf,
  invitationsOf,
  invite,
  isOwner,
  membersOf,
  readInvitation,
  removeMember,
  setMember,
  withdrawInvitation,
} from '../../services/members.ts';
import type { Handlers } from '../context.ts';
import { mustBeConfirmed } from '../session.ts';

type Names =
  | 'members'
  | 'setMember'
  | 'removeMember'
  | 'leaveHome'
  | 'invitations'
  | 'invite'
  | 'withdrawInvitation'
  | 'readInvitation'
  | 'acceptInvitation'
  | 'acts';

export const memberHandlers: Pick<Handlers, Names> = {
  members: ({ tx, home }) => membersOf(tx, home),
  setMember: async ({ services: { clock }, request, tx, home, params, body }) => {
    // Making an owner, or changing one, needs the password.
    if (body.role === 'owner' || (await isOwner(tx, home, params.personId))) mustBeConfirmed(request);
    await setMember(tx, home, params.personId, body.role, clock());
    return {};
  },
  removeMember: async ({ services: { clock }, request, tx, home, params }) => {
    if (await isOwner(tx, home, params.personId)) mustBeConfirmed(request);
    await removeMember(tx, home, params.personId, clock());
    return {};
  },
  leaveHome: async ({ services: { clock }, request, tx, home, personId }) => {
    if (home.role === 'owner') mustBeConfirmed(request);
    await removeMember(tx, home, personId, clock());
    return {};
  },
  invitations: ({ services: { clock }, tx, home }) => invitationsOf(tx, home, clock()),
  invite: ({ services: { clock }, request, tx, home, personId, body }) => {
    if (body.role === 'owner') mustBeConfirmed(request);
    return invite(tx, home, body, { by: personId, now: clock() });
  },
  withdrawInvitation: async ({ services: { clock }, tx, home, personId, params }) => {
    await withdrawInvitation(tx, home, params.invitationId, { by: personId, now: clock() });
    return {};
  },
  readInvitation: ({ services: { db, clock }, personId, body }) =>
    readInvitation(db, personId, body.token, clock()),
  acceptInvitation: ({ services: { db, clock }, personId, body }) =>
    acceptInvitation(db, personId, body.token, clock()),
  acts: ({ services: { clock }, tx, home, query }) => actsOf(tx, home, query, clock()),
};
