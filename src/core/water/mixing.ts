/**
 * Share of the first difference that is left after mixing in rounds.
 *
 * Adding v to V each round without discarding leaves V / (V + n v); discarding back to V each round (V / (V + v))^n.
 * Exact for whatever mixes linearly: temperature, TDS, hardness. pH does not. Domain: V > 0, v >= 0, n a whole number from 0.
 * @example mixingRemaining(10, 5, 2, true) // 0.444
 */
export function mixingRemaining(volume: number, added: number, rounds: number, discard: boolean): number {
  return discard ? (volume / (volume + added)) ** rounds : volume / (volume + rounds * added);
}
