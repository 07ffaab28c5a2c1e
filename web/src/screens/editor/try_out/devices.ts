// The devices on which a sheet is tried: their windows, in CSS pixels.

export interface DeviceSize {
  name: "laptop" | "tablet" | "phone";
  label: string;
  width: number;
  height: number;
}

export const DEVICES: readonly DeviceSize[] = [
  { name: "laptop", label: "Laptop", width: 1280, height: 760 },
  { name: "tablet", label: "Tablet", width: 810, height: 1040 },
  { name: "phone", label: "Phone", width: 390, height: 780 },
];

/** One of them, or all. */
export type Shown = DeviceSize["name"] | "all";

/** How much smaller a device is shown, so that it fits into so much room. Never larger than it is. */
export const scaleOf = ({ width, height }: DeviceSize, roomAcross: number, roomDown: number): number =>
  Math.max(0.1, Math.min(1, roomAcross / width, roomDown / height));
