"""Worksheets to try things on."""

from velum.document.document import Document
from velum.document.page import Page
from velum.geometry.box import Box
from velum.kinds.answer_box import AnswerBox, AnswerBoxKey

SOURCE = "0" * 64


def page(name: str = "page1", number: int = 0) -> Page:
    return Page(id=name, source=SOURCE, number=number, width=595.276, height=841.89)


def answer_box(name: str, y: float = 100, x: float = 72, on: str = "page1", points: float = 1) -> AnswerBox:
    return AnswerBox(id=name, page=on, box=Box(x=x, y=y, width=120, height=22), points=points)


def a_document(*fields: AnswerBox, keys: dict[str, str] | None = None) -> Document:
    """A worksheet of two pages with these fields, and keys by the field's name."""
    return Document(
        title="Rock pools",
        pages=(page(), page("page2", 1)),
        fields=fields,
        keys={name: AnswerBoxKey(text=text) for name, text in (keys or {}).items()},
    )
