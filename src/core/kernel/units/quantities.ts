declare const unit: unique symbol;

/**
 * A number of one unit. A plain number is taken, and arithmetic gives a plain number back; a value of another unit is
 * refused by the compiler: centimetres given where millimetres are wanted do not compile.
 */
export type In<U extends string> = number & { readonly [unit]?: U };

export type Cm = In<'cm'>;
export type Mm = In<'mm'>;
export type Cm2 = In<'cm²'>;
export type Litres = In<'L'>;
export type Celsius = In<'°C'>;
/** German degrees of hardness. */
export type Dh = In<'°dH'>;
export type MgL = In<'mg/L'>;
export type Ppt = In<'ppt'>;
export type Kg = In<'kg'>;
/** Litres an hour. */
export type Lph = In<'L/h'>;
export type KPa = In<'kPa'>;
/** Pounds on a square foot. */
export type Psf = In<'psf'>;

/** Units that files keep quantities in; the word after "in" where a value is asked for. */
export type KeptUnit = 'cm' | 'mm' | 'cm²' | 'L' | '°C' | '°dH' | 'mg/L' | 'ppt' | 'L/h';
