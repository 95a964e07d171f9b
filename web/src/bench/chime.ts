// A sound before glass is in danger, not after: two short tones, made here; no file, no network.

let audio: AudioContext | undefined;

/** Two tones, the second higher; quiet where the browser has no sound. */
export function chime(): void {
  if (typeof AudioContext === 'undefined') return;
  audio ??= new AudioContext();
  const context = audio;
  [660, 880].forEach((hertz, i) => {
    const tone = context.createOscillator();
    const loud = context.createGain();
    const at = context.currentTime + 0.18 * i;
    tone.frequency.value = hertz;
    loud.gain.setValueAtTime(0.0001, at);
    loud.gain.exponentialRampToValueAtTime(0.25, at + 0.02);
    loud.gain.exponentialRampToValueAtTime(0.0001, at + 0.16);
    tone.connect(loud).connect(context.destination);
    tone.start(at);
    tone.stop(at + 0.17);
  });
}
