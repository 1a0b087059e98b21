/**
 * A simulated forecast service, standing in for a real one behind the same kind of URL: GET with place, height and
 * dates, JSON back. The weather is made up, the same for the same place and date; docs/forecast-service.md describes it.
 */
import { createHash } from 'node:crypto';
import { Router } from 'express';
import type { ForecastAnswer } from '@graft/core/api';
import { isIsoDate } from '@graft/core/schema';
import { addDays, dayNumber } from '@graft/core/units';
import { LAPSE_C_PER_KM } from '@graft/core/weather';
import { ApiError } from '../http/apiError.js';

const SOURCE = 'simulated forecast';
const MOST_DAYS = 60;

/** A number in [0, 1) that hangs on place and day only. */
function chance(...parts: readonly (string | number)[]): number {
  return createHash('sha256').update(parts.join('|')).digest().readUInt32BE(0) / 2 ** 32;
}

/** Changes slowly over days: weather that comes and goes in about four days. */
function spell(name: string, place: string, day: number): number {
  const period = 4;
  const at = day / period;
  const [a, b] = [Math.floor(at), Math.floor(at) + 1].map((n) => chance(name, place, n));
  const t = at - Math.floor(at);
  const ease = t * t * (3 - 2 * t);
  return a! + (b! - a!) * ease;
}

/** The made-up weather of a date at a place and height. */
export function simulatedDay(
  latitudeDeg: number,
  longitudeDeg: number,
  elevationM: number,
  date: string,
): ForecastAnswer['days'][number] {
  const place = `${latitudeDeg.toFixed(1)},${longitudeDeg.toFixed(1)}`;
  const day = dayNumber(date);
  const dayOfYear = day % 365.25;
  const north = latitudeDeg >= 0 ? 1 : -1;
  // Warmest about the end of July in the north; a rough sea-level climate by latitude.
  const season = Math.cos((2 * Math.PI * (dayOfYear - 205)) / 365.25) * north;
  const mean = 27 - 0.38 * Math.abs(latitudeDeg) + (2 + 0.16 * Math.abs(latitudeDeg)) * season;
  const wet = spell('wet', place, day);
  const warm = (spell('warm', place, day) - 0.5) * 9;
  const swing = 3 + 5 * (1 - wet);
  const lapse = (LAPSE_C_PER_KM * elevationM) / 1000;
  const tenth = (n: number): number => Math.round(n * 10) / 10;
  return {
    date,
    dayC: tenth(mean + warm + swing + lapse),
    nightC: tenth(mean + warm - swing + lapse),
    rainChance: Math.round(Math.min(0.95, Math.max(0.05, wet * 1.2 - 0.1)) * 20) / 20,
    windKmh: Math.round(6 + 40 * spell('wind', place, day) ** 2 + 6 * chance('gust', place, day)),
  };
}

/** `GET /v1?latitude=…&longitude=…&elevation=…&from=YYYY-MM-DD&days=N` */
export function forecastService(): Router {
  const router = Router();
  router.get('/v1', (req, res) => {
    const number = (name: string, low: number, high: number): number => {
      const raw = req.query[name];
      const value = typeof raw === 'string' && raw.trim() !== '' ? Number(raw) : NaN;
      if (!(value >= low && value <= high)) {
        throw new ApiError(
          400,
          'invalid',
          `${name}: expected a number from ${low} to ${high}, got "${String(raw)}"`,
        );
      }
      return value;
    };
    const latitude = number('latitude', -90, 90);
    const longitude = number('longitude', -180, 180);
    const elevationM = number('elevation', -500, 9000);
    const days = number('days', 1, MOST_DAYS);
    const from = req.query['from'];
    if (!isIsoDate(from))
      throw new ApiError(400, 'invalid', `from: expected a date such as "2027-05-10", got "${String(from)}"`);
    const answer: ForecastAnswer = {
      source: SOURCE,
      elevationM,
      days: Array.from({ length: Math.floor(days) }, (_v, i) =>
        simulatedDay(latitude, longitude, elevationM, addDays(from as string, i)),
      ),
    };
    res.json(answer);
  });
  return router;
}
