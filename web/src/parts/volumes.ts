/*
 * Volumes as people measure them: milliliters and liters, or US fluid ounces and quarts.
 */

/** Systems of measure. */
export type Measure = 'metric' | 'us';

/** A US fluid ounce and quart in milliliters (exact by definition). */
const FLUID_OUNCE_ML = 29.5735295625;
const QUART_ML = 946.352946;
const LITER_ML = 1000;

/** "175 ml", "1.9 l"; "6 fl oz", "2 qt". Small volumes are told to what a cup can show. */
export function volumeWords(ml: number, measure: Measure): string {
  if (measure === 'us') {
    if (ml >= QUART_ML) return `${oneDigit(ml / QUART_ML)} qt`;
    return `${oneDigit(ml / FLUID_OUNCE_ML)} fl oz`;
  }
  if (ml >= LITER_ML) return `${String(Math.round(ml / 10) / 100)} l`;
  return `${String(ml < 20 ? Math.round(ml) : Math.round(ml / 5) * 5)} ml`;
}

const oneDigit = (n: number): string => String(Math.round(n * 10) / 10);

/** "22.0 °C"; "71.6 °F". */
export function degreesWords(celsius: number, measure: Measure): string {
  return measure === 'us' ? `${((celsius * 9) / 5 + 32).toFixed(1)} °F` : `${celsius.toFixed(1)} °C`;
}
