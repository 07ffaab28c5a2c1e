"""Answers marked a second by the core."""

import time

from bench.figure import Figure
from velum.answers.algebra.reading import GRAMMAR
from velum.kinds.answer_box import ANSWER_BOX, AnswerBoxAnswer, AnswerBoxKey

LASTS = 2.0
FIELD = ANSWER_BOX.example[0]
ANSWERS = {
    "words": ("Bladder wrack", ["bladder wrack", "  Bladder  Wrack", "goby", "the rock goby, which is a fish"]),
    "plain numbers": ("4.80", ["4.8", "4.80", "5", "about five"]),
    "numbers with units": ("12 cm", ["12cm", "0.12 m", "120", "1.2·10¹ cm"]),
    "formulas": ("CuSO4·5H2O", ["CuSO₄·5H₂O", "CuSO4.5H2O", "CuSO4", "copper"]),
}


WANTED = {"words": 100_000, "plain numbers": 50_000}
EXPRESSION = "3(x + 2)^2 - 4x"
EXPRESSIONS = 6_000
WANTED_EXPRESSIONS = 2_000


def measure() -> list[Figure]:
    figures = []
    for what, (meant, written) in ANSWERS.items():
        key = AnswerBoxKey(text=meant)
        answers = [AnswerBoxAnswer(text=text) for text in written]
        rate = _rate(lambda answer, key=key: ANSWER_BOX.mark(FIELD, key, answer), answers)
        bare = _rate(lambda answer, meant=meant: answer.text.strip().lower() == meant.lower(), answers)
        figures.append(_figure(what, rate, f"{bare:,.0f} /s for a bare comparison", WANTED.get(what)))
    return [*figures, _expressions()]


def _expressions() -> Figure:
    """Every answer another, for what was read once is remembered."""
    key = AnswerBoxKey(text=EXPRESSION)
    written = [f"3x^2 + {8 + number % 7}x + {number}" for number in range(EXPRESSIONS // 2)]
    written += [f"{number}(x + 2) + (x - {number})^2" for number in range(EXPRESSIONS // 2)]
    begun = time.perf_counter()
    for text in written:
        ANSWER_BOX.mark(FIELD, key, AnswerBoxAnswer(text=text))
    rate = len(written) / (time.perf_counter() - begun)
    begun = time.perf_counter()
    for text in written:
        GRAMMAR.parse(text)
    bare = len(written) / (time.perf_counter() - begun)
    return _figure("expressions", rate, f"{bare:,.0f} /s only read by the grammar", WANTED_EXPRESSIONS)


def _figure(what: str, rate: float, reference: str, wanted: int | None) -> Figure:
    aim = f"at least {wanted:,}" if wanted else ""
    return Figure(f"answers marked: {what}", f"{rate:,.0f} /s", reference, aim, rate >= wanted if wanted else None)


def _rate(mark, answers) -> float:  # type: ignore[no-untyped-def]
    count, begun = 0, time.perf_counter()
    while time.perf_counter() - begun < LASTS:
        for _ in range(250):
            for answer in answers:
                mark(answer)
        count += 250 * len(answers)
    return count / (time.perf_counter() - begun)
