/** What a keeper measures. The core calculates in cm, cm², L, °C, °dH, mg/L, kg, L/h and ppt: the unit with factor 1. */
export type QuantityKind =
  'length' | 'area' | 'volume' | 'temperature' | 'hardness' | 'concentration' | 'mass' | 'flow' | 'salinity';

export interface UnitDefinition {
  readonly id: string;
  readonly kind: QuantityKind;
  /** What the screens print after a number. */
  readonly label: string;
  /** Spellings a keeper may type, lower case, without spaces or full stops. */
  readonly spellings: readonly string[];
  /** core value = typed value x factor + offset */
  readonly factor: number;
  readonly offset: number;
}

/** Litres in a US gallon, exact. Source: NIST SP 811, appendix B. */
export const LITRES_PER_US_GALLON = 3.785411784;
/** Litres in an imperial gallon, exact. Source: NIST SP 811, appendix B. */
export const LITRES_PER_IMPERIAL_GALLON = 4.54609;
/** Centimetres in an inch, exact. Source: NIST SP 811, appendix B. */
export const CM_PER_INCH = 2.54;
/** Kilograms in a pound, exact. Source: NIST SP 811, appendix B. */
export const KG_PER_POUND = 0.45359237;
/** mg/L as CaCO3 in one German degree: 10 mg/L CaO by the molar masses 100.0869 and 56.0774. */
export const MG_CACO3_PER_DH = (10 * 100.0869) / 56.0774;

const unit = (
  id: string,
  kind: QuantityKind,
  label: string,
  spellings: readonly string[],
  factor: number,
  offset = 0,
): UnitDefinition => ({ id, kind, label, spellings: [id.toLowerCase(), ...spellings], factor, offset });

export const UNITS: readonly UnitDefinition[] = [
  unit('cm', 'length', 'cm', ['centimetre', 'centimetres', 'centimeter', 'centimeters'], 1),
  unit('mm', 'length', 'mm', ['millimetre', 'millimetres', 'millimeter', 'millimeters'], 0.1),
  unit('m', 'length', 'm', ['metre', 'metres', 'meter', 'meters'], 100),
  unit('in', 'length', 'in', ['inch', 'inches', '"', '″', '”', "''"], CM_PER_INCH),
  unit('ft', 'length', 'ft', ['foot', 'feet', "'", '′', '’'], 12 * CM_PER_INCH),
  unit('cm²', 'area', 'cm²', ['sqcm', 'squarecm', 'squarecentimetres', 'squarecentimeters'], 1),
  unit('sq in', 'area', 'sq in', ['sqin', 'in²', 'squarein', 'squareinches'], CM_PER_INCH ** 2),
  unit('sq ft', 'area', 'sq ft', ['sqft', 'ft²', 'squarefeet'], (12 * CM_PER_INCH) ** 2),
  unit('L', 'volume', 'L', ['l', 'litre', 'litres', 'liter', 'liters'], 1),
  unit(
    'gal',
    'volume',
    'US gal',
    ['usgal', 'usg', 'gallon', 'gallons', 'usgallon', 'usgallons', 'gals'],
    LITRES_PER_US_GALLON,
  ),
  unit(
    'impgal',
    'volume',
    'imp gal',
    ['ukgal', 'ukgallon', 'ukgallons', 'imperialgallon', 'imperialgallons', 'imperialgal', 'impgallons'],
    LITRES_PER_IMPERIAL_GALLON,
  ),
  unit('C', 'temperature', '°C', ['°c', 'degc', 'celsius'], 1),
  unit('F', 'temperature', '°F', ['°f', 'degf', 'fahrenheit'], 1 / 1.8, -32 / 1.8),
  unit('dH', 'hardness', '°dH', ['°dh', 'dgh', 'dkh', '°dgh', '°dkh', 'gh', 'kh', 'degdh'], 1),
  unit('ppmCaCO3', 'hardness', 'ppm', ['ppm', 'mg/l', 'mgl'], 1 / MG_CACO3_PER_DH),
  unit('mg/L', 'concentration', 'mg/L', ['mgl'], 1),
  unit('ppm', 'concentration', 'ppm', [], 1),
  unit('kg', 'mass', 'kg', ['kilogram', 'kilograms', 'kilo'], 1),
  unit('g', 'mass', 'g', ['gram', 'grams'], 0.001),
  unit('lb', 'mass', 'lb', ['lbs', 'pound', 'pounds'], KG_PER_POUND),
  unit('L/h', 'flow', 'L/h', ['lph', 'lh', 'l/hr', 'l/hour'], 1),
  unit('gph', 'flow', 'US gal/h', ['gal/h', 'usgph', 'gal/hr'], LITRES_PER_US_GALLON),
  unit('ppt', 'salinity', 'ppt', ['g/l', 'gl', '‰', 'psu'], 1),
];

/** The definition of a unit id of one kind. Throws for an id that is not of the kind (a programmer's mistake). */
export function unitById(kind: QuantityKind, id: string): UnitDefinition {
  const found = UNITS.find((candidate) => candidate.kind === kind && candidate.id === id);
  if (!found) throw new Error(`No unit "${id}" of kind ${kind}`);
  return found;
}
