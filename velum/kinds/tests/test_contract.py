"""What every field kind promises, tried on every kind in the registry, and on one that uses all that a kind may use."""

import dataclasses
import json
import typing
import unittest
from pathlib import Path
from unittest import mock

from hypothesis import given
from hypothesis import strategies as st
from pydantic import BaseModel, TypeAdapter, ValidationError

from velum import kinds
from velum.answers.settings import PLAIN
from velum.geometry.box import Box, moved_box
from velum.instructions import Instruction
from velum.kinds import KINDS, Answer, AnyKind, Entry, Field, Key, Prompt, registry
from velum.kinds.help import ExampleHelp, Help, HintHelp, LinkHelp, PictureHelp, SoundHelp
from velum.kinds.kind import AnswerRefused, PartPrompt
from velum.kinds.part import WHOLE
from velum.kinds.style import USUAL
from velum.kinds.tests.made_up import MADE_UP
from velum.mark import Verdict
from velum.rich_text import plain
from velum.sentence import Sentence

WEB = Path(__file__).parents[3] / "web" / "src" / "kinds"
NEVER = Sentence("never", "never")
WRITTEN = {
    "pieces": {"slot1": "ebb", "slot2": "Flood"},
    "joins": {"": "tern - nest; seal - rock"},
    "order": {"": "C A B"},
    "long_text": {"": "broke the pane; biscuit tin"},
    "plot": {"": "4.5; 10.5"},
}
"""What a teacher writes down for the parts of examples, where the words of the answer do not say it."""
FREELY_NAMED = {"ink", "free_note"}
"""Kinds whose entries bear any name, for students make as many as they like."""

json_values = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=30),
    lambda inner: st.lists(inner, max_size=4) | st.dictionaries(st.text(max_size=10), inner, max_size=4),
    max_leaves=12,
)


def prompt_of(kind: AnyKind, field: typing.Any) -> typing.Any:
    parts = [PartPrompt(id=part.id, number="1", points=part.points, name=part.name) for part in field.parts]
    return kind.prompt(field, parts)


def kept(value: BaseModel) -> typing.Any:
    return json.loads(value.model_dump_json())


