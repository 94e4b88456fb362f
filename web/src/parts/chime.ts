/*
 * A short sound of two notes, for a wet room in which nobody looks at the screen. Browsers play it once somebody has touched the
 * page; a device without sound, or without the right to it, stays silent.
 */

const NOTES_HZ = [660, 880] as const;
const NOTE_S = 0.22;
const LOUDNESS = 0.25;

type AudioMaker = new () => AudioContext;

/** Plays the sound; false where the device cannot. */
export function chime(): boolean {
  const Maker = (window as { AudioContext?: AudioMaker }).AudioContext;
  if (Maker === undefined) return false;
  try {
    const audio = new Maker();
    const last = NOTES_HZ.map((hz, k) => tone(audio, hz, audio.currentTime + k * NOTE_S)).at(-1);
    last?.addEventListener('ended', () => void audio.close());
    return true;
  } catch {
    return false;
  }
}

function tone(audio: AudioContext, hz: number, at: number): OscillatorNode {
  const [note, volume] = [audio.createOscillator(), audio.createGain()];
  note.frequency.value = hz;
  volume.gain.setValueAtTime(LOUDNESS, at);
  volume.gain.linearRampToValueAtTime(0, at + NOTE_S);
  note.connect(volume).connect(audio.destination);
  note.start(at);
  note.stop(at + NOTE_S);
  return note;
}
