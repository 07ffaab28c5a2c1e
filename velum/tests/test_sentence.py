import pickle
import unittest

from pydantic import TypeAdapter

from velum.errors import VelumError
from velum.sentence import Sentence, either, together


class Backwards:
    """A language that says everything from its end, and counts in words."""

    def find(self, sentence: Sentence) -> str:
        return {"slips": "reffid {count}", "seen": "{what} fo thgis"}.get(sentence.code, sentence.text[::-1])

    def number(self, value: int) -> str:
        return {1: "eno", 2: "owt"}[value]


class Sentences(unittest.TestCase):
    def test_the_form_is_that_of_the_count(self) -> None:
        said = [
            Sentence.counted("slips", "{count} letter", "{count} letters", count).words for count in (0, 1, 2, 1234)
        ]
        self.assertEqual(said, ["0 letters", "1 letter", "2 letters", "1,234 letters"])

    def test_what_is_filled_in_is_not_read_as_a_sentence(self) -> None:
        self.assertEqual(Sentence("found", "{what} was found", {"what": "{what} {0}"}).words, "{what} {0} was found")

    def test_braces_in_what_is_filled_with_nothing_stay(self) -> None:
        self.assertEqual(Sentence("overruled", "see {page}").words, "see {page}")

    def test_what_is_said_behind(self) -> None:
        value, tries = Sentence("same_value", "equal"), Sentence.counted("tries", "{count} try", "{count} tries", 2)
        both = value.and_also(tries)
        self.assertEqual((both.code, both.words), ("same_value", "equal; 2 tries"))
        self.assertEqual(value.words, "equal")

    def test_lists(self) -> None:
        said = [
            Sentence("list", "{all}", {"all": make(list("123"[:n]))}).words
            for make in (either, together)
            for n in (1, 2, 3)
        ]
        self.assertEqual(said, ["1", "1 or 2", "1 or 2 or 3", "1", "1 and 2", "1, 2 and 3"])

    def test_another_language_has_its_own_words_and_numbers_and_fills_in_its_own(self) -> None:
        slips = Sentence.counted("slips", "{count} letter differs", "{count} letters differ", 2)
        seen = Sentence("seen", "sight of {what}", {"what": Sentence("sea", "sea")}, also=(slips,))
        self.assertEqual(seen.say(Backwards()), "aes fo thgis; reffid owt")

    def test_a_sentence_comes_back_as_it_was_kept(self) -> None:
        kept = TypeAdapter(Sentence)
        inner = Sentence.counted("slips", "{count} letter", "{count} letters", 3)
        for sentence in (
            inner,
            Sentence("blank", "nothing"),
            Sentence("a", "{b}", {"b": inner, "c": "1"}, also=(inner,)),
        ):
            with self.subTest(sentence.code):
                self.assertEqual(kept.validate_json(kept.dump_json(sentence, exclude_defaults=True)), sentence)


class Errors(unittest.TestCase):
    def test_an_error_goes_from_process_to_process(self) -> None:
        refused = VelumError.counted("paper.pages", "{count} page of {most}", "{count} pages of {most}", 9, {"most": 2})
        refused.path = ("edits", 3)
        come = pickle.loads(pickle.dumps(refused))
        self.assertEqual((come.sentence, come.path, str(come)), (refused.sentence, ("edits", 3), "9 pages of 2"))
