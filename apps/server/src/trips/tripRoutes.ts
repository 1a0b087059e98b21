import { Router } from 'express';
import { recordFor, tripRecord } from '@graft/core/debrief';
import { parseTripFile, serialiseTripFile } from '@graft/core/formats';
import { carriedBefore, type EarlierTrip } from '@graft/core/share';
import { placesOn, type PlacesBefore } from '@graft/core/stow';
import {
  duplicateTrip,
  freshId,
  tripFromTemplate,
  type DayWeather,
  type Trip,
  type TripEdit,
  type TripStyle,
} from '@graft/core/trip';
import { accountOf, signedIn } from '../accounts/signedIn.js';
import { fetchForecast } from '../forecast/forecastClient.js';
import { ApiError } from '../http/apiError.js';
import { bodyText, json, LARGEST } from '../http/body.js';
import { checked } from '../http/checked.js';
import type { SheetNewsroom } from '../sheets/sheetNewsroom.js';
import type { Gate } from './gate.js';
import type { TripStore } from './tripStore.js';
import {
  archiveRequest,
  belowQuery,
  duplicateRequest,
  editRequest,
  MOST_VERSIONS,
  newTripRequest,
  versionQuery,
} from './tripRequests.js';

/** How many earlier trips the record of fairness, and what is learnt, look back over. */
const EARLIER_TRIPS = 20;

/** @param forecastUrl where the forecast service is */
export function tripRoutes(store: TripStore, may: Gate, news: SheetNewsroom, forecastUrl: string): Router {
  const router = Router();
  router.use(signedIn);
  const me = accountOf;

  /** What the earlier trips of an account say of the people of a trip; those that say nothing are left out. */
  async function earlierTrips<T>(
    tripId: string,
    accountId: string,
    of: (other: Trip, names: readonly string[]) => T | undefined,
  ): Promise<readonly { id: string; name: string; startDate: string; members: T }[]> {
    const { trip } = await store.get(tripId, accountId);
    const names = trip.members.map((m) => m.name);
    const found = [];
    const before = (await store.list(accountId))
      .filter((t) => t.id !== tripId && t.startDate < trip.startDate && t.deletedAt === undefined)
      .slice(-EARLIER_TRIPS);
    const wholes = await store.wholes(before.map((t) => t.id));
    for (const { id, name, startDate } of before) {
      const stored = wholes.get(id);
      const members = stored === undefined ? undefined : of(stored.trip, names);
      if (members !== undefined) found.push({ id, name, startDate, members });
    }
    return found;
  }

  router.get('/', async (_req, res) => {
    res.json({ trips: await store.list(me(res).id) });
  });

  router.post('/', json(LARGEST.form), async (req, res) => {
    const { name, startDate, days, style, timeZone } = checked<{
      name: string;
      startDate: string;
      days: number;
      style?: TripStyle;
      timeZone?: string;
    }>(newTripRequest, req.body);
    const trip = tripFromTemplate(freshId(name, []), name, startDate, style ?? 'camp', days);
    const stored = await store.add(me(res).id, timeZone === undefined ? trip : { ...trip, timeZone });
    res.status(201).json({ id: stored.id, version: stored.version });
  });

  router.post('/import', async (req, res) => {
    const stored = await store.add(me(res).id, parseTripFile(await bodyText(req, LARGEST.file)));
    res.status(201).json({ id: stored.id, version: stored.version });
  });

  router.get('/:id', async (req, res) => {
    res.type('application/json').send(await store.getBytes(req.params.id, me(res).id));
  });

  router.get('/:id/glance', async (req, res) => {
    res.json(await store.glance(req.params.id, me(res).id));
  });

  router.get('/:id/removed', async (req, res) => {
    res.json({ removed: await store.removed(req.params.id, me(res).id) });
  });

  router.get('/:id/removed/:partId', async (req, res) => {
    res.json({ taken: await store.removedPart(req.params.id, me(res).id, req.params.partId) });
  });

  router.get('/:id/history', async (req, res) => {
    const { below } = checked<{ below?: string }>(belowQuery, req.query);
    const most = below === undefined ? MOST_VERSIONS : Number(below);
    res.json({ changes: await store.history(req.params.id, me(res).id, most) });
  });

  router.get('/:id/history/:version', async (req, res) => {
    const version = Number(
      checked<{ version: string }>(versionQuery, { version: req.params.version }).version,
    );
    res.json({ trip: await store.earlier(req.params.id, me(res).id, version) });
  });

  router.get('/:id/export', async (req, res) => {
    const { trip } = await store.get(req.params.id, me(res).id);
    res.type('application/json').attachment(`${trip.id}.graft.json`).send(serialiseTripFile(trip));
  });

  router.get('/:id/forecast', async (req, res) => {
    const { trip } = await store.get(req.params.id, me(res).id);
    if (trip.place === undefined) {
      throw new ApiError(400, 'invalid', 'The trip has no place yet, and a forecast needs one.', [
        {
          path: 'place',
          message: 'expected a place with latitude, longitude and valley height, got nothing',
        },
      ]);
    }
    const weather: readonly DayWeather[] = await fetchForecast(
      forecastUrl,
      trip.place,
      trip.startDate,
      trip.legs.length,
    );
    res.json({ weather });
  });

  router.get('/:id/earlier', async (req, res) => {
    const trips: readonly EarlierTrip[] = await earlierTrips(req.params.id, me(res).id, carriedBefore);
    res.json({ trips });
  });

  router.get('/:id/places', async (req, res) => {
    const trips: readonly PlacesBefore[] = await earlierTrips(req.params.id, me(res).id, placesOn);
    res.json({ trips });
  });

  router.get('/:id/records', async (req, res) => {
    const account = me(res);
    const { trip } = await store.get(req.params.id, account.id);
    const names = trip.members.map((m) => m.name);
    const before = await store.debriefedBefore(account.id, trip.startDate, EARLIER_TRIPS);
    res.json({ records: before.map((b) => recordFor(tripRecord(b.id, b.trip), names)) });
  });

  router.post('/:id/edits', may('full'), json(LARGEST.edits), async (req, res) => {
    const { version, edits } = checked<{ version: number; edits: readonly TripEdit[] }>(
      editRequest,
      req.body,
    );
    const changed = await store.edit(req.params.id, me(res).id, version, edits);
    news.publish(req.params.id, { kind: 'changed', ...changed });
    res.json({ version: changed.version });
  });

  router.post('/:id/duplicate', may('read'), json(LARGEST.form), async (req, res) => {
    const { trip } = await store.get(req.params.id, me(res).id);
    const { name, startDate } = checked<{ name: string; startDate: string }>(duplicateRequest, req.body);
    const copy = await store.add(me(res).id, duplicateTrip(trip, freshId(name, []), name, startDate));
    res.status(201).json({ id: copy.id, version: copy.version });
  });

  router.post('/:id/archive', may('owner'), json(LARGEST.form), async (req, res) => {
    const { archived } = checked<{ archived: boolean }>(archiveRequest, req.body);
    await store.archive(req.params.id, me(res).id, archived);
    res.status(204).end();
  });

  router.delete('/:id', async (req, res) => {
    const { version } = checked<{ version: string }>(versionQuery, req.query);
    await store.remove(req.params.id, me(res).id, Number(version));
    await news.askAgain();
    res.status(204).end();
  });

  router.post('/:id/restore', async (req, res) => {
    await store.restore(req.params.id, me(res).id);
    res.status(204).end();
  });

  return router;
}
