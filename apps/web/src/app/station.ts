/** A stop of the line of stations, with the figure that tells the state of the plan there. */
export interface Station {
  readonly path: string;
  readonly name: string;
  readonly figure: string;
  readonly alarm: boolean;
}
