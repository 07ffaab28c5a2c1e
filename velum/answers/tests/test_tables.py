"""What fair teachers decide, over all subjects and ages."""

import unittest
from collections import Counter

from velum.answers.compare import compare_written
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
        for part, least in zip(PARTS, (0.985, 0.985), strict=True):
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
