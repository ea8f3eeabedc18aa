/** How many bytes a block begins with, and takes more of at a time. */
const CHUNK = 16_384;
const WORD = 8;

/**
 * Arrays of numbers cut from one piece of memory, all 0 at first. An array with memory of its own costs twenty times as much to make, and a
 * search makes a hundred of them.
 *
 * @example
 * const block = new Block();
 * const [prices, items] = [block.reals(4), block.wholes(30)];
 */
export class Block {
  private memory = new ArrayBuffer(CHUNK);
  private next = 0;

  /** @param count how many numbers, from 0 */
  reals(count: number): Float64Array {
    const at = this.take(count * Float64Array.BYTES_PER_ELEMENT);
    return new Float64Array(this.memory, at, count);
  }

  /** @param count how many whole numbers of 32 bits, from 0 */
  wholes(count: number): Int32Array {
    const at = this.take(count * Int32Array.BYTES_PER_ELEMENT);
    return new Int32Array(this.memory, at, count);
  }

  /** @param count how many whole numbers from 0 to 255, from 0 */
  bytes(count: number): Uint8Array {
    const at = this.take(count);
    return new Uint8Array(this.memory, at, count);
  }

  /** Where so many bytes begin; each array begins at a whole word. */
  private take(bytes: number): number {
    if (this.next + bytes > this.memory.byteLength) {
      this.memory = new ArrayBuffer(Math.max(CHUNK, bytes));
      this.next = 0;
    }
    const at = this.next;
    this.next += Math.ceil(bytes / WORD) * WORD;
    return at;
  }
}
