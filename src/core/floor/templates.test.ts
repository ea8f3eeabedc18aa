import { TEMPLATES, templateOf, type Template } from './templates';

/** Pieces in short: kind, middle from the left pane and the front glass, length and width, turn; cm and degrees. */
const laid = (name: Template, lengthCm: number, widthCm: number): readonly string[] =>
  templateOf(name, lengthCm, widthCm).map((one) =>
    [one.kind, one.x, one.y, one.lengthCm, one.widthCm, ...(one.turned ? [one.turned] : [])].join(' '),
  );

it.each<[Template, number, number, readonly string[]]>([
  [
    'rock wall',
    120,
    45,
    [
      'rock 12 34 25 19',
      'rock 36 36 25 19',
      'rock 60 34 25 19',
      'rock 84 36 25 19',
      'rock 108 34 25 19',
      'cave 42 22 13 11',
      'cave 78 23 13 11',
    ],
  ],
  [
    'rock wall',
    60,
    60,
    ['rock 10 46 21 12', 'rock 30 47 21 12', 'rock 50 46 21 12', 'cave 21 30 8 7', 'cave 39 30 8 7'],
  ],
  [
    'two reefs',
    120,
    45,
    [
      'rock 26 28 24 19',
      'rock 18 16 14 13',
      'cave 35 18 12 11',
      'rock 94 28 24 19',
      'rock 102 16 14 13',
      'cave 85 18 12 11',
    ],
  ],
  [
    'open middle',
    120,
    45,
    [
      'wood 14 27 22 5 50',
      'plant 9 37 17 12',
      'rock 20 15 10 9',
      'wood 106 27 22 5 130',
      'plant 111 37 17 12',
      'rock 100 15 10 9',
    ],
  ],
  [
    'planted back',
    120,
    45,
    [
      'plant 12 37 18 11',
      'plant 36 38 18 11',
      'plant 60 37 18 11',
      'plant 84 38 18 11',
      'plant 108 37 18 11',
      'wood 43 23 29 5 20',
      'rock 82 18 12 10',
    ],
  ],
  [
    'planted back',
    60,
    30,
    ['plant 10 25 18 7', 'plant 30 25 18 7', 'plant 50 25 18 7', 'wood 22 15 14 3 20', 'rock 41 12 6 7'],
  ],
])('the template %s on %d by %d cm is laid out so', (name, lengthCm, widthCm, pieces) =>
  expect(laid(name, lengthCm, widthCm)).toEqual(pieces),
);

it.each(TEMPLATES)(
  'no piece of the template %s stands through the glass by more than a centimetre',
  (name) => {
    for (const [lengthCm, widthCm] of [
      [60, 30],
      [120, 45],
      [240, 60],
      [90, 90],
    ] as const)
      for (const { kind, x, y, lengthCm: long, widthCm: deep, turned } of templateOf(
        name,
        lengthCm,
        widthCm,
      )) {
        const at = (turned * Math.PI) / 180;
        const [c, s] = [Math.abs(Math.cos(at)), Math.abs(Math.sin(at))];
        const [overX, overY] = [(long * c + deep * s) / 2, (long * s + deep * c) / 2];
        const out = Math.max(overX - x, x + overX - lengthCm, overY - y, y + overY - widthCm);
        expect(out > 1 ? `${kind} of ${lengthCm} by ${widthCm} cm: ${out}` : '').toBe('');
      }
  },
);
