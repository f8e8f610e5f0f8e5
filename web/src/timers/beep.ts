import { useEffect } from 'react';

const AGAIN_MS = 1_500;

/** Two tones, again and again, while it is loud. */
export function useBeep(loud: boolean) {
  useEffect(() => {
    if (!loud || typeof AudioContext === 'undefined') {
      return;
    }
    const audio = new AudioContext();
    const beep = () => {
      [880, 660].forEach((hertz, index) => {
        const tone = audio.createOscillator();
        const volume = audio.createGain();
        tone.frequency.value = hertz;
        volume.gain.value = 0.2;
        tone.connect(volume).connect(audio.destination);
        tone.start(audio.currentTime + index * 0.25);
        tone.stop(audio.currentTime + index * 0.25 + 0.2);
      });
    };
    beep();
    const again = setInterval(beep, AGAIN_MS);
    return () => {
      clearInterval(again);
      void audio.close();
    };
  }, [loud]);
}