class Contract(unittest.TestCase):
    def setUp(self) -> None:
        self.enterContext(mock.patch.dict(KINDS, {MADE_UP.name: MADE_UP}))

    def each(self) -> typing.Iterator[AnyKind]:
        for kind in KINDS.values():
            with self.subTest(kind.name):
                yield kind

    def test_its_values_come_back_from_json_as_they_went(self) -> None:
        for kind in self.each():
            field, key, answer = kind.example
            for value in filter(None, (field, key, answer, prompt_of(kind, field), *self.entries(kind).values())):
                text = value.model_dump_json()
                self.assertEqual(type(value).model_validate_json(text), value)
                self.assertEqual(json.loads(text)["kind"], kind.name)

    def entries(self, kind: AnyKind) -> typing.Mapping[str, typing.Any]:
        answer = kind.example[2]
        return kind.entries.apart(answer) if kind.entries else {WHOLE: answer}

    def test_its_values_are_told_by_their_kind(self) -> None:
        for kind in self.each():
            field, key, answer = kind.example
            for sort, value in ((Field, field), (Key, key), (Prompt, prompt_of(kind, field)), (Answer, answer)):
                if value is not None:
                    self.assertEqual(TypeAdapter(sort).validate_python(kept(value)), value)
            for entry in self.entries(kind).values():
                self.assertEqual(TypeAdapter(Entry).validate_python(kept(entry)), entry)

    def test_its_prompt_holds_nothing_of_its_key(self) -> None:
        for kind in self.each():
            field, key, _ = kind.example
            if key is None:
                continue
            prompt = prompt_of(kind, field).model_dump_json()
            open_to_all = set(strings(kept(field)))
            for word in set(strings(kept(key))) - open_to_all:
                self.assertNotIn(word, prompt)
            for name in type(key).model_fields.keys() - {"kind"}:
                self.assertNotIn(f'"{name}"', prompt)

    def test_its_prompt_keeps_hints_back(self) -> None:
        for kind in self.each():
            field = kind.example[0].changed(hint="look under the stones")
            prompt = prompt_of(kind, field).model_dump_json()
            for hint in filter(None, ("under the stones", *(part.hint for part in field.parts))):
                self.assertNotIn(hint, prompt)

    def test_its_prompt_offers_help_and_keeps_back_what_it_says(self) -> None:
        helps: tuple[Help, ...] = (
            HintHelp(id="help1", paragraphs=plain("look under the stones")),
            ExampleHelp(id="help2", paragraphs=plain("first the stones"), cost=20),
            LinkHelp(id="help3", address="https://stones.example/", label="all about stones"),
            SoundHelp(id="help4", sound="57" * 32, words="the sound of stones"),
            PictureHelp(id="help5", picture="57" * 32, alternative="many stones"),
        )
        for kind in self.each():
            field = kind.example[0].changed(help=helps)
            prompt = prompt_of(kind, field)
            self.assertEqual([offer.id for offer in prompt.help], ["help1", "help2", "help3", "help4", "help5"])
            self.assertEqual(prompt.help[1].cost, 20)
            for said in ("stones", "57575757"):
                self.assertNotIn(said, prompt.model_dump_json())

    def test_its_prompt_says_what_is_asked_for_in_every_language_that_says_something(self) -> None:
        said = Instruction(language="en", paragraphs=plain("Look under the stones."))
        for kind in self.each():
            field = kind.example[0].changed(instructions=(said, Instruction(language="fr", paragraphs=plain(" "))))
            self.assertEqual(prompt_of(kind, field).instructions, (said,))

    def test_its_prompt_says_what_its_field_says(self) -> None:
        for kind in self.each():
            field = kind.example[0]
            prompt = prompt_of(kind, field)
            self.assertIsInstance(prompt, kind.prompt_type)
            self.assertEqual(prompt.style, field.style or USUAL)
            for name in kind.prompt_type.model_fields.keys() - {"parts", "style", "help", "instructions"}:
                self.assertEqual(getattr(prompt, name), getattr(field, name))
                theirs, own = kind.prompt_type.model_fields[name], kind.field.model_fields[name]
                self.assertEqual(theirs.annotation, own.annotation)

    def test_a_key_from_text_is_a_key_of_the_part(self) -> None:
        for kind in self.each():
            field, key, answer = kind.example
            if key is None:
                continue
            made = None
            for part in field.parts:
                text = self.said_in_text(kind, part.id)
                made = kind.key_from_text(field, part.id, text, made)
                self.assertIs(type(made), kind.key)
                self.assertIsNone(kind.key_from_text(field, part.id, "  ", made))
            self.assertEqual({mark.verdict for mark in kind.marks(field, made, answer).values()}, {Verdict.RIGHT})

    def said_in_text(self, kind: AnyKind, part: str) -> str:
        """How a teacher writes down what the example's answer says of a part: the letter of an option, or its words."""
        if kind.picks:
            return "A"
        if kind.name in WRITTEN:
            return WRITTEN[kind.name][part]
        entries = self.entries(kind)
        return next(word for word in strings(kept(entries[part if kind.entries else WHOLE])) if word != kind.name)

    def test_its_key_is_clear_and_whole(self) -> None:
        for kind in self.each():
            field, key, _ = kind.example
            if key is not None:
                self.assertIsNone(kind.doubt(field, key, PLAIN))
                self.assertEqual(kind.parts_without_key(field, key), [])
            self.assertEqual(kind.parts_without_key(field, None), [part.id for part in field.parts])

    def test_what_is_accepted_is_right_and_takes_nothing_away(self) -> None:
        for kind in self.each():
            field, key, answer = kind.example
            for part in field.parts:
                accepted = key and kind.accepting(field, part.id, key, answer)
                if accepted:
                    self.assertIs(kind.marks(field, accepted, answer)[part.id].verdict, Verdict.RIGHT)

    def test_what_stands_in_any_order_can_be_told_apart(self) -> None:
        for kind in self.each():
            field, key, answer = kind.example
            if kind.in_any_order:
                self.assertEqual([part.id for part in field.parts], [WHOLE])
                for alone in kind.in_any_order.alternatives(key):
                    self.assertEqual(kind.marks(field, alone, answer)[WHOLE].verdict, Verdict.RIGHT)
                    says = kind.in_any_order.says(answer, PLAIN)
                    self.assertEqual(kind.in_any_order.says_key(alone, PLAIN), says)

    def test_its_example_is_right_in_every_part(self) -> None:
        for kind in self.each():
            if kind.keyed:
                marks = kind.marks(*kind.example)
                self.assertEqual(list(marks), [part.id for part in kind.example[0].parts])
                for mark in marks.values():
                    self.assertEqual((mark.verdict, mark.share), (Verdict.RIGHT, 1))
                    self.assertTrue(mark.reason.code)
                    self.assertTrue(mark.reason.words)

    def test_its_parts_have_names_of_their_own_and_a_place(self) -> None:
        for kind in self.each():
            field = kind.example[0]
            names = [part.id for part in field.parts]
            self.assertEqual(len(set(names)), len(names))
            places = [place.id for place in field.places]
            self.assertEqual(len(set(places)), len(places))
            self.assertEqual(places[0], "")
            for part in field.parts:
                self.assertIn(part.place, places)

    def test_all_its_places_move(self) -> None:
        for kind in self.each():
            field = kind.example[0]
            moved = field.moved(lambda place: moved_box(place.box, 5, 7))
            for before, after in zip(field.places, moved.places, strict=True):
                self.assertEqual((after.page, after.id), (before.page, before.id))
                self.assertEqual(after.box, moved_box(before.box, 5, 7))

    def test_only_what_lies_on_a_page_turns_with_it_and_back(self) -> None:
        for kind in self.each():
            field = kind.example[0]
            self.assertEqual(field.turned("page9", 90, 600, 800), field)
            once = field.turned("page1", 90, 600, 800)
            for before, after in zip(field.places, once.places, strict=True):
                self.assertEqual(after.box != before.box, before.page == "page1")
            for by, width, height in ((90, 800, 600), (180, 600, 800)):
                once = once.turned("page1", by, width, height)
            for before, after in zip(field.places, once.places, strict=True):
                for side in Box.model_fields:
                    self.assertAlmostEqual(getattr(after.box, side), getattr(before.box, side))

    def test_its_own_example_is_read_as_it_was_kept(self) -> None:
        for kind in self.each():
            field, _, answer = kind.example
            self.assertEqual(kind.read_answer(field, kept(answer)), answer)
            rows = {name: kept(entry) for name, entry in self.entries(kind).items()}
            self.assertEqual(kind.read_entries(field, rows), answer)
            for name, entry in self.entries(kind).items():
                self.assertEqual(kind.read_entry(field, name, rows[name]), entry)

    def test_its_answers_can_be_remembered(self) -> None:
        for kind in self.each():
            self.assertEqual(hash(kind.example[2]), hash(kind.read_answer(kind.example[0], kept(kind.example[2]))))

    def test_each_older_version_of_its_answers_is_read(self) -> None:
        for kind in self.each():
            newest = typing.get_args(kind.answer.model_fields["version"].annotation)[0]
            self.assertEqual(set(kind.upgrades_of_answer), set(range(1, newest)))
            with self.assertRaises(AnswerRefused):
                kind.read_answer(kind.example[0], kept(kind.example[2]) | {"version": newest + 1})

    def test_what_belongs_to_no_part_is_refused(self) -> None:
        for kind in self.each():
            name, entry = next(iter(self.entries(kind).items()))
            with self.assertRaises(AnswerRefused):
                none = WHOLE if kind.name in FREELY_NAMED else f"{name}elsewhere"
                kind.read_entry(kind.example[0], none, kept(entry))

    def test_a_fault_in_judging_hands_the_answer_to_the_teacher(self) -> None:
        def judge(*_: typing.Any) -> typing.NoReturn:
            raise ZeroDivisionError

        for kind in self.each():
            if not kind.keyed:
                continue
            broken = dataclasses.replace(kind, judge=judge)
            with self.assertLogs("velum.kinds.kind", "ERROR"):
                marks = broken.marks(*kind.example)
            self.assertTrue(marks)
            for mark in marks.values():
                self.assertEqual((mark.verdict, mark.reason.code), (Verdict.TEACHER, "marking.failed"))

    def test_a_field_never_touched_is_blank(self) -> None:
        for kind in self.each():
            field, key, _ = kind.example
            for with_key in (key, None):
                marks = kind.marks(field, with_key, None)
                self.assertEqual([mark.verdict for mark in marks.values()], [Verdict.BLANK] * len(field.parts))
            self.assertEqual(kind.handed_over(field, None, NEVER), kind.marks(field, key, None))

    def test_an_answer_without_a_key_waits_for_the_teacher(self) -> None:
        for kind in self.each():
            field, _, answer = kind.example
            marks = kind.marks(field, None, answer)
            self.assertEqual({mark.verdict for mark in marks.values()}, {Verdict.TEACHER} if marks else set())

    def test_marking_twice_gives_the_same(self) -> None:
        for kind in self.each():
            self.assertEqual(kind.marks(*kind.example), kind.marks(*kind.example))

    def test_a_hostile_answer_is_refused_with_a_code(self) -> None:
        nested: typing.Any = []
        for _ in range(5_000):
            nested = [nested]
        for kind in self.each():
            name, entry = next(iter(self.entries(kind).items()))
            own = kept(entry)
            cases: tuple[typing.Any, ...] = (
                None,
                [],
                7,
                "text",
                {"kind": "window"},
                {"kind": 7},
                own | {"version": []},
            )
            for hostile in (*cases, own | {"more": 1}, nested):
                with self.assertRaises(AnswerRefused) as caught:
                    kind.read_entry(kind.example[0], name, hostile)
                self.assertEqual(caught.exception.code, "answer.refused")

    @given(st.data())
    def test_anything_is_read_or_refused(self, data: st.DataObject) -> None:
        with mock.patch.dict(KINDS, {MADE_UP.name: MADE_UP}):
            for kind in KINDS.values():
                field, key, _ = kind.example
                for name, entry in self.entries(kind).items():
                    whole = kept(entry)
                    member = data.draw(st.sampled_from(sorted(whole)))
                    for value in (data.draw(json_values), whole | {member: data.draw(json_values)}):
                        try:
                            kind.read_entry(field, name, value)
                            answer = kind.read_entries(field, {name: value})
                        except AnswerRefused:
                            continue
                        for mark in kind.marks(field, key, answer).values():
                            self.assertTrue(0 <= mark.share <= 1)


