import unittest

from velum.document.document import Document
from velum.document.edits import (
    ChangeFixture,
    Edit,
    ForgetPage,
    InsertPage,
    LayerFixture,
    LayFixture,
    PlaceField,
    RemoveField,
    RemoveFixture,
    SetPageAside,
    apply,
)
from velum.document.laying import MOST_FIXTURES
from velum.document.media import pictures_on
from velum.document.replacing import replacement
from velum.document.sheet import sheet_of
from velum.document.straightening import straightened
from velum.document.tests.examples import a_document, answer_box, page
from velum.errors import VelumError
from velum.fixtures.picture import Picture
from velum.fixtures.shape import Line, Shape
from velum.geometry.box import Box
from velum.paper.page_size import PageSize
from velum.paper.reprint import Reprint
from velum.testing.photos import SLANTED

BOX = Box(x=100, y=100, width=80, height=60)


def ring(name: str, on: str = "page1") -> Shape:
    return Shape(id=name, page=on, box=BOX, form="ellipse")


def with_rings(*names: str) -> Document:
    return apply(a_document(), [LayFixture(fixture=ring(name)) for name in names])


def layers(sheet: Document) -> list[str]:
    return [fixture.id for fixture in sheet.fixtures]


class Laying(unittest.TestCase):
    def assert_refused(self, sheet: Document, edit: Edit, code: str) -> None:
        with self.assertRaises(VelumError) as caught:
            apply(sheet, [edit])
        self.assertEqual(caught.exception.code, code)

    def test_fixtures_are_laid_above_the_others_or_in_a_layer(self) -> None:
        sheet = with_rings("ring1", "ring2")
        self.assertEqual(layers(sheet), ["ring1", "ring2"])
        self.assertEqual(
            layers(apply(sheet, [LayFixture(fixture=ring("ring3"), layer=1)])), ["ring1", "ring3", "ring2"]
        )

    def test_a_layer_is_changed(self) -> None:
        sheet = with_rings("ring1", "ring2", "ring3")
        self.assertEqual(layers(apply(sheet, [LayerFixture(fixture_id="ring1", layer=2)])), ["ring2", "ring3", "ring1"])
        self.assertEqual(layers(apply(sheet, [LayerFixture(fixture_id="ring3", layer=0)])), ["ring3", "ring1", "ring2"])

    def test_a_change_keeps_the_layer(self) -> None:
        sheet = apply(with_rings("ring1", "ring2"), [ChangeFixture(fixture=ring("ring1", on="page2"))])
        self.assertEqual([(made.id, made.page) for made in sheet.fixtures], [("ring1", "page2"), ("ring2", "page1")])

    def test_what_does_not_fit_is_refused(self) -> None:
        sheet = apply(with_rings("ring1"), [PlaceField(field=answer_box("box1"))])
        line = Line(id="ring1", page="page1", box=BOX)
        self.assert_refused(sheet, LayFixture(fixture=ring("ring1")), "fixture.exists")
        self.assert_refused(sheet, LayFixture(fixture=ring("box1")), "fixture.exists")
        self.assert_refused(sheet, PlaceField(field=answer_box("ring1")), "edit.field_exists")
        self.assert_refused(sheet, LayFixture(fixture=ring("ring2", on="page9")), "page.gone")
        self.assert_refused(sheet, ChangeFixture(fixture=line), "fixture.kind_changed")
        self.assert_refused(sheet, ChangeFixture(fixture=ring("ring9")), "fixture.gone")
        self.assert_refused(sheet, RemoveFixture(fixture_id="ring9"), "fixture.gone")

    def test_a_worksheet_takes_only_so_many(self) -> None:
        full = a_document().changed(fixtures=tuple(ring(f"ring{number}") for number in range(MOST_FIXTURES)))
        self.assert_refused(full, LayFixture(fixture=ring("more1")), "fixture.too_many")

    def test_they_stay_on_a_page_set_aside_and_students_are_not_given_them(self) -> None:
        edits: list[Edit] = [LayFixture(fixture=ring("ring2", on="page2")), SetPageAside(page_id="page2")]
        sheet = apply(with_rings("ring1"), edits)
        self.assertEqual(layers(sheet), ["ring1", "ring2"])
        self.assertEqual([fixture.id for fixture in sheet_of(sheet).fixtures], ["ring1"])

    def test_a_page_is_not_forgotten_while_something_is_laid_on_it(self) -> None:
        edits: list[Edit] = [
            InsertPage(page=page("page9"), to=1),
            LayFixture(fixture=ring("ring1", on="page9")),
            SetPageAside(page_id="page9"),
        ]
        sheet = apply(a_document(), edits)
        self.assert_refused(sheet, ForgetPage(page_id="page9"), "page.in_use")
        apply(sheet, [RemoveFixture(fixture_id="ring1"), ForgetPage(page_id="page9")])

    def test_they_go_along_when_a_page_is_straightened(self) -> None:
        sheet = with_rings("ring1")
        moved = straightened(sheet, sheet.pages[0], SLANTED, False, PageSize(595.276, 841.89))
        (after,) = moved.fixtures
        self.assertNotEqual((after.box.x, after.box.y), (BOX.x, BOX.y))
        self.assertEqual((after.box.width, after.box.height), (BOX.width, BOX.height))

    def test_they_go_along_with_a_new_printing_and_stay_on_its_page(self) -> None:
        sheet = apply(
            with_rings("ring1"),
            [
                LayFixture(fixture=ring("ring2", on="page2")),
                InsertPage(page=page("page9"), to=0),
                SetPageAside(page_id="page9"),
            ],
        )
        sheet = apply(sheet, [RemoveField(field_id=field.id) for field in sheet.fields])
        moved = replacement(sheet, "page1", "page9", Reprint(right=-150, down=20, altered=()))
        self.assertEqual([(made.id, made.box.x, made.box.y) for made in moved.fixtures], [("ring1", 0, 120)])

    def test_pictures_are_told(self) -> None:
        picture = Picture(id="crab1", page="page1", box=BOX, picture="a" * 64, alternative="A crab")
        self.assertEqual(pictures_on(apply(a_document(), [LayFixture(fixture=picture)])), {"a" * 64})
