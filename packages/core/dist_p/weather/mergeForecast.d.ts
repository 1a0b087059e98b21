/** Taking over a forecast without losing what the leader wrote. */
import { type DayWeather, type WeatherField } from '../trip/model.js';
/**
 * @param old what the trip has
 * @param fresh the new forecast by date
 * @returns every date of both, in order; values that the leader overwrote stay
 */
export declare function mergeForecast(old: readonly DayWeather[], fresh: readonly DayWeather[]): readonly DayWeather[];
/** The leader's own value for a date; a date without a forecast starts from mild guesses marked as the leader's. */
export declare function overwriteWeather(old: readonly DayWeather[], date: string, field: WeatherField, value: number): readonly DayWeather[];
