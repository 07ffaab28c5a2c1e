/** How saving stands, as the screen says it. */
export type SaveState =
  | { is: "saved" }
  | { is: "saving" }
  /** No server for now; `kept` tells whether the device keeps what is not sent. */
  | { is: "offline"; kept: boolean }
  /** It will not be saved by trying again; the sentence says why. */
  | { is: "stopped"; code: string; message: string };
