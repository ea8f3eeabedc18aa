import { path, tone } from '../ink';
import { leaves } from '../shapes';
import { Trace } from '../trace';
import { green, type Plant } from './plant';

/** A rosette of broad leaves on stalks, spread over so many degrees. */
const rosette =
  (spread: number, widest: number): Plant =>
  (setup, roll, { x, z, shade, high }) => {
    const { ground, steps, isSmall, hair, clutter } = setup;
    const n = isSmall ? 5 : 9;
    const y = ground.floor(x, z);
    const drawn = Array.from({ length: n }, (_, i) => {
      const t = i / (n - 1) - 0.5 + (roll() - 0.5) * 0.12;
      const towards = 90 - t * spread;
      const length = high * (1 - Math.abs(t) * 0.5) * (0.66 + roll() * 0.42);
      const stalk = 0.32 + roll() * 0.08;
      const a = (towards * Math.PI) / 180;
      const [bx, by] = [x + Math.cos(a) * length * stalk, y - Math.sin(a) * length * stalk];
      const blade = leaves(steps, isSmall, [
        {
          at: [bx, by],
          towards: towards - t * 8,
          length: length * (1 - stalk),
          width: Math.min(length * 0.13, widest),
          sag: (t * length * -0.5 * spread) / 116,
          wide: 0.45,
        },
      ]);
      const line = new Trace(steps).move([x, y]).line([bx, by]);
      return {
        near: Math.abs(t) + roll() * 0.3,
        art:
          path(setup, blade, green(setup, shade)) +
          path(setup, `${line}`, {
            fill: 'none',
            stroke: tone('green-line'),
            'stroke-width': hair * 0.8,
            'stroke-opacity': 0.5,
          }),
      };
    });
    clutter.add(x - high * 0.5, y - high * 0.8, x + high * 0.5, y, 0.25 + shade * 0.12);
    return drawn
      .sort((a, b) => a.near - b.near)
      .map(({ art }) => art)
      .join('');
  };

/** Sword plants. */
export const swords = rosette(116, 2.8);
/** Tall narrow rosettes on which fish spawn. */
export const tallSwords = rosette(46, 1.7);
