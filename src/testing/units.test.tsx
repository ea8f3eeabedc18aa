import { act, cleanup } from '@testing-library/react';
import { METRIC, US } from '@/words/en/quantities';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';
import '@/features/catalogue/SpeciesEditor';
import { demoIn, draw, editValues, said, SCREENS } from './demoScreens';

/** Figures with a unit of the other system. Notes that a keeper or a profile wrote stay as they were written. */
/** Names of common tanks are names of the trade, whatever unit is in them. */
const TANK_NAMES = new RegExp(
  STANDARD_TANKS.map(({ name }) => name)
    .sort((a, b) => b.length - a.length)
    .join('|'),
  'g',
);

const METRIC_FIGURE = /\d\s?(cm|mm|°C|°dH|kg|L\/h|mg\/L|cm²|L)(?![\w/])/;
const US_FIGURE = /\d\s?(in(?! (all|\d))|ft|°F|lb|psf|sq in|US gal|gph)(?![\w/])/;

afterEach(() => window.history.replaceState(null, '', '/'));

describe.each([
  ['US', US, METRIC_FIGURE],
  ['metric', METRIC, US_FIGURE],
] as const)('in %s units', (_name, units, other) => {
  const strange = (container: HTMLElement): readonly string[] => {
    const lines = said(container);
    expect(lines.join('').length).toBeGreaterThan(40);
    return lines.filter((line) => other.test(line.replace(TANK_NAMES, '')));
  };
  it.each(SCREENS)('%s holds no figure of the other system', async (_screen, address, make) => {
    window.history.replaceState(null, '', address);
    const session = await demoIn(units);
    const { container } = draw(session, make());
    await act(async () => void (await new Promise((resolve) => setTimeout(resolve, 30))));
    expect(strange(container)).toEqual([]);
    cleanup();
  });

  it('all values of a species, in their editor, hold none', async () => {
    window.history.replaceState(null, '', '/catalogue?species=astronotus-ocellatus');
    draw(await demoIn(units), <CatalogueScreen />);
    await act(async () => void (await new Promise((resolve) => setTimeout(resolve, 30))));
    const dialog = await editValues(/./);
    expect(strange(dialog)).toEqual([]);
    expect(dialog.querySelectorAll('input').length).toBeGreaterThan(60);
    cleanup();
  });
});
