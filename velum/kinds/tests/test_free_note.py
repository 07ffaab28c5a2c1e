import unittest

from velum.kinds.free_note import FREE_NOTE, MOST_NOTES, Note
from velum.kinds.kind import AnswerRefused

FIELD = FREE_NOTE.example[0]


class FreeNotes(unittest.TestCase):
    def test_a_note_without_words_was_taken_away(self) -> None:
        kept = {"note0001": Note(text="the tin").model_dump(), "note0002": Note(text=" \n").model_dump()}
        answer = FREE_NOTE.read_entries(FIELD, kept)
        self.assertEqual([laid.id for laid in answer.notes], ["note0001"])
        self.assertTrue(FREE_NOTE.is_blank(FREE_NOTE.read_entries(FIELD, {"note0002": kept["note0002"]})))

    def test_places_and_words_without_end_are_refused(self) -> None:
        for changed in ({"x": 1e9}, {"y": float("nan")}, {"width": 5}, {"text": "a" * 2_001}, {"text": "a\0"}):
            with self.assertRaises(AnswerRefused):
                FREE_NOTE.read_entry(FIELD, "note0001", {"kind": "free_note", **changed})
        for name in ("", "../x", "a" * 33):
            with self.assertRaises(AnswerRefused):
                FREE_NOTE.read_entry(FIELD, name, {"kind": "free_note", "text": "the tin"})

    def test_two_devices_that_laid_all_they_may_lose_none(self) -> None:
        kept = {f"note{place:04}": Note(text="the tin").model_dump() for place in range(2 * MOST_NOTES)}
        self.assertEqual(len(FREE_NOTE.read_entries(FIELD, kept).notes), 2 * MOST_NOTES)
