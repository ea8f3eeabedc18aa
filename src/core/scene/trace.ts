/** A place in the tank: cm from the left pane, cm down from the rim. */
export type Spot = readonly [x: number, y: number];
/** A place with the width of what is drawn there. */
export type WideSpot = readonly [x: number, y: number, width: number];

const number = (v: number, isFirst: boolean): string => (isFirst || v < 0 ? String(v) : ` ${v}`);

/** Writes one path in whole steps, each told from where the one before ends. Places are in cm. */
export class Trace {
  private text = '';
  private x = 0;
  private y = 0;

  /** @param steps whole steps a cm */
  constructor(private readonly steps: number) {}

  private go(command: string, places: readonly Spot[]): this {
    const ends = places.map(([x, y]) => [Math.round(x * this.steps), Math.round(y * this.steps)] as const);
    this.text +=
      command +
      ends
        .flatMap(([x, y]) => [x - this.x, y - this.y])
        .map((v, i) => number(v, i === 0))
        .join('');
    const last = ends[ends.length - 1];
    if (last) [this.x, this.y] = last;
    return this;
  }

  /** A move is told from the corner of the drawing, so that runs can stand in one path in any order. */
  move(to: Spot): this {
    [this.x, this.y] = [Math.round(to[0] * this.steps), Math.round(to[1] * this.steps)];
    this.text += `M${number(this.x, true)}${number(this.y, false)}`;
    return this;
  }
  line(...to: readonly Spot[]): this {
    for (const one of to) this.go('l', [one]);
    return this;
  }
  quad(handle: Spot, to: Spot): this {
    return this.go('q', [handle, to]);
  }
  cubic(a: Spot, b: Spot, to: Spot): this {
    return this.go('c', [a, b, to]);
  }
  close(): this {
    this.text += 'z';
    return this;
  }
  /** A dot: a stroke without length. */
  dot(at: Spot): this {
    this.move(at);
    this.text += 'h0';
    return this;
  }

  /** A smooth run through places, from the first of them. */
  through(places: readonly Spot[], isFirst = true): this {
    const at = (i: number): Spot => places[Math.min(places.length - 1, Math.max(0, i))] as Spot;
    if (isFirst) this.move(at(0));
    else this.line(at(0));
    for (let i = 0; i + 1 < places.length; i++) {
      const [a, b, c, e] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
      this.cubic(
        [b[0] + (c[0] - a[0]) / 6, b[1] + (c[1] - a[1]) / 6],
        [c[0] - (e[0] - b[0]) / 6, c[1] - (e[1] - b[1]) / 6],
        c,
      );
    }
    return this;
  }

  toString(): string {
    return this.text;
  }
}
