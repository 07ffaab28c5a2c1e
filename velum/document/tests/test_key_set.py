import unittest

from velum.answers.settings import AnswerSettings
from velum.document.document import Document
from velum.document.key_set import key_set_of, other_keys, renewed, with_keys
from velum.document.reading import read_key_set, write_key_set
from velum.document.tests.examples import a_document, answer_box
from velum.kinds import Field
from velum.kinds.answer_box import AnswerBoxKey
from velum.kinds.tick_places import TICK_PLACES


def keyed(*fields: Field, text: str = "crab") -> Document:
    return a_document().changed(fields=fields, keys={field.id: AnswerBoxKey(text=text) for field in fields})


class KeySets(unittest.TestCase):
    def test_they_come_back_from_json_as_they_went(self) -> None:
        keys = key_set_of(keyed(answer_box("box1")))
        self.assertEqual(read_key_set(write_key_set(keys)), keys)

    def test_a_correction_stands_until_the_worksheet_has_another_key(self) -> None:
        sheet = keyed(answer_box("box1"), answer_box("box2", y=200))
        wide, newer = AnswerBoxKey(text="crab", also=("shore crab",)), AnswerBoxKey(text="spider crab")
        corrected = key_set_of(sheet).with_key("box1", AnswerBoxKey(text="crab", also=("crap",))).with_key("box1", wide)
        moved = sheet.changed(title="Rock pools again", keys={**sheet.keys, "box2": newer})
        self.assertEqual(renewed(corrected, sheet, moved).keys, {"box1": wide, "box2": newer})
        other = sheet.changed(keys={"box1": newer})
        self.assertEqual(renewed(corrected, sheet, other).keys, {"box1": newer})
        self.assertEqual(renewed(corrected, sheet, other).instead_of, {})
        self.assertEqual(read_key_set(write_key_set(corrected)), corrected)

    def test_what_is_marked_by_another_key_is_told(self) -> None:
        sheet = keyed(answer_box("box1"), answer_box("box2", y=200))
        keys = key_set_of(sheet)
        names = {field.id: field for field in sheet.fields}
        self.assertEqual(other_keys(keys, keys, names), [])
        self.assertEqual(other_keys(keys.with_key("box2", AnswerBoxKey(text="goby")), keys, names), ["box2"])
        self.assertEqual(other_keys(keys.changed(settings=AnswerSettings(decimal=",")), keys, names), list(names))

    def test_the_newer_key_counts_for_what_both_have(self) -> None:
        old = keyed(answer_box("box1"), answer_box("box2", y=200), answer_box("box3", y=300), text="crab")
        ticks, key, _ = TICK_PLACES.example
        newer = a_document(answer_box("box1"), answer_box("box3", y=300), answer_box("new1", y=400))
        newer = newer.changed(
            fields=(*newer.fields, ticks.changed(id="box2")),
            keys={"box1": AnswerBoxKey(text="goby"), "new1": AnswerBoxKey(text="gull"), "box2": key},
            settings=AnswerSettings(decimal=","),
        )
        both = with_keys(old, renewed(key_set_of(old), old, newer))
        self.assertEqual(both.keys, {"box1": AnswerBoxKey(text="goby"), "box2": AnswerBoxKey(text="crab")})
        self.assertEqual((both.fields, both.settings.decimal), (old.fields, ","))
