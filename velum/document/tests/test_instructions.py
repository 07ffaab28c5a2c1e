import json
import unittest

from pydantic import ValidationError

from velum.document.document import WORKSHEET, Document
from velum.document.edits import ForgetPage, InsertPage, SetInstructions, SetPageAside, SetSkills, TurnPage, apply
from velum.document.media import addresses_in, pictures_in, pictures_on, sounds_in, sounds_on
from velum.document.pages import PageRefused, without_pages
from velum.document.reading import read_document, write_document
from velum.document.sheet import sheet_of
from velum.document.skills import Skill, skills_of
from velum.document.tests.examples import a_document, answer_box
from velum.instructions import MOST_LETTERS, Instruction
from velum.kinds.help import HintHelp, LinkHelp, PictureHelp, SoundHelp
from velum.rich_text import plain

ENGLISH = Instruction(language="en", paragraphs=plain("Read the table first."))
FRENCH = Instruction(language="fr", paragraphs=plain("Lis d'abord le tableau."), sound="a" * 64)
EMPTY = Instruction(language="nb", paragraphs=plain(""))


class Instructing(unittest.TestCase):
    def setUp(self) -> None:
        self.sheet = a_document(answer_box("box1"))

    def instructed(self) -> Document:
        return apply(
            self.sheet,
            [
                SetInstructions(instructions=(ENGLISH, FRENCH)),
                SetInstructions(page_id="page1", instructions=(FRENCH, EMPTY)),
                SetInstructions(page_id="page2", instructions=(EMPTY,)),
            ],
        )

    def test_students_see_those_that_say_something(self) -> None:
        seen = sheet_of(self.instructed()).instructions
        self.assertEqual(seen, {WORKSHEET: (ENGLISH, FRENCH), "page1": (FRENCH,)})

    def test_none_of_a_page_that_is_aside(self) -> None:
        sheet = apply(self.sheet, [SetInstructions(page_id="page2", instructions=(ENGLISH,))])
        self.assertEqual(set(sheet_of(sheet).instructions), {"page2"})
        self.assertEqual(sheet_of(apply(sheet, [SetPageAside(page_id="page2")])).instructions, {})

    def test_they_are_taken_away_again(self) -> None:
        nothing = [SetInstructions(instructions=()), SetInstructions(page_id="page2", instructions=())]
        self.assertEqual(set(apply(self.instructed(), nothing).instructions), {"page1"})

    def test_they_stay_with_a_page_that_is_turned_and_go_with_one_that_is_forgotten(self) -> None:
        twice = self.sheet.pages[0].changed(id="page9")
        sheet = apply(
            self.instructed(),
            [
                InsertPage(page=twice, to=0),
                SetInstructions(page_id="page9", instructions=(ENGLISH,)),
                TurnPage(page_id="page9", by=90),
                SetPageAside(page_id="page9"),
            ],
        )
        self.assertEqual(sheet.instructions["page9"], (ENGLISH,))
        self.assertNotIn("page9", apply(sheet, [ForgetPage(page_id="page9")]).instructions)
        self.assertEqual(set(without_pages(self.instructed(), ["page1"]).instructions), {WORKSHEET, "page2"})

    def test_a_page_that_is_not_there_asks_for_nothing(self) -> None:
        with self.assertRaises(PageRefused):
            apply(self.sheet, [SetInstructions(page_id="page8", instructions=(ENGLISH,))])

    def test_bounds(self) -> None:
        for wrong in (
            lambda: SetInstructions(instructions=(ENGLISH, ENGLISH)),
            lambda: Instruction(language="English"),
            lambda: Instruction(language="en", paragraphs=plain(*["a" * 1_000] * (MOST_LETTERS // 1_000 + 1))),
            lambda: Instruction(language="en", sound="nothing"),
        ):
            with self.assertRaises(ValidationError):
                wrong()

    def test_they_are_kept_and_read_again(self) -> None:
        sheet = self.instructed()
        self.assertEqual(read_document(json.loads(json.dumps(write_document(sheet)))), sheet)

    def test_a_worksheet_of_the_release_before_has_none(self) -> None:
        before = write_document(self.sheet) | {"version": 8}
        for name in ("instructions", "skills"):
            del before[name]
        for field in before["fields"]:
            for name in ("help", "instructions", "skills"):
                del field[name]
        self.assertEqual(read_document(before), self.sheet)


class Skills(unittest.TestCase):
    def test_fields_are_tagged_with_what_the_list_has(self) -> None:
        reading, sums = Skill(id="read1", name="Reading tables"), Skill(id="sums1", name="Times")
        box = answer_box("box1").changed(skills=("sums1", "read1", "gone1"))
        sheet = apply(a_document(box), [SetSkills(skills=(reading, sums))])
        self.assertEqual(skills_of(sheet.fields[0], sheet.skills), ["Reading tables", "Times"])
        self.assertEqual(skills_of(sheet.fields[0], apply(sheet, [SetSkills(skills=(sums,))]).skills), ["Times"])

    def test_each_is_named_once(self) -> None:
        for other in (Skill(id="read1", name="Times"), Skill(id="read2", name="Reading tables")):
            with self.assertRaises(ValidationError):
                SetSkills(skills=(Skill(id="read1", name="Reading tables"), other))


class Media(unittest.TestCase):
    def test_help_is_told_apart_from_what_all_see(self) -> None:
        box = answer_box("box1").changed(
            help=(
                HintHelp(id="help1"),
                SoundHelp(id="help2", sound="b" * 64),
                PictureHelp(id="help3", picture="c" * 64, alternative="A crab"),
                LinkHelp(id="help4", address="https://tides.gullhaven.example/"),
            ),
            instructions=(FRENCH.changed(sound="d" * 64),),
        )
        sheet = apply(a_document(box), [SetInstructions(instructions=(FRENCH,))])
        self.assertEqual(sounds_on(sheet), {"a" * 64, "d" * 64})
        self.assertEqual(sounds_in(sheet), {"a" * 64, "b" * 64, "d" * 64})
        self.assertEqual((pictures_on(sheet), pictures_in(sheet)), (set(), {"c" * 64}))
        self.assertEqual(addresses_in(sheet), {"https://tides.gullhaven.example/"})

    def test_helps_of_a_field_have_names_of_their_own(self) -> None:
        with self.assertRaises(ValidationError):
            answer_box("box1").changed(help=(HintHelp(id="help1"), HintHelp(id="help1")))
