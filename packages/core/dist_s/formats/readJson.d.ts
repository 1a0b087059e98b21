/**
 * @returns the value
 * @throws InvalidInputError with line and column where it is no JSON; where it nests deeper than anything that is read;
 *   where it is hardly anything but brackets
 */
export declare function readJson(text: string): unknown;
