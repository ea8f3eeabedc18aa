const CELL = 2.5;
const MOST = 1.6;

/** A coarse grid that remembers what stands where: fish prefer open water. */
export class Clutter {
  private readonly columns: number;
  private readonly rows: number;
  private readonly busy: Float32Array;

  constructor(length: number, height: number) {
    this.columns = Math.max(1, Math.ceil(length / CELL));
    this.rows = Math.max(1, Math.ceil(height / CELL));
    this.busy = new Float32Array(this.columns * this.rows);
  }

  /** Something stands between two corners, so thick. */
  add(x0: number, y0: number, x1: number, y1: number, thick: number): void {
    const [left, right] = [
      Math.max(0, Math.floor(x0 / CELL)),
      Math.min(this.columns - 1, Math.floor(x1 / CELL)),
    ];
    const [top, bottom] = [
      Math.max(0, Math.floor(y0 / CELL)),
      Math.min(this.rows - 1, Math.floor(y1 / CELL)),
    ];
    for (let i = left; i <= right; i++)
      for (let j = top; j <= bottom; j++) {
        const at = j * this.columns + i;
        this.busy[at] = Math.min(MOST, (this.busy[at] ?? 0) + thick);
      }
  }

  at(x: number, y: number): number {
    const i = Math.min(this.columns - 1, Math.max(0, Math.floor(x / CELL)));
    const j = Math.min(this.rows - 1, Math.max(0, Math.floor(y / CELL)));
    return this.busy[j * this.columns + i] ?? 0;
  }
}
