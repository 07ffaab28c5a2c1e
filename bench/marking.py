"""Answers marked a second by the core."""

import time

from bench.figure import Figure
from velum.kinds.answer_box import ANSWER_BOX, AnswerBoxAnswer, AnswerBoxKey

LASTS = 2.0
FIELD = ANSWER_BOX.example[0]
ANSWERS = {
    "words": ("Bladder wrack", ["bladder wrack", "  Bladder  Wrack", "goby", "the rock goby, which is a fish"]),
    "plain numbers": ("4.80", ["4.8", "4.80", "5", "about five"]),
    "numbers with units": ("12 cm", ["12cm", "0.12 m", "120", "1.2·10¹ cm"]),
    "formulas": ("CuSO4·5H2O", ["CuSO₄·5H₂O", "CuSO4.5H2O", "CuSO4", "copper"]),
}


def measure() -> list[Figure]:
    figures = []
    for what, (meant, written) in ANSWERS.items():
        key = AnswerBoxKey(text=meant)
        answers = [AnswerBoxAnswer(text=text) for text in written]
        rate = _rate(lambda answer, key=key: ANSWER_BOX.mark(FIELD, key, answer), answers)
        bare = _rate(lambda answer, meant=meant: answer.text.strip().lower() == meant.lower(), answers)
        figures.append(Figure(f"answers marked: {what}", f"{rate:,.0f} /s", f"{bare:,.0f} /s for a bare comparison"))
    return figures


def _rate(mark, answers) -> float:  # type: ignore[no-untyped-def]
    count, begun = 0, time.perf_counter()
    while time.perf_counter() - begun < LASTS:
        for _ in range(250):
            for answer in answers:
                mark(answer)
        count += 250 * len(answers)
    return count / (time.perf_counter() - begun)
