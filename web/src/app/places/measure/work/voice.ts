import { Injectable, inject } from '@angular/core';
import { Preferences } from './bench-preferences';

const MARK_HERTZ = 880;
const COUNT_HERTZ = 523;
const TONE_SECONDS = 0.18;
const LOUDNESS = 0.15;

/** What the bench says and sounds; both only where the baker wants them. */
@Injectable({ providedIn: 'root' })
export class Voice {
  private readonly preferences = inject(Preferences).all;
  private audio: AudioContext | null = null;

  /** Reads a line aloud; what was being said is cut short. */
  say(words: string): void {
    if (!this.preferences().readAloud || !('speechSynthesis' in window)) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(words));
  }

  /** A high tone at the mark. */
  atMark(): void {
    this.sound(MARK_HERTZ);
  }

  /** A low one for a fill that was counted. */
  counted(): void {
    this.sound(COUNT_HERTZ);
  }

  private sound(hertz: number): void {
    if (!this.preferences().tone || !('AudioContext' in window)) return;
    this.audio ??= new AudioContext();
    const { currentTime, destination } = this.audio;
    const tone = new OscillatorNode(this.audio, { frequency: hertz });
    const volume = new GainNode(this.audio, { gain: LOUDNESS });
    volume.gain.exponentialRampToValueAtTime(0.001, currentTime + TONE_SECONDS);
    tone.connect(volume).connect(destination);
    tone.start();
    tone.stop(currentTime + TONE_SECONDS);
  }
}
