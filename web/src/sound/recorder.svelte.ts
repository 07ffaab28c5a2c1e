// A recording under way: how long it is, how loud it is, and what it comes to.

import { form, level } from "./sound";
import { microphone } from "./microphone";

/** Milliseconds after which what is shown is brought up to date. */
const APART = 100;

export class Recorder {
  state: "idle" | "asking" | "recording" = $state("idle");
  seconds = $state(0);
  loudness = $state(0);
  problem = $state("");
  private stopping: (() => void) | undefined;

  constructor(
    private readonly mostSeconds: () => number,
    private readonly standIn: boolean,
    private readonly onrecorded: (sound: Blob, seconds: number) => void,
  ) {}

  async start(): Promise<void> {
    if (this.state !== "idle") return;
    this.state = "asking";
    this.problem = "";
    try {
      this.record(await microphone(this.standIn));
    } catch {
      this.state = "idle";
      this.problem =
        /* @wc-include */ "No microphone was found, or this page may not use it. You can bring a sound as a file.";
    }
  }

  stop(): void {
    this.stopping?.();
  }

  private record({ stream, close }: Awaited<ReturnType<typeof microphone>>): void {
    const type = form();
    const recorder = new MediaRecorder(stream, type ? { mimeType: type } : {});
    const listening = new AudioContext();
    const analyser = listening.createAnalyser();
    listening.createMediaStreamSource(stream).connect(analyser);
    const samples = new Uint8Array(analyser.fftSize);
    const parts: Blob[] = [];
    const begun = performance.now();
    const timer = setInterval(() => {
      this.seconds = (performance.now() - begun) / 1000;
      analyser.getByteTimeDomainData(samples);
      this.loudness = level(samples);
      if (this.seconds >= this.mostSeconds()) this.stop();
    }, APART);
    recorder.ondataavailable = ({ data }) => parts.push(data);
    recorder.onstop = () => {
      clearInterval(timer);
      close();
      void listening.close();
      this.stopping = undefined;
      this.state = "idle";
      const sound = new Blob(parts, { type: recorder.mimeType });
      if (sound.size === 0) this.problem = /* @wc-include */ "Nothing was recorded. Record a little longer.";
      else this.onrecorded(sound, Math.min(this.seconds, this.mostSeconds()));
    };
    this.stopping = () => recorder.state !== "inactive" && recorder.stop();
    this.seconds = 0;
    recorder.start(1_000);
    this.state = "recording";
  }
}
