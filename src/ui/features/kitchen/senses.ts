'use client';

import { useEffect } from 'react';

/** Three short tones; silent where the browser allows no sound yet. */
export function ring(): void {
  try {
    const audio = new AudioContext();
    [0, 0.35, 0.7].forEach((after) => {
      const tone = audio.createOscillator();
      const volume = audio.createGain();
      tone.frequency.value = 880;
      volume.gain.value = 0.25;
      tone.connect(volume).connect(audio.destination);
      tone.start(audio.currentTime + after);
      tone.stop(audio.currentTime + after + 0.2);
    });
    setTimeout(() => void audio.close(), 1500);
  } catch {
    // No sound device: the timer turns red all the same.
  }
}

export function speak(text: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(Object.assign(new SpeechSynthesisUtterance(text), { lang: 'en', rate: 0.95 }));
}

export function stopSpeaking(): void {
  if ('speechSynthesis' in window) window.speechSynthesis.cancel();
}

/** Keeps a propped-up screen lit, where the browser can. */
export function useScreenAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const hold = async () => {
      try {
        lock = await navigator.wakeLock?.request('screen');
        if (gone) await lock?.release();
      } catch {
        // Not allowed, low battery: nothing else depends on it.
      }
    };
    const again = () => document.visibilityState === 'visible' && void hold();
    void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release().catch(() => undefined);
    };
  }, []);
}
