"""What every field kind promises, tried on every kind in the registry."""

import dataclasses
import json
import typing
import unittest
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st
from pydantic import TypeAdapter

from velum import kinds
from velum.kinds import KINDS, AnyKind, Field, registry
from velum.kinds.kind import AnswerRefused
from velum.marking.mark import Verdict

WEB = Path(__file__).parents[3] / "web" / "src" / "kinds"

json_values = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=30),
    lambda inner: st.lists(inner, max_size=4) | st.dictionaries(st.text(max_size=10), inner, max_size=4),
    max_leaves=12,
)


def members(union: object) -> tuple[type, ...]:
    """The classes that a union of kinds may be, with or without a discriminator around it."""
    while typing.get_origin(union) is typing.Annotated:
        union = typing.get_args(union)[0]
    return typing.get_args(union) or (typing.cast(type, union),)


class Contract(unittest.TestCase):
    def each(self) -> typing.Iterator[AnyKind]:
        for kind in KINDS.values():
            with self.subTest(kind.name):
                yield kind

    def test_its_values_come_back_from_json_as_they_went(self) -> None:
        for kind in self.each():
            for value in (*kind.example, kind.prompt(kind.example[0])):
                text = value.model_dump_json()
                self.assertEqual(type(value).model_validate_json(text), value)
                self.assertEqual(json.loads(text)["kind"], kind.name)

    def test_its_prompt_holds_nothing_of_its_key(self) -> None:
        for kind in self.each():
            field, key, _ = kind.example
            prompt = kind.prompt(field).model_dump_json()
            open_to_all = set(strings(field.model_dump(mode="json")))
            for word in set(strings(key.model_dump(mode="json"))) - open_to_all:
                self.assertNotIn(word, prompt)
            for name in type(key).model_fields.keys() - {"kind"}:
                self.assertNotIn(f'"{name}"', prompt)

    def test_its_prompt_keeps_the_hint_back(self) -> None:
        for kind in self.each():
            field = kind.example[0].changed(hint="look under the stones")
            self.assertNotIn("under the stones", kind.prompt(field).model_dump_json())

    def test_its_own_key_in_words_makes_the_key_again(self) -> None:
        for kind in self.each():
            field, key, _ = kind.example
            text = "A" if kind.picks else key.text
            made = kind.key_from_text(field, text)
            self.assertIsInstance(made, kind.key)
            self.assertIsNone(kind.key_from_text(field, "  "))

    def test_its_key_is_clear(self) -> None:
        for kind in self.each():
            field, key, _ = kind.example
            self.assertEqual(kind.doubt(field, key, "."), "")

    def test_what_stands_in_any_order_can_be_told_apart(self) -> None:
        for kind in self.each():
            field, key, answer = kind.example
            if kind.in_any_order:
                for alone in kind.in_any_order.alternatives(key):
                    self.assertEqual(kind.mark(field, alone, answer).verdict, Verdict.RIGHT)
                    self.assertEqual(kind.in_any_order.says_key(alone, "."), kind.in_any_order.says(answer, "."))

    def test_its_prompt_says_what_it_is_and_where(self) -> None:
        for kind in self.each():
            field = kind.example[0]
            prompt = kind.prompt(field)
            self.assertIsInstance(prompt, kind.prompt_type)
            for name in ("kind", "id", "page", "box", "points", "name"):
                self.assertEqual(getattr(prompt, name), getattr(field, name))

    def test_its_example_is_right_and_earns_everything(self) -> None:
        for kind in self.each():
            mark = kind.mark(*kind.example)
            self.assertEqual((mark.verdict, mark.share), (Verdict.RIGHT, 1))
            self.assertTrue(mark.reason.code)
            self.assertTrue(mark.reason.words)

    def test_its_own_example_is_read_as_it_was_kept(self) -> None:
        for kind in self.each():
            field, _, answer = kind.example
            self.assertEqual(kind.read_answer(field, answer.model_dump(mode="json")), answer)

    def test_each_older_version_of_its_answers_is_read(self) -> None:
        for kind in self.each():
            newest = typing.get_args(kind.answer.model_fields["version"].annotation)[0]
            self.assertEqual(set(kind.upgrades_of_answer), set(range(1, newest)))
            with self.assertRaises(AnswerRefused):
                kind.read_answer(kind.example[0], kind.example[2].model_dump(mode="json") | {"version": newest + 1})

    def test_a_fault_in_comparing_hands_the_answer_to_the_teacher(self) -> None:
        def compare(*_: typing.Any) -> typing.NoReturn:
            raise ZeroDivisionError

        for kind in self.each():
            broken = dataclasses.replace(kind, compare=compare)
            with self.assertLogs("velum.kinds.kind", "ERROR"):
                mark = broken.mark(*kind.example)
            self.assertEqual((mark.verdict, mark.reason.code), (Verdict.TEACHER, "marking.failed"))

    def test_a_field_never_touched_is_blank(self) -> None:
        for kind in self.each():
            field, key, _ = kind.example
            self.assertEqual(kind.mark(field, key, None).verdict, Verdict.BLANK)
            self.assertEqual(kind.mark(field, None, None).verdict, Verdict.BLANK)

    def test_an_answer_without_a_key_waits_for_the_teacher(self) -> None:
        for kind in self.each():
            field, _, answer = kind.example
            self.assertEqual(kind.mark(field, None, answer).verdict, Verdict.TEACHER)

    def test_marking_twice_gives_the_same(self) -> None:
        for kind in self.each():
            self.assertEqual(kind.mark(*kind.example), kind.mark(*kind.example))

    def test_a_hostile_answer_is_refused_with_a_code(self) -> None:
        nested: typing.Any = []
        for _ in range(5_000):
            nested = [nested]
        for kind in self.each():
            own = kind.example[2].model_dump(mode="json")
            cases: tuple[typing.Any, ...] = (None, [], 7, "text", {}, {"kind": kind.name}, {"kind": "window"})
            for hostile in (*cases, own | {"more": 1}, nested):
                with self.assertRaises(AnswerRefused) as caught:
                    kind.read_answer(kind.example[0], hostile)
                self.assertEqual(caught.exception.code, "answer.refused")

    @given(json_values)
    def test_anything_is_read_or_refused(self, value: typing.Any) -> None:
        for kind in KINDS.values():
            for data in (value, {"kind": kind.name, "text": value}, {"kind": kind.name, "picked": value}):
                try:
                    answer = kind.read_answer(kind.example[0], data)
                except AnswerRefused:
                    continue
                field, key, _ = kind.example
                self.assertTrue(0 <= kind.mark(field, key, answer).share <= 1)

    def test_the_front_end_has_its_folder(self) -> None:
        for kind in self.each():
            for side in ("teacher.ts", "student.ts"):
                self.assertTrue((WEB / kind.name / side).is_file(), side)


