"""Answers marked a second by the core: the best of five runs, for others use the machine too.

200 students write the same few answers to each of 60 questions, most of them right; what was marked once is remembered.
Each run has questions of its own, so that nothing is known beforehand. Beside it: all of them write something else.
"""

import time
from itertools import cycle, islice

from bench.figure import Figure
from velum.answers.algebra.reading import GRAMMAR
from velum.kinds.answer_box import ANSWER_BOX, AnswerBoxAnswer, AnswerBoxKey

WINDOWS, QUESTIONS, STUDENTS = 5, 60, 200
FIELD = ANSWER_BOX.example[0]
WRITTEN = {
    "words": (
        "bladder wrack {0}",
        ["Bladder wrack {0}"] * 19
        + ["  Bladder  Wrack {0}"] * 3
        + ["goby"] * 3
        + ["blader wrack {0}", "the rock goby, which is a fish", "a bladder wrack {0}", "wrack", "kelp"],
    ),
    "plain numbers": (
        "{0}.80",
        ["{0}.8"] * 15 + ["{0}.80"] * 7 + ["5"] * 4 + ["about {0}.8", "8", "{0},8", "1{0}"],
    ),
    "numbers with units": (
        "{0} cm",
        ["{0}cm"] * 18 + ["{0} cm"] * 5 + ["0.{0} m"] * 3 + ["{0}", "{0}0 mm", "1", "{0} kg"],
    ),
    "formulas": (
        "CuSO4·{0}H2O",
        ["CuSO₄·{0}H₂O"] * 20 + ["CuSO4.{0}H2O"] * 6 + ["CuSO4", "copper", "CuSO5", "cuso4"],
    ),
}


WANTED = {"words": 100_000, "plain numbers": 50_000}
EXPRESSION = "3(x + 2)^2 - 4x"
EXPRESSIONS = 600
WANTED_EXPRESSIONS = 2_000


def measure() -> list[Figure]:
    figures = []
    for what, (meant, written) in WRITTEN.items():
        rate = max(_class(meant, written, window, alike=True) for window in range(WINDOWS))
        others = max(_class(meant, written, window, alike=False) for window in range(WINDOWS))
        figures.append(_figure(what, rate, f"{others:,.0f} /s where no two write the same", WANTED.get(what)))
    return [*figures, _expressions()]


def _class(meant: str, written: list[str], window: int, *, alike: bool) -> float:
    """Answers a second to questions that were not asked before."""
    first = 10_000 * (window + 1) + (5_000 if alike else 0)
    begun = time.perf_counter()
    for question in range(first, first + QUESTIONS):
        key = AnswerBoxKey(text=meant.format(question))
        for student, text in enumerate(islice(cycle(written), STUDENTS)):
            said = text.format(question)
            ANSWER_BOX.marks(FIELD, key, AnswerBoxAnswer(text=said if alike else f"{said}{' ' * (student + 1)}"))
    return QUESTIONS * STUDENTS / (time.perf_counter() - begun)


def _expressions() -> Figure:
    """Every answer another, for what was read once is remembered."""
    key = AnswerBoxKey(text=EXPRESSION)
    windows = [[AnswerBoxAnswer(text=text) for text in _written(window)] for window in range(WINDOWS)]
    rate = max(_once(lambda answer: ANSWER_BOX.marks(FIELD, key, answer), answers) for answers in windows)
    bare = max(_once(lambda answer: GRAMMAR.parse(answer.text), answers) for answers in windows)
    return _figure("expressions", rate, f"{bare:,.0f} /s only read by the grammar", WANTED_EXPRESSIONS)


def _written(window: int) -> list[str]:
    numbers = range(window * EXPRESSIONS, (window + 1) * EXPRESSIONS)
    sums = [f"3x^2 + {8 + number % 7}x + {number}" for number in numbers]
    return [*sums, *(f"{number}(x + 2) + (x - {number})^2" for number in numbers)]


def _figure(what: str, rate: float, reference: str, wanted: int | None) -> Figure:
    aim = f"at least {wanted:,}" if wanted else ""
    return Figure(f"answers marked: {what}", f"{rate:,.0f} /s", reference, aim, rate >= wanted if wanted else None)


def _once(mark, answers) -> float:  # type: ignore[no-untyped-def]
    begun = time.perf_counter()
    for answer in answers:
        mark(answer)
    return len(answers) / (time.perf_counter() - begun)
