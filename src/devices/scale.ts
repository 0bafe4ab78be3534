/** One reading of a kitchen scale. */
export type ScaleReading = {
  /** Milliseconds on the clock of whoever reads. */
  readonly at_ms: number;
  /** What its display shows, in its own steps [g]. */
  readonly grams: number;
  /** True when the display has stopped moving. */
  readonly stable: boolean;
};

/** Any scale: a simulated one here, a driver with the same few words elsewhere. */
export type Scale = {
  /** The present reading; null while it is not connected. */
  read(now_ms: number): ScaleReading | null;
  tare(now_ms: number): void;
};
