import { z } from 'zod';
import { houseFileShape } from '../core/formats/houseFileShape.ts';
import { codeSchema } from '../core/basics/code.ts';
import type { Permission } from './access.ts';
import * as a from './accounts.ts';
import { uuidSchema } from './basics.ts';
import { betterTermsSchema } from './betterTerms.ts';
import { healthSchema } from './health.ts';
import * as f from './houseFiles.ts';
import * as m from './members.ts';
import * as p from './photos.ts';
import * as plan from './plan.ts';
import * as record from './record.ts';
import * as r from './runs.ts';
import * as s from './schemas.ts';
import { knownSchema } from './known.ts';
import { writtenSchema } from './written.ts';

/** Who may call a route: anyone, anyone signed in, or a member of the home in its path with a permission. */
export type Access = 'public' | 'session' | Permission;

export interface RouteSpec {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly access: Access;
  readonly params: z.ZodType<Record<string, string>>;
  readonly query: z.ZodType;
  readonly body: z.ZodType;
  readonly response: z.ZodType;
}

const nothing = z.strictObject({});
const done = z.strictObject({});
const ofHome = z.strictObject({ homeId: uuidSchema });
const ofPractice = z.strictObject({ homeId: uuidSchema, code: codeSchema });
const ofSpace = z.strictObject({ homeId: uuidSchema, spaceId: uuidSchema });
const ofAsset = z.strictObject({ homeId: uuidSchema, assetId: uuidSchema });
const ofPhoto = z.strictObject({ homeId: uuidSchema, photoId: uuidSchema });
const ofDocument = z.strictObject({ homeId: uuidSchema, documentId: uuidSchema });
const ofPerson = z.strictObject({ homeId: uuidSchema, personId: uuidSchema });
const ofRun = z.strictObject({ homeId: uuidSchema, runId: uuidSchema });
const ofDuty = z.strictObject({ homeId: uuidSchema, dutyId: uuidSchema });

const route = <
  A extends Access,
  P extends z.ZodType<Record<string, string>>,
  Q extends z.ZodType,
  B extends z.ZodType,
  R extends z.ZodType,
>(
  method: RouteSpec['method'],
  path: string,
  access: A,
  parts: { params: P; query: Q; body: B; response: R },
) => ({ method, path, access, ...parts });

const open = <B extends z.ZodType, R extends z.ZodType>(body: B, response: R) => ({
  params: nothing,
  query: nothing,
  body,
  response,
});
const home = <B extends z.ZodType, R extends z.ZodType>(body: B, response: R) => ({
  params: ofHome,
  query: nothing,
  body,
  response,
});