class Registry(unittest.TestCase):
    def test_the_unions_name_the_same_kinds(self) -> None:
        for union, part in (
            (kinds.Field, "field"),
            (kinds.Key, "key"),
            (kinds.Prompt, "prompt_type"),
            (kinds.Answer, "answer"),
        ):
            with self.subTest(part):
                self.assertEqual(set(members(union)), {getattr(kind, part) for kind in KINDS.values()})

    def test_every_module_of_a_kind_is_registered(self) -> None:
        folder = Path(kinds.__file__).parent
        modules = {path.stem for path in folder.glob("*.py")} - {"__init__", "kind", "picking"}
        self.assertEqual(modules, set(KINDS))

    def test_every_folder_of_the_front_end_is_registered(self) -> None:
        self.assertEqual({path.name for path in WEB.iterdir() if path.is_dir()}, set(KINDS))

    def test_a_name_given_twice_is_refused(self) -> None:
        kind = next(iter(KINDS.values()))
        with self.assertRaisesRegex(ValueError, "same name"):
            registry(kind, kind)

    def test_a_field_is_read_by_its_kind(self) -> None:
        for kind in KINDS.values():
            data = kind.example[0].model_dump(mode="json")
            self.assertIsInstance(TypeAdapter(Field).validate_python(data), kind.field)


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
