import { adultLengthCm, isRough } from '../model';
import { finding } from './finding';
import type { Rule } from './rule';
import { figure } from '../wording';

/** Real turnovers an hour below which a stocked tank is short of filtration, and for large or rough stock (common practice; from memory). */
const LEAST = 2;
const LEAST_ROUGH = 3;
const HALF = 0.5;
const LARGE_CM = 15;

/** The filter's real turnover against the stock. Silent while nobody has said what filter there is. */
export const turnover: Rule = {
  name: 'turnover',
  about: 'the whole tank',
  judge: (context) => {
    const { tank, kinds } = context;
    const fish = kinds.filter((kind) => kind.profile.life === 'fish');
    if (tank.assumed.has('filterLph') || fish.length === 0) return [];
    const demanding = fish.filter((kind) => isRough(kind.profile) || adultLengthCm(kind.profile) >= LARGE_CM);
    const wanted = demanding.length > 0 ? LEAST_ROUGH : LEAST;
    const have = tank.figures.turnoverPerHour;
    if (have >= wanted) return [];
    const low = have < wanted * HALF && context.load.lengthRule > HALF;
    return [
      finding('turnover', {
        severity: low ? 'caution' : 'note',
        species: demanding.map((kind) => kind.profile.id),
        text: `The filter really turns the tank over ${figure(have)} times an hour; ${demanding.length > 0 ? 'large or rough stock wants' : 'stock like this wants'} ${wanted} or more.`,
        because: { turnoverPerHour: Number(have.toFixed(2)), wanted },
        fixes: [{ text: 'Use a larger filter, or a second one.' }],
        source: 'common practice; from memory',
      }),
    ];
  },
};
