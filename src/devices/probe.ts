/** A thermometer with a needle in a piece and its box in the oven: what both read [°C]. */
export type ProbeReading = { readonly core_c: number; readonly air_c: number };

/** Any probe: a simulated one here, a driver with the same word elsewhere. Null while it is not connected. */
export type Probe = { read(now_ms: number): ProbeReading | null };
