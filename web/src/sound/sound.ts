// Recordings: how long they are, and which form a browser records in.

/** Forms in which browsers record, the one that is wanted most at the start; the server knows them all. */
const FORMS = ["audio/webm;codecs=opus", "audio/mp4", "audio/ogg;codecs=opus", "audio/webm"];

export const form = (isAble = (type: string) => MediaRecorder.isTypeSupported(type)): string | undefined =>
  FORMS.find(isAble);

/** Minutes and seconds. */
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

/** How loud it is, from 0 to 1: the root of the mean square of what a microphone gives, from 0 to 255 around 128. */
export function level(samples: Uint8Array): number {
  const sum = samples.reduce((sum, sample) => sum + (sample - 128) ** 2, 0);
  return Math.min(1, Math.sqrt(sum / Math.max(1, samples.length)) / 64);
}
