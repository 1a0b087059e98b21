/** Asking a forecast service, the simulated one or a real one behind the same protocol. */
import { array, number, object, string } from 'yup';
import type { ForecastAnswer } from '@graft/core/api';
import { isIsoDate } from '@graft/core/schema';
import type { DayWeather, Place } from '@graft/core/trip';
import { outsideService } from '../http/outsideService.js';

const service = outsideService('forecast service', 'Values can be entered by hand.', 5000);

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
  const answer = await service.read<ForecastAnswer>(`${serviceUrl}/v1?${query.toString()}`, answerSchema);
  return answer.days.map(({ date, ...values }) => ({
    id: date,
    ...values,
    byLeader: [],
    source: answer.source,
  }));
}
