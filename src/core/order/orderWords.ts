import type { OrderMeasures } from './orderMeasures';

/** From these on an order is steep, or flat (from memory; the measure runs from 0 to 1). */
const STEEP = 0.6;
const FLAT = 0.3;
/** The usual level at which an order is told from chance. */
const TOLD = 0.05;
const FEW_ROUNDS_P = 0.001;

/** What the measures of an order say, in plain sentences. */
export function orderWords({
  steepness,
  linearity,
  kendall,
  unknownPairs,
}: OrderMeasures): readonly string[] {
  const said: string[] = [];
  if (steepness !== null)
    said.push(
      steepness >= STEEP
        ? `The order is steep (${steepness.toFixed(2)} of 1): those above nearly always win.`
        : steepness <= FLAT
          ? `The order is flat (${steepness.toFixed(2)} of 1): those below win often too.`
          : `The order is middling steep (${steepness.toFixed(2)} of 1).`,
    );
  if (linearity.p !== null && linearity.improvedH !== null)
    said.push(
      linearity.p <= TOLD
        ? `It is a line (h' ${linearity.improvedH.toFixed(2)}, p ${linearity.p < FEW_ROUNDS_P ? '< 0.001' : linearity.p.toFixed(3)}): so good a line seldom comes by chance.`
        : `It is not shown to be a line (h' ${linearity.improvedH.toFixed(2)}, p ${linearity.p.toFixed(2)}): chance alone makes such an order often enough.`,
    );
  else if (linearity.why) said.push(`Whether it is a line cannot be tested: ${linearity.why}.`);
  if (kendall.circularTriads > 0)
    said.push(
      `${Number(kendall.circularTriads.toFixed(2))} threes go round in a circle (ties and unknown pairs count in part).`,
    );
  if (unknownPairs > 0)
    said.push(
      `${unknownPairs === 1 ? 'One pair' : `${unknownPairs} pairs`} never met: their places rest on the others alone.`,
    );
  return said;
}
