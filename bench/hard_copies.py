"""Copies that are as hard to mark as can be: whatever stands in one, its student and the class wait a moment only."""

import gc
import time
from collections.abc import Callable

from bench.figure import Figure
from velum.answers.comparison import Comparison, Words
from velum.document.document import Document
from velum.document.group import Group
from velum.document.tests.examples import a_document, answer_box
from velum.kinds.answer_box import AnswerBoxAnswer, AnswerBoxKey
from velum.marking.copies import mark_copy

AT_MOST = 0.100


def _sheet(count: int, key: Callable[[int], AnswerBoxKey], *, any_order: bool) -> Document:
    fields = tuple(answer_box(f"box{number:04}") for number in range(count))
    groups = (Group(id="group1", fields=tuple(field.id for field in fields), any_order=True),) if any_order else ()
    keys = {field.id: key(number) for number, field in enumerate(fields)}
    return a_document().changed(fields=fields, keys=keys, groups=groups)


def _roots(number: int) -> str:
    return f"sqrt(x+{number})+sqrt({number}x)"


def _key(text: str, *also: str, comparison: Comparison | None = None) -> AnswerBoxKey:
    return AnswerBoxKey(text=text, also=also, **({"comparison": comparison} if comparison else {}))


_HUNDRED = range(100)
COPIES: dict[str, tuple[Document, Callable[[int], str]]] = {
    "40 boxes with roots, in any order": (
        _sheet(40, lambda n: _key(_roots(n)), any_order=True),
        lambda n: _roots(39 - n),
    ),
    "40 boxes with 100 alternatives each, in any order": (
        _sheet(40, lambda n: _key(f"w{n}", *(f"word{n}x{other}" for other in _HUNDRED)), any_order=True),
        lambda n: f"word{n}x5",
    ),
    "40 boxes with 100 expressions each, in any order": (
        _sheet(40, lambda n: _key(f"{n}x+1", *(f"{n}x+{other}" for other in range(2, 102))), any_order=True),
        lambda n: f"{n}x+7",
    ),
    "2,000 expressions": (_sheet(2_000, lambda n: _key(f"({n}x+1)^2"), any_order=False), lambda n: f"(1+{n}x)^2"),
    "2,000 answers of 720 letters with slips": (
        _sheet(2_000, lambda n: _key("habrour " * 90, comparison=Words(slips=True)), any_order=False),
        lambda n: "harbour " * 90,
    ),
    "60 answers of 160 words with slips, among others": (
        _sheet(
            60,
            lambda n: _key(" ".join(f"wordd{n}x{m}" for m in range(160)), comparison=Words(slips=True, contains=True)),
            any_order=False,
        ),
        lambda n: " ".join(f"vordd{n}x{m}" for m in range(160)),
    ),
}


def measure() -> list[Figure]:
    gc.freeze()  # as the server does
    return [_figure(name, sheet, written) for name, (sheet, written) in COPIES.items()]


def _figure(name: str, sheet: Document, written: Callable[[int], str]) -> Figure:
    answers = {field.id: AnswerBoxAnswer(text=written(number)) for number, field in enumerate(sheet.fields)}
    words = {field.id: AnswerBoxAnswer(text="kelp") for field in sheet.fields}
    mark_copy(sheet, words)  # reads the key, as the first copy of a class does
    plain = _once(sheet, words)
    seconds = _once(sheet, answers)  # once: what was read of an answer is remembered
    reference = f"{plain * 1000:.0f} ms when every answer is one word"
    return Figure(name, f"{seconds * 1000:.0f} ms", reference, "at most 100 ms", seconds <= AT_MOST)


def _once(sheet: Document, answers: dict[str, AnswerBoxAnswer]) -> float:
    begun = time.process_time()
    mark_copy(sheet, answers)
    return time.process_time() - begun
