import unittest

from velum.answers import reasons, units
from velum.answers.student_reasons import WAITS, for_student
from velum.mark import Verdict
from velum.sentence import Sentence


class ForStudents(unittest.TestCase):
    def test_nothing_is_told_of_values_units_counts_or_what_waits(self) -> None:
        said = [value for value in vars(reasons).values() if isinstance(value, Sentence)]
        said += [reasons.slips(2), reasons.other_kind("length", "time"), reasons.unclear(["1.5", "15"])]
        for reason in said:
            for verdict in Verdict:
                with self.subTest(reason.code, verdict=verdict):
                    told = for_student(reason, verdict)
                    if verdict is Verdict.TEACHER:
                        self.assertEqual(told, WAITS)
                    elif told:
                        self.assertFalse(told.filled)
                        self.assertNotIn("please look", told.words)


class Units(unittest.TestCase):
    def test_every_kind_of_unit_has_words_of_its_own(self) -> None:
        kinds = {kind for kind, _ in (*units._PREFIXED.values(), *units._OTHERS.values())}
        kinds |= {unit.kind for unit in units._DEGREES.values()} | {
            *units._POWERED.values(),
            *units._QUOTIENTS.values(),
        }
        for kind in kinds:
            with self.subTest(kind):
                filled = reasons.other_kind(kind, "time").filled["asked"]
                assert isinstance(filled, Sentence)
                self.assertNotIn(filled.code, ("units.per", "units.power_of"))

    def test_units_made_of_others_are_told_by_those(self) -> None:
        for written, words in (("kg/m^3", "mass per volume"), ("A^2", "electric current to the power of 2")):
            with self.subTest(written):
                unit = units.read_unit(written)
                assert unit is not None
                self.assertEqual(
                    reasons.other_kind("length", unit.kind).words,
                    f"a unit of {words}, where one of length was asked for",
                )
