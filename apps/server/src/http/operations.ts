/** What the API does, route by route; a test holds it against the routes that there are. */
import type { AnySchema } from 'yup';
import { HISTORY_PAGE, TRIP_ROLES } from '@graft/core/api';
import type { JsonSchema } from '@graft/core/formats';
import { sheetMarksSchema } from '@graft/core/sheet';
import {
  deleteRequest,
  forgottenRequest,
  passwordRequest,
  resetRequest,
  signInRequest,
  signUpRequest,
  tokenRequest,
} from '../accounts/accountRequests.js';
import { noteRequest } from '../incidents/incidentRoutes.js';
import { libraryEditRequest } from '../library/libraryRoutes.js';
import { addressRequest, sendRequest } from '../messages/messageRoutes.js';
import { faultsRequest, panRequest } from '../scale/scaleService.js';
import { roleRequest } from '../trips/leaderRoutes.js';
import {
  archiveRequest,
  belowQuery,
  duplicateRequest,
  editRequest,
  newTripRequest,
  sendSheetsRequest,
  versionQuery,
} from '../trips/tripRequests.js';

export interface Operation {
  readonly method: 'get' | 'post' | 'put' | 'delete';
  /** As the routes have it, such as "/api/trips/:id". */
  readonly path: string;
  readonly summary: string;
  /** Whose word is needed: nobody's, of whoever is signed in, or of whoever has a member's link. */
  readonly who: 'anybody' | 'session' | 'sheetLink';
  readonly query?: AnySchema;
  readonly body?: AnySchema | 'tripFile';
  readonly status?: number;
  /** Absent where it has no content. */
  readonly answer?: JsonSchema;
  /** Of the answer; JSON when absent. */
  readonly type?: string;
}

const text: JsonSchema = { type: 'string' };
const whole: JsonSchema = { type: 'integer' };
const flag: JsonSchema = { type: 'boolean' };
const moment: JsonSchema = { type: 'string', format: 'date-time' };
const map: JsonSchema = { type: 'object', additionalProperties: true };
const list = (items: JsonSchema): JsonSchema => ({ type: 'array', items });
/** An object; names that end in "?" may be absent. */
const of = (fields: Readonly<Record<string, JsonSchema>>): JsonSchema => ({
  type: 'object',
  required: Object.keys(fields).filter((name) => !name.endsWith('?')),
  properties: Object.fromEntries(
    Object.entries(fields).map(([name, schema]) => [name.replace(/\?$/, ''), schema]),
  ),
});
const TRIP: JsonSchema = { $ref: '#/components/schemas/Trip' };
const TRIP_FILE: JsonSchema = { $ref: '#/components/schemas/TripFile' };
const ROLE: JsonSchema = { type: 'string', enum: [...TRIP_ROLES] };
const STATE = of({
  account: {
    anyOf: [of({ id: text, email: text, name: text, demo: flag }), { type: 'null' }],
  },
  demoOffered: flag,
  mail: flag,
  'publicUrl?': text,
});
const MADE = of({ id: text, version: whole });
const MARK = of({
  id: text,
  kind: text,
  'thingId?': text,
  value: {},
  at: text,
  replaces: list(text),
  byLeader: flag,
});
const EVENTS = 'text/event-stream';

type Rest = Omit<Operation, 'method' | 'path' | 'summary' | 'who'>;
const on =
  (who: Operation['who']) =>
  (route: string, summary: string, rest: Rest = {}): Operation => {
    const [method, path] = route.split(' ') as [Operation['method'], string];
    return { method, path, summary, who, ...rest };
  };
const anybody = on('anybody');
const session = on('session');
const sheet = on('sheetLink');

export function operations(): readonly Operation[] {
  return [...SERVER, ...ACCOUNT, ...TRIPS, ...SHEETS, ...LEADERS, ...OTHERS];
}

const SERVER: readonly Operation[] = [
  anybody('get /api/health', 'Whether the process runs', { answer: of({ ok: flag }) }),
  anybody('get /api/ready', 'Whether it serves: 503 while the database is away', {
    answer: of({ ok: flag }),
  }),
  anybody('get /api/openapi.json', 'This description', { answer: map }),
];

