import type { Browser } from './browser';

/** A thumb on a phone: it taps and drags, types figures on the pad, and every touch is counted by stage of the work. */
export class Thumb {
  readonly counts = new Map<string, number>();
  private stage = '';

  constructor(private readonly browser: Browser) {}

  begin(stage: string): void {
    this.stage = stage;
    this.counts.set(stage, 0);
  }

  get total(): number {
    return [...this.counts.values()].reduce((sum, count) => sum + count, 0);
  }

  /** Taps by stage, in one line. */
  get inWords(): string {
    return `${[...this.counts].map(([stage, count]) => `${stage} ${count}`).join(', ')}: ${this.total} taps`;
  }

  async tap(id: string): Promise<void> {
    this.counted(1);
    await this.browser.tap(id);
  }

  /** Taps the choice with these words. */
  async choose(id: string, words: string): Promise<void> {
    this.counted(1);
    await this.browser.choose(id, words);
  }

  async draw(id: string, dx: number, dy: number): Promise<void> {
    this.counted(1);
    await this.browser.drag(id, dx, dy);
  }

  /**
   * Types a figure into a field on the pad, digit by digit; the field is tapped only where it does not have the focus yet. Goes on
   * with the pad's own key.
   */
  async figure(id: string, digits: string): Promise<void> {
    await this.typed(id, digits);
    await this.tap('pad-next');
    // the pad goes on by itself, a frame or two later: a thumb that does not wait for it would tap in vain
    await this.browser.movedOn(id);
  }

  /** Types the last figure that a card is to have: it is recorded with the fields after it left empty. */
  async lastFigure(id: string, digits: string): Promise<void> {
    await this.typed(id, digits);
    await this.tap('pad-record');
    await this.browser.movedOn(id);
  }

  private async typed(id: string, digits: string): Promise<void> {
    await this.browser.find(id);
    if ((await this.browser.focused()) !== id) await this.tap(id);
    await this.browser.find('figure-pad');
    for (const digit of digits) {
      this.counted(1);
      await this.browser.tapKey(digit);
    }
  }

  /** Words are typed on the phone's own keyboard: the tap that opens it is counted, its letters are not. */
  async words(id: string, words: string): Promise<void> {
    this.counted(1);
    await this.browser.type(id, words);
  }

  /** The same where each letter counts: on a small keyboard every one of them is a touch. */
  async letters(id: string, words: string): Promise<void> {
    this.counted(1 + words.length);
    await this.browser.type(id, words);
  }

  private counted(taps: number): void {
    this.counts.set(this.stage, (this.counts.get(this.stage) ?? 0) + taps);
  }
}