class InTheBrowser(unittest.TestCase):
    def test_each_kind_has_its_folder(self) -> None:
        for name in KINDS:
            for side in ("teacher.ts", "student.ts"):
                with self.subTest(f"{name}/{side}"):
                    self.assertTrue((WEB / name / side).is_file())


class Registry(unittest.TestCase):
    def test_every_module_of_a_kind_is_registered(self) -> None:
        folder = Path(kinds.__file__).parent
        shared = {"__init__", "by_kind", "help", "kind", "part", "picking", "style", "written", "written_parts"}
        packages = {path.parent.name for path in folder.glob("*/__init__.py")} - {"tests"}
        self.assertEqual(({path.stem for path in folder.glob("*.py")} | packages) - shared, set(KINDS))

    def test_every_folder_of_the_front_end_is_registered(self) -> None:
        self.assertEqual({path.name for path in WEB.iterdir() if path.is_dir()}, set(KINDS))

    def test_a_name_given_twice_is_refused(self) -> None:
        kind = next(iter(KINDS.values()))
        with self.assertRaisesRegex(ValueError, "same name"):
            registry(kind, kind)

    def test_what_is_of_no_kind_is_refused_with_its_path(self) -> None:
        fields = TypeAdapter(list[Field])
        field = kept(KINDS["choice"].example[0])
        wrong: typing.Any
        for wrong in ({"kind": "window"}, {"kind": []}, {}, 7, None):
            with self.assertRaises(ValidationError) as refused:
                fields.validate_python([field, wrong])
            self.assertEqual([fault["loc"] for fault in refused.exception.errors()], [(1,)])
        with self.assertRaises(ValidationError) as refused:
            fields.validate_python([field | {"options": [], "more": 1}])
        paths = {fault["loc"] for fault in refused.exception.errors()}
        self.assertEqual(paths, {(0, "options"), (0, "more")})


def strings(value: typing.Any) -> typing.Iterator[str]:
    """Every text within a JSON value."""
    if isinstance(value, str):
        yield value
    elif isinstance(value, dict):
        for inner in value.values():
            yield from strings(inner)
    elif isinstance(value, list):
        for inner in value:
            yield from strings(inner)
