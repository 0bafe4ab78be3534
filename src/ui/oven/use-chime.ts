'use client';
import { useEffect, useRef, useState } from 'react';

/** Two notes, the second higher [Hz, s]. */
const NOTES = [
  [660, 0],
  [880, 0.28],
] as const;
const LENGTH_S = 0.5;
const LOUD = 0.25;
/** Who does not come is called again after so long [ms]. */
const AGAIN_MS = 60_000;

/**
 * Rings when a call falls due, and again every minute until it is answered. Browsers let a page ring only after it was touched,
 * so sound is switched on by hand.
 *
 * @param call - what is due now, by name; null for nothing
 */
export function useChime(call: string | null): { readonly isOn: boolean; readonly toggle: () => void } {
  const audio = useRef<AudioContext | null>(null);
  const [isOn, setOn] = useState(false);
  useEffect(() => {
    if (call === null || !isOn) return;
    const ring = (): void => {
      if (audio.current) strike(audio.current);
    };
    ring();
    const timer = setInterval(ring, AGAIN_MS);
    return () => clearInterval(timer);
  }, [call, isOn]);
  return {
    isOn,
    toggle: () => {
      audio.current ??= new AudioContext();
      void audio.current.resume();
      if (!isOn) strike(audio.current);
      setOn(!isOn);
    },
  };
}

function strike(audio: AudioContext): void {
  for (const [hz, after_s] of NOTES) {
    const [tone, gain] = [audio.createOscillator(), audio.createGain()];
    const at = audio.currentTime + after_s;
    tone.frequency.value = hz;
    gain.gain.setValueAtTime(LOUD, at);
    gain.gain.exponentialRampToValueAtTime(0.001, at + LENGTH_S);
    tone.connect(gain).connect(audio.destination);
    tone.start(at);
    tone.stop(at + LENGTH_S);
  }
}
