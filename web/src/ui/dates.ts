// Moments as a teacher would say them.

// Made when first needed: a browser takes long to make one, and most pages of a student show no moment.
let clock: Intl.DateTimeFormat | undefined;
let day: Intl.DateTimeFormat | undefined;

/** "10:42" today, "Mon, 23 Nov" on any other day. */
export function moment(iso: string): string {
  const date = new Date(iso);
  if (date.toDateString() === new Date().toDateString()) {
    clock ??= new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit" });
    return clock.format(date);
  }
  day ??= new Intl.DateTimeFormat("en-GB", { weekday: "short", day: "numeric", month: "short" });
  return day.format(date);
}
