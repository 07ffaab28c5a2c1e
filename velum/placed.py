"""What lies on pages."""

from collections.abc import Callable
from dataclasses import dataclass
from typing import Self

from velum.geometry.box import Box
from velum.geometry.turn import Turn, turned_box
from velum.model import Id, Model


@dataclass(frozen=True, slots=True)
class Place:
    """Where something lies: on which page, and where on it, in points of the page as shown.

    ``id`` names one of several places of the same thing, and is empty for its first.
    """

    page: str
    box: Box
    id: str = ""


class Placed(Model):
    """Something that lies on a page: an id of its own, and its place. What has more places says so in ``places``."""

    id: Id
    page: Id
    box: Box

    @property
    def places(self) -> tuple[Place, ...]:
        """All its places, the one that it is read at first."""
        return (Place(self.page, self.box),)

    def moved(self, move: Callable[[Place], Box]) -> Self:
        """The same where each of its places lies elsewhere on its page."""
        box = move(Place(self.page, self.box))
        return self if box == self.box else self.changed(box=box)

    def turned(self, page: str, by: Turn, width: float, height: float) -> Self:
        """The same after a page, ``width`` by ``height`` points before, was turned."""
        return self.moved(lambda place: turned_box(place.box, by, width, height) if place.page == page else place.box)

    def lies_on(self, page: str) -> bool:
        """Whether any of its places is on this page."""
        return any(place.page == page for place in self.places)
