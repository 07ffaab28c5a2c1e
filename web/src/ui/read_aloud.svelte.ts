// Reading aloud with the voices that the device has. Nothing is sent anywhere.

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

export class ReadAloud {
  /** What is being read, by the name it was given; nothing while all is quiet. */
  reading: string | null = $state(null);
  /** Whether the device has a voice. */
  able = $state(false);

  constructor() {
    if (!("speechSynthesis" in window)) return;
    const look = () => (this.able = speechSynthesis.getVoices().length > 0);
    speechSynthesis.addEventListener("voiceschanged", look);
    look();
  }

  read(name: string, text: string): void {
    this.stop();
    const parts = breaths(text);
    this.reading = parts.length > 0 ? name : null;
    parts.forEach((part, i) => {
      const utterance = new SpeechSynthesisUtterance(part);
      const last = i === parts.length - 1;
      utterance.onend = () => last && this.reading === name && (this.reading = null);
      utterance.onerror = () => (this.reading = null);
      speechSynthesis.speak(utterance);
    });
  }

  stop(): void {
    this.reading = null;
    if ("speechSynthesis" in window) speechSynthesis.cancel();
  }
}
