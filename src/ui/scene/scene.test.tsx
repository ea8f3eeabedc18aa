import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { catalogue } from '@/testing/plans';
import type { PlanTank } from '@/core/model';
import { GlassScene } from './GlassScene';
import { habitOf, sceneTank } from './sceneTank';

const tank: PlanTank = { lengthCm: 90, widthCm: 40, heightCm: 45, hides: { caves: 2 }, plants: 'some' };
const kuhlis = catalogue.byId.get('pangio-kuhlii')!;

/** A page of 960 by 520 px whose canvas keeps what is filled on it. */
function pageWithCanvas() {
  const fills: { readonly colour: string; readonly scale: number; readonly alpha: number }[] = [];
  let scale = 1;
  const context: Record<string, unknown> = {
    canvas: { width: 960, height: 520 },
    fillStyle: '',
    globalAlpha: 1,
    clearRect: () => fills.splice(0),
    scale: (_: number, y: number) => (scale = y),
    fill: () =>
      fills.push({
        colour: String(context['fillStyle']),
        alpha: Number(context['globalAlpha']),
        scale,
      }),
  };
  for (const quiet of ['setTransform', 'save', 'restore', 'translate', 'rotate', 'beginPath', 'rect', 'clip'])
    context[quiet] = () => undefined;
  jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue(context as never);
  const box = { width: 960, height: 520 };
  jest.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue({
    ...box,
    left: 0,
    top: 0,
  } as DOMRect);
  jest.spyOn(window, 'ResizeObserver').mockImplementation(
    (tell) =>
      ({
        observe: () => tell([{ contentRect: box } as ResizeObserverEntry], {} as ResizeObserver),
        disconnect: () => undefined,
      }) as unknown as ResizeObserver,
  );
  Object.assign(window, { Path2D: class {} });
  return fills;
}

afterEach(() => jest.restoreAllMocks());

const group = { key: 'k', profile: kuhlis, count: 7, lengthCm: 8, colour: '#123456', planned: false };

describe('the glass', () => {
  it('paints each animal once, in the colour of the list', async () => {
    const fills = pageWithCanvas();
    render(
      <GlassScene tank={sceneTank(tank, [], 'seed')} mode="list" groups={[group]} label="Seven loaches" />,
    );
    expect(
      screen.getByRole('img', { name: 'Seven loaches; 0 at the top, 0 mid-water, 7 at the bottom' }),
    ).toBeInTheDocument();
    await waitFor(() => expect(fills).toHaveLength(7));
    expect(new Set(fills.map(({ colour }) => colour))).toEqual(new Set(['#123456']));
  });

  it('enlarges the fish when the date moves, and lets the tank stand', async () => {
    const fills = pageWithCanvas();
    const scene = sceneTank(tank, [], 'seed');
    const at = (lengthCm: number) => (
      <GlassScene
        tank={scene}
        mode="list"
        groups={[{ ...group, lengthCm, fromCm: 4, toCm: 8 }]}
        label="Loaches"
      />
    );
    const { container, rerender } = render(at(4));
    await waitFor(() => expect(fills).toHaveLength(7));
    const small = fills.map(({ scale }) => scale);
    const drawing = container.querySelector('svg')?.innerHTML;
    rerender(at(8));
    fills.forEach(({ scale }, i) => expect(scale / small[i]!).toBeGreaterThan(1.8));
    expect(container.querySelector('svg')?.innerHTML).toBe(drawing);
  });

  it('lights the group that is pressed and lets the others step back', async () => {
    const fills = pageWithCanvas();
    const scene = sceneTank(tank, [], 'seed');
    function Page() {
      const [lit, setLit] = useState<string | null>(null);
      return (
        <GlassScene
          tank={scene}
          mode="list"
          groups={[group, { ...group, key: 'l', count: 2, colour: '#654321', lengthCm: 9 }]}
          lit={lit}
          onLight={setLit}
          label="Loaches"
        />
      );
    }
    const { container } = render(<Page />);
    await waitFor(() => expect(fills).toHaveLength(9));
    expect(fills.every(({ alpha }) => alpha === 1)).toBe(true);
    const canvas = container.querySelector('canvas')!;
    // A loach is somewhere on the ground.
    for (let x = 40; x < 920 && !canvas.title; x += 12)
      for (let y = 500; y > 380 && !canvas.title; y -= 12)
        fireEvent.click(canvas, { clientX: x, clientY: y });
    expect(canvas.title).toMatch(/^[27] kuhli loach/);
    expect(new Set(fills.map(({ alpha }) => alpha))).toEqual(new Set([1, 0.18]));
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
