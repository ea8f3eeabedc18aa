import { readFileSync } from 'node:fs';

const css = readFileSync('src/app/globals.css', 'utf8');
const [light = '', dark = ''] = [/:root \{([^}]*)\}/, /\.dark \{([^}]*)\}/].map(
  (block) => block.exec(css)?.[1] ?? '',
);
const colour = (theme: string, name: string): string => {
  const found = new RegExp(`--${name}: (#[0-9a-f]{6})`).exec(theme)?.[1];
  if (!found) throw new Error(`no --${name}`);
  return found;
};

/** Relative luminance and contrast as WCAG 2.2 defines them (section 5, Definitions). */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
function contrast(one: string, other: string): number {
  const [high = 0, low = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return (high + 0.05) / (low + 0.05);
}

describe.each([
  ['light', light],
  ['dark', dark],
])('the colours of the %s theme', (_name, theme) => {
  it.each(['paper', 'panel', 'water'])('draw borders of fields and buttons at 3:1 on %s', (ground) =>
    expect(contrast(colour(theme, 'edge'), colour(theme, ground))).toBeGreaterThanOrEqual(3),
  );
  it.each(['ink', 'slate', 'deep', 'kelp', 'lamp', 'buoy'])('write in %s at 4.5:1', (name) => {
    for (const ground of ['paper', 'panel'])
      expect(contrast(colour(theme, name), colour(theme, ground))).toBeGreaterThanOrEqual(4.5);
  });
});

it('knows the extremes: black on white is 21:1', () =>
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21));
