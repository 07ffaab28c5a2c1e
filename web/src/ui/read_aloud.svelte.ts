// Reading aloud with the voices that the device has, and playing what was recorded. Nothing is sent anywhere.

/** The most letters that are spoken at once: some voices stop in the middle of more. */
const LONGEST = 180;

/** What is said at one go: sentences and lines, long ones parted between words. */
export function breaths(text: string): string[] {
  const sentences = text.split(/(?<=[.!?:;…])\s+|\n+/).map((sentence) => sentence.trim());
  return sentences.filter(Boolean).flatMap((sentence) => {
    const parts: string[] = [];
    let rest = sentence;
    while (rest.length > LONGEST) {
      const space = rest.lastIndexOf(" ", LONGEST);
      const end = space > 0 ? space : LONGEST;
      parts.push(rest.slice(0, end));
      rest = rest.slice(end).trim();
    }
    return [...parts, rest];
  });
}

/** What is heard at one go: a recording, where there is one, else words. */
export interface Said {
  /** What it is known by while it is heard. */
  name: string;
  text: string;
  language?: string | undefined;
  /** The address of a recording. */
  sound?: string | undefined;
}

export class ReadAloud {
  /** What is being heard, by the name it was given; nothing while all is quiet. */
  reading: string | null = $state(null);
  /** Whether the device has a voice. */
  able = $state(false);
  /** Rises with whatever is begun or stopped: what was begun before goes no further. */
  private turn = 0;
  private playing: HTMLAudioElement | undefined;

  constructor() {
    if (!("speechSynthesis" in window)) return;
    const look = () => (this.able = speechSynthesis.getVoices().length > 0);
    speechSynthesis.addEventListener("voiceschanged", look);
    look();
  }

  /** Read one after the other. */
  read(...all: readonly Said[]): void {
    this.stop();
    const turn = this.turn;
    const go = (at: number) => {
      if (turn !== this.turn) return;
      const said = all[at];
      this.reading = said?.name ?? null;
      if (said?.sound) this.play(said.sound, () => go(at + 1));
      else if (said) this.speak(said, () => go(at + 1));
    };
    go(0);
  }

  stop(): void {
    this.turn += 1;
    this.reading = null;
    this.playing?.pause();
    this.playing = undefined;
    if ("speechSynthesis" in window) speechSynthesis.cancel();
  }

  private play(address: string, then: () => void): void {
    const sound = new Audio(address);
    this.playing = sound;
    sound.onended = then;
    sound.onerror = then;
    void sound.play().catch(() => undefined); // told by its onerror, or stopped meanwhile
  }

  private speak({ text, language }: Said, then: () => void): void {
    const parts = breaths(text);
    if (!this.able || parts.length === 0) return then();
    const turn = this.turn;
    parts.forEach((part, i) => {
      const utterance = new SpeechSynthesisUtterance(part);
      if (language) utterance.lang = language;
      if (i === parts.length - 1) utterance.onend = then;
      utterance.onerror = () => turn === this.turn && this.stop();
      speechSynthesis.speak(utterance);
    });
  }
}
