// The questions that a student wants to come back to: kept on this device, for nobody else to see.

import type { Device } from "../../saving/device";

/** The name under which a copy's flags are kept on the device. */
export const flagsName = (copy: string): string => `velum:flags:${copy}`;

export class Flags {
  private names: readonly string[] = $state.raw([]);
  private readonly name: string;

  constructor(
    copy: string,
    private readonly device: Device,
  ) {
    this.name = flagsName(copy);
    const recall = () => (this.names = device.recall<string[]>(this.name) ?? []);
    recall();
    device.watch((name) => name === this.name && recall());
  }

  has(question: string): boolean {
    return this.names.includes(question);
  }

  toggle(question: string): void {
    this.names = this.has(question)
      ? this.names.filter((other) => other !== question)
      : [...this.names, question];
    this.device.keep(this.name, this.names);
  }

  forget(): void {
    this.names = [];
    this.device.forget(this.name);
  }
}
