/**
 * Chance that is the same for the same seed: sfc32 (Chris Doty-Humphrey, PractRand) for uniform numbers, the polar
 * method of Marsaglia for normal ones.
 */
export class SeededChance {
  private a: number;
  private b: number;
  private c: number;
  private counter = 1;
  private spare: number | undefined;

  constructor(seed: number) {
    this.a = seed | 0;
    this.b = Math.trunc(seed / 4_294_967_296) | 0;
    this.c = 0x9e3779b9 | 0;
    for (let turn = 0; turn < 15; turn++) this.bits();
  }

  private bits(): number {
    const sum = (((this.a + this.b) | 0) + this.counter) | 0;
    this.counter = (this.counter + 1) | 0;
    this.a = this.b ^ (this.b >>> 9);
    this.b = (this.c + (this.c << 3)) | 0;
    this.c = ((this.c << 21) | (this.c >>> 11)) + sum;
    this.c |= 0;
    return sum >>> 0;
  }

  /** Uniform on [0, 1) with 53 bits. */
  uniform(): number {
    return ((this.bits() >>> 5) * 67_108_864 + (this.bits() >>> 6)) / 9_007_199_254_740_992;
  }

  /** Normal with mean 0 and standard deviation 1. */
  normal(): number {
    if (this.spare !== undefined) {
      const kept = this.spare;
      this.spare = undefined;
      return kept;
    }
    for (;;) {
      const x = 2 * this.uniform() - 1;
      const y = 2 * this.uniform() - 1;
      const square = x * x + y * y;
      if (square >= 1 || square === 0) continue;
      const scale = Math.sqrt((-2 * Math.log(square)) / square);
      this.spare = y * scale;
      return x * scale;
    }
  }
}
