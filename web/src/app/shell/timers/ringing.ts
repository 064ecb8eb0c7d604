import { Injectable } from '@angular/core';

const HERTZ = [784, 988, 784];
const TONE_SECONDS = 0.22;
const LOUDNESS = 0.25;
const AGAIN_MILLISECONDS = 2000;

/** What is heard and seen of a timer that rings: tones, the title of the window, a notification. */
@Injectable({ providedIn: 'root' })
export class Ringing {
  private audio: AudioContext | null = null;
  private again: ReturnType<typeof setInterval> | null = null;
  private title: string | null = null;

  /** Browsers ask before they show notifications, and only when somebody has just clicked. */
  canAskToNotify(): boolean {
    return 'Notification' in window && Notification.permission === 'default';
  }

  async askToNotify(): Promise<void> {
    await Notification.requestPermission();
  }

  /** A click is what lets a page make sounds later. */
  prepare(): void {
    if ('AudioContext' in window) this.audio ??= new AudioContext();
  }

  start(name: string): void {
    if (this.again === null) {
      this.title = document.title;
      this.sound();
      this.again = setInterval(() => this.sound(), AGAIN_MILLISECONDS);
    }
    document.title = `⏰ ${name}`;
    this.notify(name);
  }

  private notify(name: string): void {
    if (!('Notification' in window) || Notification.permission !== 'granted') return;
    try {
      new Notification(name, { body: 'The time is up.', tag: name });
    } catch (error) {
      // Browsers of phones have notifications, but only for what runs without a window: sound and
      // title have to do there.
      if (!(error instanceof TypeError)) throw error;
    }
  }

  stop(): void {
    if (this.again === null) return;
    clearInterval(this.again);
    this.again = null;
    if (this.title !== null) document.title = this.title;
    this.title = null;
  }

  private sound(): void {
    this.prepare();
    if (!this.audio) return;
    void this.audio.resume();
    for (const [at, frequency] of HERTZ.entries()) {
      const from = this.audio.currentTime + at * TONE_SECONDS;
      const tone = new OscillatorNode(this.audio, { frequency });
      const volume = new GainNode(this.audio, { gain: 0 });
      volume.gain.setValueAtTime(LOUDNESS, from);
      volume.gain.exponentialRampToValueAtTime(0.001, from + TONE_SECONDS);
      tone.connect(volume).connect(this.audio.destination);
      tone.start(from);
      tone.stop(from + TONE_SECONDS);
    }
  }
}
