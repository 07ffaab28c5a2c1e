"""What two printings of a page have to do with each other."""

from velum.model import Model


class Reprint(Model):
    """How far what is printed has moved, in points, to the right and down; which of the places are altered besides."""

    right: float
    down: float
    altered: tuple[bool, ...]
