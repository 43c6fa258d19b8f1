/** Two short tones a second apart, and a shake, where the device lets a page do that; nothing where it does not. */
export function tellOver(): void {
  const device = globalThis.navigator as { vibrate?: (pattern: number[]) => boolean } | undefined;
  device?.vibrate?.([400, 200, 400]);
  const { AudioContext: Sound } = globalThis as { AudioContext?: typeof AudioContext };
  if (!Sound) return;
  try {
    const sound = new Sound();
    for (const at of [0, 1]) {
      const tone = sound.createOscillator();
      tone.frequency.value = 880;
      tone.connect(sound.destination);
      tone.start(sound.currentTime + at);
      tone.stop(sound.currentTime + at + 0.4);
      if (at === 1) tone.onended = () => void sound.close();
    }
  } catch {
    // a browser may refuse sound before the page was touched: the bar says it all the same
  }
}
