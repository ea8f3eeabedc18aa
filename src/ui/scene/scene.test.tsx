import { render, screen, waitFor } from '@testing-library/react';
import { catalogue } from '@/testing/plans';
import type { PlanTank } from '@/core/model';
import { GlassScene } from './GlassScene';
import { habitOf, sceneTank } from './sceneTank';

const tank: PlanTank = { lengthCm: 90, widthCm: 40, heightCm: 45, hides: { caves: 2 }, plants: 'some' };
const kuhlis = catalogue.byId.get('pangio-kuhlii')!;

/** How much an element enlarges what it shows. */
const scaleOf = (element: Element): number =>
  Math.abs(Number(/scale\((-?[\d.e-]+) /.exec(element.getAttribute('transform') ?? '')?.[1]));

describe('the glass', () => {
  it.each(['dress', 'list'] as const)(
    'draws each animal once as %s, used as often as there are',
    async (mode) => {
      const { container } = render(
        <GlassScene
          tank={sceneTank(tank, [], 'seed')}
          mode={mode}
          groups={[{ key: 'k', profile: kuhlis, count: 7, lengthCm: 8, colour: '#123456', planned: false }]}
          label="Seven loaches"
        />,
      );
      expect(screen.getByRole('img', { name: 'Seven loaches' })).toBeInTheDocument();
      const fish = () => container.querySelectorAll('g.plate > g:has(> use)');
      await waitFor(() => expect(fish()).toHaveLength(7));
      expect(container.querySelectorAll('path[fill="#123456"]')).toHaveLength(mode === 'list' ? 1 : 0);
      expect(screen.getByText(/^7 kuhli loach/)).toBeInTheDocument();
    },
  );
  it('moves and enlarges fish by their transforms alone when the date moves', async () => {
    const scene = sceneTank(tank, [], 'seed');
    const at = (lengthCm: number) => (
      <GlassScene
        tank={scene}
        groups={[
          { key: 'k', profile: kuhlis, count: 3, lengthCm, fromCm: 4, toCm: 8, colour: '', planned: false },
        ]}
        label="Loaches"
      />
    );
    const { container, rerender } = render(at(4));
    const fish = () => [...container.querySelectorAll('g.plate > g:has(> use)')];
    await waitFor(() => expect(fish()).toHaveLength(3));
    const before = fish();
    const small = scaleOf(before[0]!);
    rerender(at(8));
    await waitFor(() => expect(scaleOf(fish()[0]!)).toBeGreaterThan(small * 1.8));
    // The tank stands as it stood.
    expect(fish()[0]).toBe(before[0]);
  });
});

describe('a tank as its scene is drawn', () => {
  it('leaves out pieces of a map that is larger than the tank is now', () => {
    const pieces = [
      { kind: 'rock', x: 30, y: 20, lengthCm: 20, widthCm: 10 },
      { kind: 'rock', x: 150, y: 20, lengthCm: 20, widthCm: 10 },
    ];
    expect(sceneTank(tank, pieces, 's').pieces.map(({ x }) => x)).toEqual([30]);
  });
  it('takes a bare number of hides as caves, and nothing where nothing was said', () => {
    const plain = sceneTank({ lengthCm: 60, widthCm: 30, heightCm: 30, hides: 4 }, [], 's');
    expect(plain).toMatchObject({ caves: 4, shells: 0, plants: 'none', lightHours: 0 });
  });
});

it.each([
  ['paracheirodon-innesi', 'tight'],
  ['pangio-kuhlii', 'bottom'],
  ['neocaridina-davidi', 'perch'],
  ['lamprologus-ocellatus', 'cave'],
  ['carnegiella-strigata', 'surface'],
  ['potamotrygon-motoro', 'bottom'],
] as const)('%s keeps to its place: %s', (id, habit) => {
  expect(habitOf(catalogue.byId.get(id)!)).toBe(habit);
});
