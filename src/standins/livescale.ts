import { gaussian, seeded, seedFrom, type Random } from '@/core/random';

/** Signs a scale may write, and grams in each. */
const gramsIn = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 } as const;

export interface ScaleMood {
  /** Same seed, same scale and same hand. */
  readonly seed: string;
  readonly unit?: keyof typeof gramsIn;
  /** g, the smallest step it shows. */
  readonly step?: number;
  /** g/s with the can tipped as far as it goes. */
  readonly fastest?: number;
  /** s between a hand that stops and the stream that does. */
  readonly reaction?: number;
  /** g of noise, and g/s it creeps. */
  readonly noise?: number;
  readonly creep?: number;
}

/**
 * The simulated scale with a can held over its pot: it pours as far as the can is tipped, goes on a moment after the hand
 * has stopped, drips, swings before it rests, trembles and creeps. It says ten lines a second in the plain protocol.
 */
export class SimulatedScale {
  private readonly random: Random;
  private readonly unit: keyof typeof gramsIn;
  private readonly step: number;
  private readonly fastest: number;
  private readonly reaction: number;
  private readonly noise: number;
  private readonly creep: number;
  private clock = 0;
  private due = 0;
  private poured = 0;
  private tilt = 0;
  private hand = 0;
  private readonly asked: { readonly at: number; readonly to: number }[] = [];
  private readonly drops: { readonly at: number; readonly grams: number }[] = [];
  private shown = 0;
  private speed = 0;
  private crept = 0;
  private restedSince = 0;
  private lastSaid = 0;

  constructor({ seed, unit = 'g', step = 0.1, fastest = 35, reaction = 0.35, noise, creep = 0 }: ScaleMood) {
    this.random = seeded(seedFrom(seed));
    this.unit = unit;
    this.step = step;
    this.fastest = fastest * (1 + 0.1 * gaussian(this.random));
    this.reaction = reaction * (1 + 0.15 * gaussian(this.random));
    this.noise = noise ?? 0.4 * step;
    this.creep = creep;
  }

  /** How far the can is asked to be tipped, 0–1: the hand follows a moment later. */
  tip(to: number): void {
    this.asked.push({ at: this.clock + Math.max(this.reaction, 0.05), to });
  }

  /** g that truly are in the pot. */
  get truth(): number {
    return this.poured;
  }

  /** @returns the lines said in that time */
  pass(seconds: number): readonly string[] {
    const lines: string[] = [];
    const beat = 0.01;
    for (let gone = 0; gone < seconds - 1e-9; gone += beat) {
      this.clock += beat;
      while (this.asked[0] && this.asked[0].at <= this.clock) {
        const { to } = this.asked.shift() as { to: number };
        // A can that is set upright drips a little while.
        if (to < this.hand && to === 0)
          for (let drop = 0; drop < 2 + Math.floor(3 * this.random()); drop += 1)
            this.drops.push({
              at: this.clock + 0.25 + 1.2 * this.random(),
              grams: 0.04 + 0.1 * this.random(),
            });
        this.hand = to;
      }
      this.tilt += (this.hand - this.tilt) * Math.min(beat / 0.12, 1);
      if (this.tilt > 0.03) this.poured += this.fastest * this.tilt ** 1.5 * beat;
      for (let i = this.drops.length - 1; i >= 0; i -= 1) {
        const drop = this.drops[i];
        if (drop && drop.at <= this.clock) {
          this.poured += drop.grams;
          this.drops.splice(i, 1);
        }
      }
      this.crept += this.creep * beat;
      // The pan swings: a little past, and back.
      const pull = 90 * (this.poured - this.shown) - 15 * this.speed;
      this.speed += pull * beat;
      this.shown += this.speed * beat;
      this.due += beat;
      if (this.due >= 0.1 - 1e-9) {
        this.due = 0;
        lines.push(this.say());
      }
    }
    return lines;
  }

  private say(): string {
    const grams = this.shown + this.crept + this.noise * gaussian(this.random);
    const rounded = Math.round(grams / this.step) * this.step;
    if (Math.abs(rounded - this.lastSaid) > 1.5 * this.step) this.restedSince = this.clock;
    this.lastSaid = rounded;
    const rests = this.clock - this.restedSince > 0.9;
    const figures = Math.max(0, Math.ceil(-Math.log10(this.step / gramsIn[this.unit])));
    return `mass ${(rounded / gramsIn[this.unit]).toFixed(figures)} ${this.unit} ${rests ? 'steady' : 'moving'}`;
  }
}
