// A sound before glass is in danger or somebody is wanted, not after: two short tones made here, and words where the system has a voice.
import { spokenHere } from '../words/language';

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

/** Says it with a voice of this system's own; silent where it has none. */
export function speakAloud(words: string): void {
  if (typeof speechSynthesis === 'undefined') return;
  // A voice elsewhere would need the network.
  const voice = speechSynthesis
    .getVoices()
    .find((v) => v.localService && v.lang.startsWith(spokenHere()));
  if (!voice) return;
  const said = new SpeechSynthesisUtterance(words);
  said.voice = voice;
  speechSynthesis.speak(said);
}