const ACCOUNT: readonly Operation[] = [
  anybody('get /api/account', 'Who is signed in, and what this server offers', { answer: STATE }),
  anybody('post /api/account/sign-up', 'Make an account; 202 where a mail finishes it', {
    body: signUpRequest,
    answer: STATE,
  }),
  anybody('post /api/account/confirm', 'Finish an account by the link in a mail', {
    body: tokenRequest,
    answer: STATE,
  }),
  anybody('post /api/account/sign-in', 'Sign in', { body: signInRequest, answer: STATE }),
  anybody('post /api/account/forgotten', 'Have a link for a new password sent, if there is such an account', {
    body: forgottenRequest,
    status: 202,
    answer: STATE,
  }),
  anybody('post /api/account/reset', 'Set a new password by the link in a mail', {
    body: resetRequest,
    answer: STATE,
  }),
  anybody('post /api/account/demo', 'Enter the demo', { answer: STATE }),
  anybody('post /api/account/sign-out', 'End this session', { answer: STATE }),
  session('post /api/account/sign-out-everywhere', 'End every session of the account', { answer: STATE }),
  session('post /api/account/password', 'Change the password', { body: passwordRequest, status: 204 }),
  session('get /api/account/export', 'All that is kept of the account', { answer: map }),
  session('post /api/account/delete', 'Delete the account and its trips', {
    body: deleteRequest,
    answer: STATE,
  }),
];

const TRIPS: readonly Operation[] = [
  session('get /api/trips', 'The trips that one leads', {
    answer: of({
      trips: list(
        of({
          id: text,
          version: whole,
          name: text,
          startDate: text,
          days: whole,
          members: whole,
          role: ROLE,
          'owner?': text,
          archived: flag,
          'deletedAt?': moment,
        }),
      ),
    }),
  }),
  session('post /api/trips', 'A new trip', { body: newTripRequest, status: 201, answer: MADE }),
  session('post /api/trips/import', 'A new trip from a trip file', {
    body: 'tripFile',
    status: 201,
    answer: MADE,
  }),
  session('get /api/trips/:id', 'A trip', {
    answer: of({ id: text, version: whole, role: ROLE, trip: TRIP }),
  }),
  session('get /api/trips/:id/export', 'Its trip file', { answer: TRIP_FILE }),
  session('get /api/trips/:id/glance', 'How its plan stands', { answer: map }),
  session('get /api/trips/:id/earlier', 'What its members carried on earlier trips', {
    answer: of({ trips: list(map) }),
  }),
  session('get /api/trips/:id/places', 'Where its members kept their things on earlier trips', {
    answer: of({ trips: list(map) }),
  }),
  session('get /api/trips/:id/records', 'What earlier trips teach', { answer: of({ records: list(map) }) }),
  session('get /api/trips/:id/forecast', 'A forecast for its place and dates', {
    answer: of({ weather: list({ $ref: '#/components/schemas/weather' }) }),
  }),
  session('post /api/trips/:id/edits', 'Change a trip; 409 when it has moved on since that version', {
    body: editRequest,
    answer: of({ version: whole }),
  }),
  session('get /api/trips/:id/history', `Who changed what, newest first, ${HISTORY_PAGE} at a time`, {
    query: belowQuery,
    answer: of({
      changes: list(of({ version: whole, at: moment, by: text, what: text, canGoBack: flag })),
    }),
  }),
  session('get /api/trips/:id/history/:version', 'The trip as it was at a version', {
    answer: of({ trip: TRIP }),
  }),
  session('get /api/trips/:id/removed', 'What was taken out lately', {
    answer: of({ removed: list(of({ id: text, what: text, at: moment, by: text })) }),
  }),
  session('get /api/trips/:id/removed/:partId', 'One such thing, whole', { answer: of({ taken: map }) }),
  session('post /api/trips/:id/duplicate', 'A copy on new dates', {
    body: duplicateRequest,
    status: 201,
    answer: MADE,
  }),
  session('post /api/trips/:id/archive', 'Put it aside, or take it back', {
    body: archiveRequest,
    status: 204,
  }),
  session('delete /api/trips/:id', 'Delete it; it can be brought back for 30 days', {
    query: versionQuery,
    status: 204,
  }),
  session('post /api/trips/:id/restore', 'Bring it back', { status: 204 }),
  session('get /api/trips/:id/incidents', 'Its incident log', { answer: of({ incidents: list(map) }) }),
  session('post /api/trips/:id/incidents', 'A note in the log, never changed', {
    body: noteRequest,
    status: 201,
    answer: map,
  }),
];

