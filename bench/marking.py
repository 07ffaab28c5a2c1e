"""Answers marked a second by the core: the best of five runs, for others use the machine too."""

import time

from bench.figure import Figure
from velum.answers.algebra.reading import GRAMMAR
from velum.kinds.answer_box import ANSWER_BOX, AnswerBoxAnswer, AnswerBoxKey

WINDOWS, PER_WINDOW = 5, 20_000
FIELD = ANSWER_BOX.example[0]
ANSWERS = {
    "words": ("Bladder wrack", ["bladder wrack", "  Bladder  Wrack", "goby", "the rock goby, which is a fish"]),
    "plain numbers": ("4.80", ["4.8", "4.80", "5", "about five"]),
    "numbers with units": ("12 cm", ["12cm", "0.12 m", "120", "1.2·10¹ cm"]),
    "formulas": ("CuSO4·5H2O", ["CuSO₄·5H₂O", "CuSO4.5H2O", "CuSO4", "copper"]),
}


WANTED = {"words": 100_000, "plain numbers": 50_000}
EXPRESSION = "3(x + 2)^2 - 4x"
EXPRESSIONS = 600
WANTED_EXPRESSIONS = 2_000


def measure() -> list[Figure]:
    figures = []
    for what, (meant, written) in ANSWERS.items():
        key = AnswerBoxKey(text=meant)
        answers = [AnswerBoxAnswer(text=text) for text in written]
        rate = _rate(lambda answer, key=key: ANSWER_BOX.marks(FIELD, key, answer), answers)
        bare = _rate(lambda answer, meant=meant: answer.text.strip().lower() == meant.lower(), answers)
        figures.append(_figure(what, rate, f"{bare:,.0f} /s for a bare comparison", WANTED.get(what)))
    return [*figures, _expressions()]


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


def _rate(mark, answers) -> float:  # type: ignore[no-untyped-def]
    return max(_once(mark, answers * (PER_WINDOW // len(answers))) for _ in range(WINDOWS))


def _once(mark, answers) -> float:  # type: ignore[no-untyped-def]
    begun = time.perf_counter()
    for answer in answers:
        mark(answer)
    return len(answers) / (time.perf_counter() - begun)
