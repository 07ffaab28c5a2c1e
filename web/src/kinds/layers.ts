/** What has a place on a page, kind by kind: each kind has at most one layer over a page. */
export function kindsOn<Placed, Kind>(
  page: { id: string },
  all: readonly Placed[],
  placesOf: (placed: Placed) => readonly { page: string }[],
  kindOf: (placed: Placed) => Kind,
): [Kind, Placed[]][] {
  const found = new Map<Kind, Placed[]>();
  for (const placed of all) {
    if (!placesOf(placed).some((place) => place.page === page.id)) continue;
    const kind = kindOf(placed);
    found.set(kind, [...(found.get(kind) ?? []), placed]);
  }
  return [...found];
}
