import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { TankDialog } from '@/features/today/TankDialog';
import { FromFish } from '@/features/today/FromFish';
import { US } from '@/words/en/quantities';
import { demoIn, draw, SCREENS } from './demoScreens';

/** What keepers type into fields, whatever the field is for. */
const TYPED = ['2.5 in', '2,5', '78 F', '5 dH', '90 ppm', '75 gal', '3 ft 6', '1 1/2 in'] as const;

const PLACES: typeof SCREENS = [
  ...SCREENS,
  ['Add tank', '/', () => <TankDialog open onOpenChange={() => {}} />],
  ['Start with fish', '/', () => <FromFish open onOpenChange={() => {}} />],
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
  const name = field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? `field ${at}`;
  await act(async () => {
    fireEvent.focus(field);
    fireEvent.input(field, { target: { value: typed } });
    fireEvent.blur(field);
    await settle(5);
  });
  const now = fieldsIn()[at];
  if (!now) return `${name}: gone after “${typed}”`;
  const given = pointed(now.value).startsWith(pointed(typed));
  if (!given) return `${name}: “${typed}” became “${now.value}”`;
  const wrong = now.getAttribute('aria-invalid') === 'true';
  if (wrong && !/[a-z]{3}/.test(saidAt(now))) return `${name}: “${typed}” is refused without a word`;
  return null;
}

afterEach(() => window.history.replaceState(null, '', '/'));

describe('every field takes what is typed and gives it back, or says what it wants', () => {
  it.each(PLACES)('%s', async (_name, address, make) => {
    window.history.replaceState(null, '', address);
    draw(await demoIn(US), make());
    await act(() => settle(30));
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