/** Every route of the server, one table: the server mounts it, the browser calls through it, the tests walk it. */
export const ROUTES = {
  /** Whether the program runs. */
  health: route('GET', '/api/health', 'public', open(nothing, healthSchema)),
  /** Whether it can work: its database answers and has the tables it knows. */
  ready: route('GET', '/api/ready', 'public', open(nothing, healthSchema)),
  installation: route('GET', '/api/installation', 'public', open(nothing, a.installationSchema)),
  signUp: route('POST', '/api/sign-up', 'public', open(a.signUpSchema, a.meSchema)),
  signIn: route('POST', '/api/sign-in', 'public', open(a.signInSchema, a.meSchema)),
  signOut: route('POST', '/api/sign-out', 'public', open(nothing, done)),
  me: route('GET', '/api/me', 'session', open(nothing, a.meSchema)),
  changePassword: route('POST', '/api/me/password', 'session', open(a.changePasswordSchema, done)),
  confirmPassword: route('POST', '/api/me/confirmation', 'session', open(a.confirmationSchema, done)),
  browsers: route('GET', '/api/me/browsers', 'session', open(nothing, z.array(a.signedInBrowserSchema))),
  endBrowser: route('DELETE', '/api/me/browsers/:browserId', 'session', {
    params: z.strictObject({ browserId: uuidSchema }),
    query: nothing,
    body: nothing,
    response: done,
  }),
  endOtherBrowsers: route('DELETE', '/api/me/browsers', 'session', open(nothing, done)),
  exportAccount: route('GET', '/api/me/export', 'session', open(nothing, a.accountExportSchema)),
  deleteAccount: route('DELETE', '/api/me', 'session', open(nothing, done)),
  readInvitation: route('POST', '/api/invitations/read', 'session', open(m.tokenBodySchema, m.offerSchema)),
  acceptInvitation: route(
    'POST',
    '/api/invitations/accept',
    'session',
    open(m.tokenBodySchema, m.joinedSchema),
  ),
  /** Sent as a form with one file; `act` says whether it is only looked at. */
  sendHouseFile: route('POST', '/api/house-files', 'session', {
    params: nothing,
    query: f.sendHouseFileQuerySchema,
    body: nothing,
    response: f.houseFileAnswerSchema,
  }),
  listHomes: route('GET', '/api/homes', 'session', open(nothing, z.array(s.homeSummarySchema))),
  createHome: route('POST', '/api/homes', 'session', open(s.createHomeSchema, s.homeSummarySchema)),
  house: route('GET', '/api/homes/:homeId', 'read', home(nothing, s.houseSchema)),
  today: route('GET', '/api/homes/:homeId/today', 'read', home(nothing, s.todaySchema)),
  ledger: route('GET', '/api/homes/:homeId/entries', 'read', {
    params: ofHome,
    query: record.ledgerQuerySchema,
    body: nothing,
    response: s.ledgerPageSchema,
  }),
  append: route('POST', '/api/homes/:homeId/entries', 'write', home(s.appendSchema, writtenSchema)),
  totals: route('GET', '/api/homes/:homeId/totals', 'read', {
    params: ofHome,
    query: record.totalsQuerySchema,
    body: nothing,
    response: record.totalsSchema,
  }),
  importEntries: route(
    'POST',
    '/api/homes/:homeId/imported-entries',
    'write',
    home(record.importSchema, record.importedSchema),
  ),
  documents: route(
    'GET',
    '/api/homes/:homeId/documents',
    'read',
    home(nothing, z.array(record.documentSchema)),
  ),
  addDocument: route('PUT', '/api/homes/:homeId/documents/:documentId', 'write', {
    params: ofDocument,
    query: nothing,
    body: record.newDocumentSchema,
    response: record.documentSchema,
  }),
  documentFile: route('GET', '/api/homes/:homeId/documents/:documentId/file', 'read', {
    params: ofDocument,
    query: nothing,
    body: nothing,
    response: z.unknown(),
  }),
  dropDocument: route('DELETE', '/api/homes/:homeId/documents/:documentId', 'write', {
    params: ofDocument,
    query: nothing,
    body: nothing,
    response: done,
  }),
  add: route('POST', '/api/homes/:homeId/additions', 'write', home(s.additionSchema, done)),
  climate: route('GET', '/api/homes/:homeId/climate', 'read', home(nothing, s.climateViewSchema)),
  setClimate: route('PUT', '/api/homes/:homeId/climate', 'write', home(s.setClimateSchema, done)),
  standing: route('GET', '/api/homes/:homeId/standing', 'read', home(nothing, s.standingSchema)),
  series: route('GET', '/api/homes/:homeId/series', 'read', home(nothing, s.seriesSchema)),
  savePractice: route('PUT', '/api/homes/:homeId/practices/:code', 'write', {
    params: ofPractice,
    query: nothing,
    body: s.savePracticeSchema,
    response: done,
  }),
  hidePractice: route('PUT', '/api/homes/:homeId/practices/:code/hidden', 'write', {
    params: ofPractice,
    query: nothing,
    body: s.hidePracticeSchema,
    response: done,
  }),
  known: route('GET', '/api/homes/:homeId/known', 'read', home(nothing, knownSchema)),
  saveSpace: route('PUT', '/api/homes/:homeId/spaces/:spaceId', 'write', {
    params: ofSpace,
    query: nothing,
    body: s.saveSpaceSchema,
    response: done,
  }),
  placeAsset: route('PUT', '/api/homes/:homeId/assets/:assetId', 'write', {
    params: ofAsset,
    query: nothing,
    body: s.placeAssetSchema,
    response: done,
  }),
  walk: route('GET', '/api/homes/:homeId/walk', 'read', home(nothing, s.walkSchema)),
  saveWalk: route('PUT', '/api/homes/:homeId/walk', 'write', home(s.saveWalkSchema, s.walkSchema)),
  plan: route('GET', '/api/homes/:homeId/plan', 'read', home(nothing, plan.planSchema)),
  savePlan: route('PUT', '/api/homes/:homeId/plan', 'write', home(plan.savePlanSchema, plan.savedPlanSchema)),
  acceptedPlan: route(
    'GET',
    '/api/homes/:homeId/accepted-plan',
    'read',
    home(nothing, plan.acceptedPlanAnswerSchema),
  ),
  runs: route('GET', '/api/homes/:homeId/runs', 'read', home(nothing, z.array(r.runSchema))),
  run: route('GET', '/api/homes/:homeId/runs/:runId', 'read', {
    params: ofRun,
    query: nothing,
    body: nothing,
    response: r.runSchema,
  }),
  saveRun: route('PUT', '/api/homes/:homeId/runs/:runId', 'write', {
    params: ofRun,
    query: nothing,
    body: r.saveRunSchema,
    response: r.runSchema,
  }),
  dropRun: route('DELETE', '/api/homes/:homeId/runs/:runId', 'write', {
    params: ofRun,
    query: nothing,
    body: nothing,
    response: done,
  }),
  finishRun: route(
    'POST',
    '/api/homes/:homeId/finished-runs',
    'write',
    home(r.finishRunSchema, writtenSchema),
  ),
  photos: route('GET', '/api/homes/:homeId/photos', 'read', home(nothing, z.array(p.photoSchema))),
  addPhoto: route('PUT', '/api/homes/:homeId/photos/:photoId', 'write', {
    params: ofPhoto,
    query: nothing,
    body: p.newPhotoSchema,
    response: p.photoSchema,
  }),
  photoImage: route('GET', '/api/homes/:homeId/photos/:photoId/image', 'read', {
    params: ofPhoto,
    query: nothing,
    body: nothing,
    response: z.unknown(),
  }),
  placePhoto: route('PUT', '/api/homes/:homeId/photos/:photoId/asset', 'write', {
    params: ofPhoto,
    query: nothing,
    body: p.placePhotoSchema,
    response: done,
  }),
  dropPhoto: route('DELETE', '/api/homes/:homeId/photos/:photoId', 'write', {
    params: ofPhoto,
    query: nothing,
    body: nothing,
    response: done,
  }),
  upkeep: route('GET', '/api/homes/:homeId/upkeep', 'read', home(nothing, s.upkeepSchema)),
  betterTerms: route('GET', '/api/homes/:homeId/better-terms', 'read', home(nothing, betterTermsSchema)),
  schools: route('GET', '/api/homes/:homeId/duties/:dutyId/schools', 'read', {
    params: ofDuty,
    query: nothing,
    body: nothing,
    response: s.schoolsSchema,
  }),
  trial: route('POST', '/api/homes/:homeId/trial', 'read', home(s.trialSchema, s.trialAnswerSchema)),
  addPerson: route('POST', '/api/homes/:homeId/people', 'write', home(s.newPersonSchema, done)),
  members: route('GET', '/api/homes/:homeId/members', 'read', home(nothing, z.array(m.memberSchema))),
  setMember: route('PUT', '/api/homes/:homeId/members/:personId', 'own', {
    params: ofPerson,
    query: nothing,
    body: m.setMemberSchema,
    response: done,
  }),
  removeMember: route('DELETE', '/api/homes/:homeId/members/:personId', 'own', {
    params: ofPerson,
    query: nothing,
    body: nothing,
    response: done,
  }),
  leaveHome: route('POST', '/api/homes/:homeId/leaving', 'read', home(nothing, done)),
  invitations: route(
    'GET',
    '/api/homes/:homeId/invitations',
    'own',
    home(nothing, z.array(m.invitationSchema)),
  ),
  invite: route('POST', '/api/homes/:homeId/invitations', 'own', home(m.inviteSchema, m.invitedSchema)),
  withdrawInvitation: route('DELETE', '/api/homes/:homeId/invitations/:invitationId', 'own', {
    params: z.strictObject({ homeId: uuidSchema, invitationId: uuidSchema }),
    query: nothing,
    body: nothing,
    response: done,
  }),
  acts: route('GET', '/api/homes/:homeId/acts', 'own', {
    params: ofHome,
    query: m.actsQuerySchema,
    body: nothing,
    response: z.array(m.actLineSchema),
  }),
  houseFile: route('GET', '/api/homes/:homeId/house-file', 'read', home(nothing, houseFileShape)),
  houseZip: route('GET', '/api/homes/:homeId/house-file.zip', 'read', home(nothing, z.unknown())),
  eraseHome: route('DELETE', '/api/homes/:homeId', 'own', home(m.eraseHomeSchema, done)),
} as const satisfies Record<string, RouteSpec>;

export type RouteName = keyof typeof ROUTES;
export type Params<N extends RouteName> = z.output<(typeof ROUTES)[N]['params']>;
export type Query<N extends RouteName> = z.output<(typeof ROUTES)[N]['query']>;
export type Body<N extends RouteName> = z.output<(typeof ROUTES)[N]['body']>;
export type Response<N extends RouteName> = z.output<(typeof ROUTES)[N]['response']>;
