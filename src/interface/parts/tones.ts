import { createStore } from "zustand/vanilla";

/** Whether steps along a figure are sounded; off until somebody wants it. */
export const sounding = createStore<{ readonly on: boolean }>()(() => ({ on: false }));

/** In Hz: the foot and the head of the paper are two octaves apart. */
const [lowest, octaves] = [220, 2];
/** In s. */
const [lasts, fades] = [0.16, 0.03];
const [loud, soft] = [0.22, 0.1];

let context: AudioContext | undefined;

/** The browser's sounds, begun when they are first wanted; undefined where it has none. */
function sounds(): AudioContext | undefined {
  if (typeof AudioContext === "undefined") return undefined;
  context ??= new AudioContext();
  void context.resume();
  return context;
}

export const hasSounds = (): boolean => typeof AudioContext !== "undefined";

/** The pitch of a height on the paper, from 0 at its foot to 1 at its head; in Hz. */
export const pitchOf = (height: number): number =>
  lowest * 2 ** (octaves * Math.min(1, Math.max(0, height)));

function tone(on: AudioContext, pitch: number, at: number, loudness: number, shape: OscillatorType): OscillatorNode {
  const [voice, gain] = [on.createOscillator(), on.createGain()];
  voice.type = shape;
  voice.frequency.value = pitch;
  gain.gain.setValueAtTime(0, at);
  gain.gain.linearRampToValueAtTime(loudness, at + fades);
  gain.gain.setValueAtTime(loudness, at + lasts - fades);
  gain.gain.linearRampToValueAtTime(0, at + lasts);
  voice.connect(gain).connect(on.destination);
  voice.start(at);
  voice.stop(at + lasts);
  return voice;
} // prettier-ignore

/** A place to be heard: heights from 0 to 1 of the point, and of the line there. */
export interface Heard {
  readonly point: number;
  readonly line: number | undefined;
}

/** Sounds one place now. */
export function sound({ point, line }: Heard): void {
  const on = sounds();
  if (!on) return;
  tone(on, pitchOf(point), on.currentTime, loud, "sine");
  if (line !== undefined) tone(on, pitchOf(line), on.currentTime + lasts, soft, "triangle");
}

/** Sounds places one after the other, within so many s at most; returns how to stop. */
export function play(places: readonly Heard[], within: number, onEnd: () => void): () => void {
  const on = sounds();
  if (!on || places.length === 0) {
    onEnd();
    return () => undefined;
  }
  const apart = Math.min(0.3, within / places.length);
  const voices = places.flatMap(({ point, line }, i) => {
    const at = on.currentTime + 0.05 + i * apart;
    const own = tone(on, pitchOf(point), at, loud, "sine");
    return line === undefined ? [own] : [own, tone(on, pitchOf(line), at, soft, "triangle")];
  });
  const timer = setTimeout(onEnd, 1000 * (places.length * apart + lasts));
  return () => {
    clearTimeout(timer);
    for (const voice of voices) voice.stop();
    onEnd();
  };
}
