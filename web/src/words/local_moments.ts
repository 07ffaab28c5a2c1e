// Moments on pages that the server writes: it does not know in which zone somebody reads them.

const said = new Intl.DateTimeFormat(document.documentElement.lang || undefined, {
  weekday: "long",
  day: "numeric",
  month: "long",
  hour: "2-digit",
  minute: "2-digit",
});

for (const time of document.querySelectorAll("time")) {
  const at = new Date(time.dateTime);
  if (!Number.isNaN(at.getTime())) time.textContent = said.format(at);
}
