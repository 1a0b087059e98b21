/** Asking a forecast service, the simulated one or a real one behind the same protocol. */
import { array, number, object, string } from 'yup';
import { isIsoDate, schemaErrors, type DayWeather, type ForecastAnswer, type Place } from '@graft/core';
import { ApiError } from '../http/apiError.js';

const TIMEOUT_MS = 5000;

const inRange = (low: number, high: number) => number().strict().min(low).max(high).required();
const answerSchema = object({
  source: string().strict().min(1).max(200).required(),
  elevationM: inRange(-500, 9000),
  days: array(
    object({
      date: string().strict().required().test('iso-date', 'expected a date', isIsoDate),
      dayC: inRange(-60, 60),
      nightC: inRange(-60, 60),
      rainChance: inRange(0, 1),
      windKmh: inRange(0, 300),
    }),
  )
    .strict()
    .required(),
});

/**
 * @param serviceUrl where the service's `/v1` is
 * @throws ApiError 502 that says what the service did, when it does not answer as it should
 */
export async function fetchForecast(
  serviceUrl: string,
  place: Place,
  from: string,
  days: number,
): Promise<readonly DayWeather[]> {
  const query = new URLSearchParams({
    latitude: String(place.latitudeDeg),
    longitude: String(place.longitudeDeg),
    elevation: String(place.valleyElevationM),
    from,
    days: String(days),
  });
  const unavailable = (what: string): ApiError =>
    new ApiError(502, 'unavailable', `The forecast service ${what}. Values can be entered by hand.`);
  let body: unknown;
  try {
    const response = await fetch(`${serviceUrl}/v1?${query.toString()}`, {
      signal: AbortSignal.timeout(TIMEOUT_MS),
    });
    if (!response.ok) throw unavailable(`answered with status ${response.status}`);
    body = await response.json();
  } catch (error) {
    if (error instanceof ApiError) throw error;
    const timedOut = error instanceof DOMException && error.name === 'TimeoutError';
    throw unavailable(timedOut ? `did not answer within ${TIMEOUT_MS / 1000} s` : 'cannot be reached');
  }
  const [error] = schemaErrors(answerSchema, body);
  if (error !== undefined)
    throw unavailable(`answered with something else (${error.path}: ${error.message})`);
  const answer = body as ForecastAnswer;
  return answer.days.map(({ date, ...values }) => ({
    id: date,
    ...values,
    byLeader: [],
    source: answer.source,
  }));
}
