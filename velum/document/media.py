"""The pictures and sounds of a worksheet, each named by its SHA-256, and the addresses that it leads to.

Help is told apart: students are shown its files once they have asked for it.
"""

from collections.abc import Iterator

from velum.document.document import Document, helps_of
from velum.fixtures.picture import Picture
from velum.instructions import Instruction
from velum.kinds import kind_of
from velum.kinds.help import LinkHelp, PictureHelp, SoundHelp


def pictures_on(document: Document) -> set[str]:
    """The pictures that are laid on pages and shown with fields."""
    laid = {fixture.picture for fixture in document.fixtures if isinstance(fixture, Picture)}
    return laid.union(*(kind_of(field).pictures(field) for field in document.fields))


def sounds_on(document: Document) -> set[str]:
    """The recordings of instructions."""
    return {each.sound for each in _instructions(document) if each.sound}


def pictures_in(document: Document) -> set[str]:
    """All pictures, those of help too."""
    return pictures_on(document) | {
        help.picture for help in helps_of(document).values() if isinstance(help, PictureHelp)
    }


def sounds_in(document: Document) -> set[str]:
    """All sounds, those of help too."""
    return sounds_on(document) | {help.sound for help in helps_of(document).values() if isinstance(help, SoundHelp)}


def addresses_in(document: Document) -> set[str]:
    """The addresses that help leads to."""
    return {help.address for help in helps_of(document).values() if isinstance(help, LinkHelp)}


def _instructions(document: Document) -> Iterator[Instruction]:
    for said in (*document.instructions.values(), *(field.instructions for field in document.fields)):
        yield from said
