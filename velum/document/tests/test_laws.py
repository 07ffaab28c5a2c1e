"""Laws of edits: whatever they make can be kept and read again, and nothing but a sentence comes of what cannot."""

import json
import unittest
from collections.abc import Sequence
from unittest import mock

from hypothesis import given, settings
from hypothesis import strategies as st
from pydantic import ValidationError

from velum.answers.settings import AnswerSettings
from velum.document import edits as module
from velum.document.document import Document
from velum.document.edits import (
    ChangeField,
    ChangeFixture,
    Edit,
    EditFailed,
    EditRefused,
    LayFixture,
    MovePage,
    PlaceField,
    RefuseFound,
    RemoveField,
    Rename,
    SetGroups,
    SetKey,
    SetPageAside,
    SetSettings,
    SwapPaper,
    TurnPage,
    apply,
)
from velum.document.group import Group
from velum.document.reading import read_document, upgraded_edit, write_document
from velum.document.tests.examples import a_document, answer_box, page
from velum.errors import VelumError
from velum.fixtures.shape import Line
from velum.geometry.box import Box
from velum.kinds import KINDS
from velum.kinds.answer_box import AnswerBoxKey
from velum.kinds.tick_places import Spot, TickPlaces

names = st.sampled_from(["box1", "box2", "tick", "line", "page1", "page2", "none1"])
coordinates = st.floats(-20_000, 20_000, allow_nan=False) | st.floats(0, 595)
lengths = st.floats(0.1, 20_000) | st.floats(1, 300)
boxes = st.builds(Box, x=coordinates, y=coordinates, width=lengths, height=lengths)
shares, sizes = st.floats(0, 1), st.floats(0.001, 1)
spots = st.builds(Spot, id=st.just("opt00"), x=shares, y=shares, width=sizes, height=sizes)
fields = st.builds(answer_box, names, y=st.floats(0, 800), on=names) | st.builds(
    TickPlaces, id=names, page=names, box=boxes, spots=st.tuples(spots)
)
fixtures = st.builds(Line, id=names, page=names, box=boxes)
edits = st.lists(
    st.builds(PlaceField, field=fields)
    | st.builds(ChangeField, field=fields)
    | st.builds(RemoveField, field_id=names)
    | st.builds(SetKey, field_id=names, key=st.none() | st.just(AnswerBoxKey(text="ebb")))
    | st.builds(Rename, title=st.sampled_from(["Zones", "x" * 200]))
    | st.builds(SetSettings, settings=st.builds(AnswerSettings, decimal=st.sampled_from([".", ","])))
    | st.builds(SetGroups, groups=st.tuples(st.builds(Group, id=st.just("group1"), fields=st.tuples(names, names))))
    | st.builds(
        RefuseFound, page_id=names, refused=st.lists(st.just(Box(x=1, y=2, width=3, height=4)), max_size=3).map(tuple)
    )
    | st.builds(TurnPage, page_id=names, by=st.sampled_from([90, 180, 270]))
    | st.builds(MovePage, page_id=names, to=st.integers(0, 3))
    | st.builds(SwapPaper, page_id=names, with_id=names)
    | st.builds(SetPageAside, page_id=names)
    | st.builds(LayFixture, fixture=fixtures)
    | st.builds(ChangeFixture, fixture=fixtures),
    max_size=8,
)


def after_each(sheet: Document, made: Sequence[Edit]) -> Document:
    """The worksheet after those of the edits that are not refused."""
    for edit in made:
        try:
            sheet = apply(sheet, [edit])
        except VelumError as refused:
            assert not isinstance(refused, EditFailed), refused.__cause__
            assert refused.path == ("edits", 0)
    return sheet


