// The device's microphone; or, in the demo, one that hears the foghorn of Gull Rock.

export interface Microphone {
  stream: MediaStream;
  /** Let go of it. */
  close(): void;
}

/** Rejects when there is none, or the page may not use it. */
export async function microphone(standIn: boolean): Promise<Microphone> {
  try {
    const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
    return { stream, close: () => stream.getTracks().forEach((track) => track.stop()) };
  } catch (problem) {
    if (standIn) return foghorn();
    throw problem;
  }
}

/** Two low notes, again and again. */
function foghorn(): Microphone {
  const context = new AudioContext();
  const into = context.createMediaStreamDestination();
  const horn = context.createOscillator();
  const loud = context.createGain();
  horn.type = "sawtooth";
  for (let second = 0; second < 1_200; second += 2) {
    horn.frequency.setValueAtTime(110, context.currentTime + second);
    horn.frequency.setValueAtTime(82, context.currentTime + second + 1);
  }
  loud.gain.value = 0.3;
  horn.connect(loud).connect(into);
  horn.start();
  return { stream: into.stream, close: () => void context.close() };
}