const SHEETS: readonly Operation[] = [
  session('get /api/trips/:id/sheets', 'Members’ links and what they told', {
    answer: of({ links: list(map), marks: map }),
  }),
  session('get /api/trips/:id/sheets/events', 'News of the trip as it happens', {
    answer: text,
    type: EVENTS,
  }),
  session('get /api/trips/:id/sheets/unsent', 'What sheets would show if they were sent now', {
    answer: of({ version: whole, members: list(of({ memberId: text, changes: list(text) })) }),
  }),
  session('post /api/trips/:id/sheets/send', 'Send the plan as it stands to everybody who has a link', {
    body: sendSheetsRequest,
    answer: of({ memberIds: list(text) }),
  }),
  session('post /api/trips/:id/sheets/:memberId/link', 'Make a member’s link anew', {
    status: 201,
    answer: of({ token: text }),
  }),
  session('delete /api/trips/:id/sheets/:memberId/link', 'Withdraw it', { status: 204 }),
  session('post /api/trips/:id/sheets/:memberId/marks', 'Tell a member what became of what they told', {
    body: sheetMarksSchema,
    status: 204,
  }),
  sheet('get /api/sheet', 'What a member’s link opens', {
    answer: of({ version: whole, expiresAt: moment, sheet: map, marks: list(MARK) }),
  }),
  sheet('post /api/sheet/marks', 'Tell something from the sheet', {
    body: sheetMarksSchema,
    answer: of({ marks: list(MARK) }),
  }),
  session('get /api/trips/:id/messages', 'Messages to members, and where they go', {
    answer: of({ service: map, addresses: map, messages: list(map) }),
  }),
  session('post /api/trips/:id/messages', 'Send members their link, changes or a reminder', {
    body: sendRequest,
    answer: of({
      sent: list(text),
      unchanged: list(text),
      without: list(text),
      kept: list(text),
      failed: list(of({ memberId: text, reason: text })),
    }),
  }),
  session('put /api/trips/:id/messages/addresses/:memberId', 'Where a member gets messages', {
    body: addressRequest,
    status: 204,
  }),
];

const LEADERS: readonly Operation[] = [
  session('get /api/trips/:id/leaders', 'Who leads it, and open invitations', {
    answer: of({ leaders: list(map), invitations: list(map) }),
  }),
  session('post /api/trips/:id/invitations', 'Invite somebody by a link', {
    body: roleRequest,
    status: 201,
    answer: of({ token: text }),
  }),
  session('delete /api/trips/:id/invitations/:invitationId', 'Withdraw an invitation', { status: 204 }),
  session('put /api/trips/:id/leaders/:userId', 'Change a co-leader’s part', {
    body: roleRequest,
    status: 204,
  }),
  session('delete /api/trips/:id/leaders/:userId', 'Take a co-leader out, or leave', { status: 204 }),
  session('get /api/invitations/:token', 'What an invitation offers', {
    answer: of({ tripName: text, owner: text, role: ROLE }),
  }),
  session('post /api/invitations/:token/accept', 'Take it up', { answer: of({ tripId: text }) }),
];

const OTHERS: readonly Operation[] = [
  session('get /api/library', 'The kit library', { answer: of({ version: whole, entries: list(map) }) }),
  session('post /api/library/edits', 'Change it', {
    body: libraryEditRequest,
    answer: of({ version: whole }),
  }),
  session('get /api/scale', 'The bench scale', {
    answer: of({
      name: text,
      capacityKg: { type: 'number' },
      divisionKg: { type: 'number' },
      simulated: flag,
    }),
  }),
  session('get /api/scale/readings', 'Its readings as they come', { answer: text, type: EVENTS }),
  session('post /api/scale/tare', 'Set it to zero', { status: 204 }),
  session('post /api/scale/pan', 'Load a simulated scale', { body: panRequest, status: 204 }),
  session('post /api/scale/faults', 'Let a simulated scale fail', { body: faultsRequest, status: 204 }),
];
