/** Density of air against sea level: (1 − 6.8754e-6 × feet)^5.2559, the standard atmosphere. */
export const airDensity = (feet: number): number => (1 - 6.8754e-6 * feet) ** 5.2559;

/** Btu an hour that a cubic foot a minute of sea-level air carries for each °F. */
export const SENSIBLE = 1.08;
/** Airflow of a cooling plant unless it is known, ft³/min for each ton. */
export const USUAL_AIRFLOW = 400;
/** Btu an hour of a ton of cooling. */
export const TON = 12_000;

/** Saturation vapour pressure over water, hPa, at °C (Magnus, WMO); below freezing over ice. */
export const saturation = (celsius: number): number =>
  celsius < 0
    ? 6.112 * Math.exp((22.46 * celsius) / (272.62 + celsius))
    : 6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius));
