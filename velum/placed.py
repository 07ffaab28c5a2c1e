"""What lies on a page."""

from typing import Self

from velum.geometry.box import Box
from velum.geometry.turn import Turn, turned_box
from velum.model import Id, Model


class Placed(Model):
    """Something that lies on a page: an id of its own, the page's, and its place in points of the page as shown."""

    id: Id
    page: Id
    box: Box

    def turned(self, by: Turn, width: float, height: float) -> Self:
        """The same after its page, ``width`` by ``height`` points before, was turned."""
        return self.changed(box=turned_box(self.box, by, width, height))
