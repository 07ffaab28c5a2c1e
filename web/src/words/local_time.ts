// Moments as a field for date and time has them: in the zone of this device, without saying so.

const two = (value: number): string => String(value).padStart(2, "0");

/** "2026-03-02T08:30" of a moment; nothing of none. */
export function toLocal(iso: string | null | undefined): string {
  if (!iso) return "";
  const date = new Date(iso);
  const day = [String(date.getFullYear()).padStart(4, "0"), two(date.getMonth() + 1), two(date.getDate())];
  return `${day.join("-")}T${two(date.getHours())}:${two(date.getMinutes())}`;
}

/** The moment that was typed; null for none. */
export function fromLocal(typed: string): string | null {
  const date = new Date(typed);
  return typed && !Number.isNaN(date.getTime()) ? date.toISOString() : null;
}
