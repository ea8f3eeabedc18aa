import type { ReactElement } from 'react';
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { ArrivalsScreen } from '@/features/arrivals/ArrivalsScreen';
import '@/features/catalogue/SpeciesEditor';
import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';
import { CorrectDialog } from '@/features/diary/CorrectDialog';
import { StockScreen } from '@/features/stock/StockScreen';
import '@/session/react/ResidentDialog';
import '@/features/stock/GroupDialog';
import { TankDialog } from '@/features/today/TankDialog';
import { FromFish } from '@/features/today/FromFish';
import { US } from '@/words/en/quantities';
import { happened } from './happened';
import { demoIn, draw, editValues, SCREENS } from './demoScreens';

/** What keepers type into fields, whatever the field is for. */
const TYPED = ['2.5 in', '2,5', '78 F', '5 dH', '90 ppm', '75 gal', '3 ft 6', '1 1/2 in'] as const;

type Place = readonly [string, string, () => ReactElement, (() => unknown)?];

const press = (name: RegExp) => () => void fireEvent.click(screen.getAllByRole('button', { name })[0]!);

const ON = '2026-11-01T10:00:00.000Z';
const correct = (event: Parameters<typeof happened>[0]) => (
  <CorrectDialog event={happened(event)} onClose={() => {}} onCorrect={() => Promise.resolve(true)} />
);

const PLACES: readonly Place[] = [
  ...SCREENS,
  ['Add tank', '/', () => <TankDialog open onOpenChange={() => {}} />],
  ['Start with fish', '/', () => <FromFish open onOpenChange={() => {}} />],
  ['A group of the list', '/stock?tank=demo-fen', () => <StockScreen />, press(/^Change /)],
  [
    'Values of a species',
    '/catalogue?species=astronotus-ocellatus',
    () => <CatalogueScreen />,
    // The groups that hold measures; those of the others are plain text and numbers.
    () => editValues(/^(Water|Tank)/),
  ],
  ['An entry about a fish', '/arrivals?tank=demo-skerry', () => <ArrivalsScreen />, press(/^Add an entry/)],
  ['A correction of a test', '/', () => correct({ type: 'tested', on: ON })],
  [
    'A correction of a length',
    '/',
    () => correct({ type: 'measured', on: ON, resident: 'demo-amber', lengthCm: 5 }),
  ],
];

/** Fields to type into; searches filter what is shown and refuse nothing. */
const fieldsIn = (): readonly HTMLInputElement[] =>
  [...document.querySelectorAll<HTMLInputElement>('input:not([disabled])')].filter(
    ({ type, role }) => type === 'text' && role !== 'combobox',
  );

/** What is said at a field. */
const saidAt = (field: HTMLInputElement): string =>
  (field.getAttribute('aria-describedby') ?? '')
    .split(' ')
    .map((id) => document.getElementById(id)?.textContent ?? '')
    .join(' ')
    .trim();

const settle = (ms = 0): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
const pointed = (text: string): string => text.replace(',', '.');

/** Types into the field of this place and leaves it; what is wrong with the answer, if anything. */
async function fault(at: number, typed: string): Promise<string | null> {
  const field = fieldsIn()[at];
  if (!field) return 'the field is gone';
  // Labels are slow to find here: only the fields that fail are named.
  const name = (): string =>
    field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? `field ${at}`;
  await act(async () => {
    fireEvent.focus(field);
    fireEvent.input(field, { target: { value: typed } });
    fireEvent.blur(field);
    await settle(5);
  });
  const now = fieldsIn()[at];
  if (!now) return `${name()}: gone after “${typed}”`;
  const given = pointed(now.value).startsWith(pointed(typed));
  if (!given) return `${name()}: “${typed}” became “${now.value}”`;
  const wrong = now.getAttribute('aria-invalid') === 'true';
  if (wrong && !/[a-z]{3}/.test(saidAt(now))) return `${name()}: “${typed}” is refused without a word`;
  return null;
}

afterEach(() => window.history.replaceState(null, '', '/'));

describe('every field takes what is typed and gives it back, or says what it wants', () => {
  it.each(PLACES.map((place) => [place[0], place] as const))('%s', async (_name, [, address, make, open]) => {
    window.history.replaceState(null, '', address);
    draw(await demoIn(US), make());
    await act(() => settle(30));
    if (open) {
      await open();
      await act(() => settle(30));
    }
    const faults: string[] = [];
    for (let at = 0; at < fieldsIn().length; at += 1)
      for (const typed of TYPED) {
        const wrong = await fault(at, typed);
        if (wrong) faults.push(wrong);
      }
    expect(faults).toEqual([]);
    expect(screen.queryByText(/NaN|undefined/)).toBeNull();
    cleanup();
  });
});
