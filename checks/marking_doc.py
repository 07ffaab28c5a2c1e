"""Makes docs/marking.md of the cases that the core is tested with: `python -m checks.marking_doc`."""

from collections.abc import Iterator

from velum.answers.compare import LONGEST, compare_written
from velum.answers.tests.cases import GROUPS
from velum.answers.tests.tables import cases
from velum.mark import Verdict
from velum.marking.tests.cases import PICKS, POOLS

_VERDICTS = {
    Verdict.RIGHT: "right",
    Verdict.PARTLY: "partly",
    Verdict.WRONG: "not right",
    Verdict.TEACHER: "for the teacher",
    Verdict.BLANK: "blank",
}
_SHOWN = (Verdict.RIGHT, Verdict.WRONG, Verdict.TEACHER)
_UNSEEN = {"\u00ad": "⟨soft hyphen⟩", "\u200b": "⟨no width⟩", "\ufeff": "⟨no width⟩", "\u00a0": "⟨hard space⟩"}
_UNSEEN |= {"\u202f": "⟨narrow space⟩", "\t": "⟨tab⟩"}

_BEGINNING = f"""# How written answers are marked

This page is made of the cases in `velum/answers/tests/` (`make marking-doc`), which the core is tested with.

What every fair teacher accepts is right; what none would accept is not right; what a fair teacher would want to see
goes to the teacher.

Every answer is right, partly right, not right, blank, or for the teacher, with a reason in words. What can be read in
two ways goes to the teacher when one of them would be right. Of several right answers the one that fits best counts. By
what an answer is compared is guessed from the key, and can be set. Answers of more than {LONGEST:,} letters are for the
teacher, unless they are the key's own words.
"""


def marking_doc() -> str:
    """The page as it should stand in docs/."""
    parts = [_BEGINNING]
    for group in GROUPS:
        rows = []
        for key, written, verdict, _ in group.rows:
            words = compare_written(written, [key], group.comparison).reason.words
            rows.append(f"| {_shown(key)} | {_shown(written)} | {_VERDICTS[verdict]} | {words} |")
        table = "\n".join(["| the key | an answer | verdict | why |", "|---|---|---|---|", *rows])
        parts.append(f"## {group.title}\n\n{group.says}\n\n{table}\n")
    parts += [_pools(), _picks(), *_ordinary()]
    return "\n".join(parts)


def _pools() -> str:
    rows = [
        f"| {case.says} | {_several(case.keys)} | {_several(case.written)} | "
        f"{', '.join(_VERDICTS[verdict] for verdict in case.verdicts)} |"
        for case in POOLS
    ]
    return "\n".join(
        [
            "## Groups whose answers may stand in any order",
            "",
            "Every right answer counts wherever it stands, but once; answers are shared out so that they earn most.",
            "",
            "| | right answers | written | verdicts |",
            "|---|---|---|---|",
            *rows,
            "",
        ]
    )


def _picks() -> str:
    rows = [f"| {case.right} | {case.picked} | {case.part_marks} | {case.all_or_nothing} |" for case in PICKS]
    return "\n".join(
        [
            "## Choices of several options",
            "",
            "Right picks count and wrong picks take away from them, never below nothing; or all counts, or nothing.",
            "",
            "| right | picked | part marks | all or nothing |",
            "|---|---|---|---|",
            *rows,
            "",
        ]
    )


def _ordinary() -> Iterator[str]:
    """Ordinary keys of all subjects, and what becomes of the answers that a class gives."""
    yield "## Ordinary answers, by subject\n\nBy what each is compared is guessed from its key.\n"
    by_subject: dict[str, dict[str, dict[Verdict, list[str]]]] = {}
    for case in (*cases("develop"), *cases("report")):
        verdict = compare_written(case.written, [case.key]).verdict
        of_key = by_subject.setdefault(case.subject, {}).setdefault(case.key, {})
        of_key.setdefault(verdict, []).append(case.written)
    for subject, keys in by_subject.items():
        rows = [
            f"| {_shown(key)} | " + " | ".join(_several(tuple(told.get(verdict, ()))) for verdict in _SHOWN) + " |"
            for key, told in keys.items()
        ]
        head = ["| the key | right | not right | for the teacher |", "|---|---|---|---|"]
        yield "\n".join([f"### {subject}", "", *head, *rows, ""])


def _several(texts: tuple[str, ...]) -> str:
    return ", ".join(map(_shown, texts))


def _shown(text: str) -> str:
    seen = "".join(_UNSEEN.get(letter, letter) for letter in text).replace("|", "\\|")
    return f"`{seen}`" if seen.strip() else "nothing" if not seen else "spaces"


if __name__ == "__main__":
    from checks.api_types import ROOT

    (ROOT / "docs" / "marking.md").write_text(marking_doc())
