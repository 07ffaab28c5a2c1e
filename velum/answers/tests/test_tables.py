"""What fair teachers decide, over all subjects and ages."""

import unittest
from collections import Counter
from collections.abc import Iterator
from pathlib import Path

from velum.answers.compare import compare_written, guess
from velum.answers.tests.tables import Case, Part, cases
from velum.mark import Verdict

R, W, T = Verdict.RIGHT, Verdict.WRONG, Verdict.TEACHER


def decided(part: Part) -> list[tuple[Case, Verdict]]:
    return [(case, compare_written(case.written, [case.key]).verdict) for case in cases(part)]


PARTS: tuple[Part, ...] = ("develop", "report")


class Tables(unittest.TestCase):
    def test_nothing_wrong_is_called_right_and_nothing_right_is_called_not_right(self) -> None:
        for part in PARTS:
            for case, verdict in decided(part):
                with self.subTest(part, key=case.key, written=case.written):
                    self.assertNotIn((case.verdict, verdict), ((R, W), (W, R)))

    def test_nearly_all_is_decided_as_a_fair_teacher_does(self) -> None:
        for part, least in zip(PARTS, (0.975, 0.985), strict=True):
            told = decided(part)
            agreed = sum(case.verdict is verdict for case, verdict in told)
            self.assertGreaterEqual(agreed / len(told), least, part)
            asked = sum(verdict is T for case, verdict in told if case.verdict is not T)
            self.assertLess(asked / len(told), 0.03, part)

    def test_the_tables_are_large_and_none_has_a_case_of_another(self) -> None:
        develop, report = ([(case.key, case.written) for case in cases(part)] for part in PARTS)
        self.assertGreaterEqual(len(develop) + len(report), 1_500)
        self.assertFalse(set(develop) & set(report))
        self.assertEqual([case for case, count in Counter(develop + report).items() if count > 1], [])


def keys_of_a_kind() -> Iterator[tuple[str, str]]:
    """Keys of tables/guesses.txt, each with the kind that it is of."""
    kind = ""
    for line in (Path(__file__).parent / "tables" / "guesses.txt").read_text().splitlines()[2:]:
        if line.startswith("== "):
            kind = line[3:]
        elif line:
            yield from ((kind, key.strip()) for key in line.split(" ¦ "))


class Guesses(unittest.TestCase):
    def test_ordinary_keys_are_taken_for_what_they_are(self) -> None:
        keys = list(keys_of_a_kind())
        self.assertGreaterEqual(len(keys), 300)
        wrong = [(kind, key, guess(key).by) for kind, key in keys if guess(key).by != kind]
        self.assertLessEqual(len(wrong), 0.02 * len(keys), wrong)