class Laws(unittest.TestCase):
    @settings(max_examples=300)
    @given(edits)
    def test_whatever_edits_make_can_be_kept_and_read_again(self, made: list[Edit]) -> None:
        sheet = after_each(a_document(answer_box("box1"), answer_box("box2", on="page2")), made)
        self.assertEqual(read_document(json.loads(json.dumps(write_document(sheet)))), sheet)

    @settings(max_examples=300)
    @given(st.integers(20, 600), st.integers(10, 40), st.sampled_from([90, 180, 270]), st.booleans())
    def test_turned_spots_can_be_read(self, length: int, side: int, by: int, across: bool) -> None:
        """As the tool draws them: some in a line along the box, the last ending where it ends."""
        count = max(2, length // 28)
        along = min(1.0, side / length)
        places = [(1 - along) * i / (count - 1) for i in range(count)]
        line = tuple(
            Spot(id=f"opt{i:02}", x=at if across else 0, y=0 if across else at, width=along if across else 1,
                 height=1 if across else along)
            for i, at in enumerate(places[:26])
        )  # fmt: skip
        box = Box(x=30, y=40, width=length if across else side, height=side if across else length)
        sheet = a_document().changed(fields=(TickPlaces(id="tick", page="page1", box=box, spots=line),))
        for _ in range(3):
            sheet = apply(sheet, [TurnPage(page_id="page1", by=by)])
            self.assertEqual(read_document(write_document(sheet)), sheet)

    def test_no_model_is_made_that_could_not_be_read(self) -> None:
        with self.assertRaises(ValidationError):
            page().changed(width=-1)
        with self.assertRaises(ValidationError):
            page().changed(colour="red")

    def test_an_edit_that_the_core_fails_on_is_told_from_one_that_does_not_fit(self) -> None:
        sheet = a_document(answer_box("box1"))
        with (
            mock.patch.object(module, "check_groups", side_effect=ZeroDivisionError),
            self.assertRaises(EditFailed) as failed,
        ):
            apply(sheet, [Rename(title="Zones"), SetGroups(groups=())])
        self.assertEqual((failed.exception.code, failed.exception.path), ("edit.failed", ("edits", 1)))
        far = answer_box("box1").changed(box=Box(x=20_000, y=20_000, width=20_000, height=20_000))
        with self.assertRaises(EditRefused) as refused:
            apply(sheet, [ChangeField(field=far), TurnPage(page_id="page1", by=90)])
        self.assertEqual((refused.exception.code, refused.exception.path), ("edit.impossible", ("edits", 1)))


class OlderVersions(unittest.TestCase):
    def test_worksheets_that_named_options_by_their_places_are_read(self) -> None:
        for kind in ("choice", "tick_places"):
            field, key = KINDS[kind].example[:2]
            assert key is not None
            sheet = a_document().changed(fields=(field,), keys={field.id: key})
            older = write_document(sheet) | {"version": 2}
            options = "options" if kind == "choice" else "spots"
            for option in older["fields"][0][options]:
                del option["id"]
            older["keys"][field.id]["picked"] = [int(name.removeprefix("opt")) for name in key.picked]
            self.assertEqual(read_document(older), sheet)

    def test_spots_that_a_turn_has_spoilt_are_mended(self) -> None:
        field = KINDS["tick_places"].example[0]
        older = write_document(a_document().changed(fields=(field,))) | {"version": 2}
        older["fields"][0]["spots"][0]["x"] = -5.6e-17
        self.assertEqual(read_document(older).fields, (field,))

    def test_edits_that_waited_on_a_device_are_read(self) -> None:
        place = {"op": "place", "field": {"kind": "choice", "options": [{"text": "ebb"}, {"text": "flood"}]}}
        self.assertEqual(upgraded_edit(2, place)["field"]["options"][1], {"id": "opt01", "text": "flood"})
        key = {"op": "set_key", "field_id": "pick1", "key": {"kind": "choice", "picked": [1]}}
        self.assertEqual(upgraded_edit(2, key)["key"]["picked"], ["opt01"])
        self.assertEqual(upgraded_edit(3, key), key)
        for other in (None, 7, {"op": "rename", "title": "x"}, {"op": "set_key", "key": None}):
            self.assertEqual(upgraded_edit(1, other), other)
