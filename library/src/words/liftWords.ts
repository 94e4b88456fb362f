/*
 * A caution about lifting a heavy dog.
 */
import { LOAD_CONSTANT_KG, tubLiftIndex } from '@loyal-mane/core';

/** "29 kg: a ramp, or two lift. ..."; empty for a dog that one person lifts (PUB-04). */
export function liftWords(weightKg: number): string {
  if (weightKg < LOAD_CONSTANT_KG) return '';
  const times = Math.round(tubLiftIndex(weightKg) * 10) / 10;
  return `${String(weightKg)} kg: a ramp, or two lift. Into a tub that is ${String(times)} times what one person should lift, and a dog moves.`;
}
