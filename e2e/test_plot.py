"""Points, intervals and lines on scales: laid over what is printed, set by mouse, finger and keyboard, marked."""

from typing import Any

from django.utils import timezone
from playwright.sync_api import Locator, Page, expect

from demo import making
from demo.moving import edits
from demo.papers import tide_line
from e2e.finger import REST, Finger
from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.markbook.flows.settle import settle
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.kinds.plot import Plot, PlotKey


class OnTheSheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        lay = dict(making.papers())[tide_line]
        laid = lay(document, lambda name: "")
        self.assertTrue(edits(document, tide_line, laid))
        keys = {field.id: key for field, key in laid if key}
        fields = tuple(field for field, _ in laid)
        replace(self.keepers_log, document.changed(fields=fields, keys=keys, groups=()))
        self.handed = settle(
            self.maren, hand_out(self.maren, self.keepers_log.pk).pk, {"may_check": True}, timezone.now()
        )

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def board(self, page: Page, number: int) -> Locator:
        return page.get_by_role("group", name=f"Answer {number}:")

    def at(self, page: Page, number: int, across: float, up: float | None = None) -> tuple[float, float]:
        """Where a value lies in the window: its place is reckoned from the paper, not from the product's own scales."""
        self.board(page, number).scroll_into_view_if_needed()
        box = self.board(page, number).bounding_box()
        assert box
        if up is None:
            last = 6 if number == 1 else 24
            scale = box["width"] / (tide_line.RIGHT - tide_line.LEFT + 24)
            return (
                box["x"] + scale * (12 + (tide_line.RIGHT - tide_line.LEFT) * across / last),
                box["y"] + box["height"] / 2,
            )
        scale = box["width"] / (tide_line.CELL * tide_line.CELLS + 28)
        return (
            box["x"] + scale * (14 + tide_line.CELL * across),
            box["y"] + scale * (14 + tide_line.CELL * (tide_line.CELLS - up)),
        )

    def drag(self, page: Page, start: tuple[float, float], end: tuple[float, float]) -> None:
        page.mouse.move(*start)
        page.mouse.down()
        page.mouse.move((start[0] + end[0]) / 2, start[1], steps=3)
        page.mouse.move(*end, steps=3)
        page.mouse.up()

    def in_brackets(self, low: float, low_belongs: bool, high: float, high_belongs: bool) -> str:
        return f"{'[' if low_belongs else '('}{low} {high}{']' if high_belongs else ')'}"

    def expect_set(self, field: str, wanted: list[Any]) -> None:
        """What the server has: values of points, pairs of a grid, and intervals in brackets."""

        def found() -> list[Any]:
            row = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.filter(field_id=field).first()
            value: dict[str, Any] = row.value if row else {"placed": [], "intervals": []}
            points = [
                point["across"] if point["up"] is None else (point["across"], point["up"]) for point in value["placed"]
            ]
            return points + [self.in_brackets(**each) for each in value["intervals"]]

        wait_until(lambda: found() == wanted, f"the server has {wanted} in {field}, not {found()}")

    def test_by_mouse_marked_by_what_is_set(self) -> None:
        sheet = self.join()
        page = sheet.page
        page.mouse.click(*self.at(page, 1, 4.52))
        page.mouse.click(*self.at(page, 1, 5.0))
        self.drag(page, self.at(page, 1, 5.0), self.at(page, 1, 5.27))
        self.expect_set("heights1", [4.5, 5.25])
        self.assert_accessible(page)
        # Pressed where there are enough already, the last one goes there; it comes back.
        page.mouse.click(*self.at(page, 1, 1))
        self.expect_set("heights1", [4.5, 1])
        page.get_by_label("Point 2", exact=True).last.fill("5.25")
        page.keyboard.press("Enter")
        self.expect_set("heights1", [4.5, 5.25])
        self.drag(page, self.at(page, 2, 9), self.at(page, 2, 14))
        self.expect_set("hours1", ["[9.0 14.0]"])
        page.mouse.click(*self.at(page, 2, 14))
        self.expect_set("hours1", ["[9.0 14.0)"])
        # Dragged beyond the last hour it runs on, and comes back.
        end, (right, level) = self.at(page, 2, 14), self.at(page, 2, 24)
        self.drag(page, end, (right + 40, level))
        self.expect_set("hours1", ["[9.0 None)"])
        self.drag(page, (right + 19, level), end)
        self.expect_set("hours1", ["[9.0 14.0)"])
        page.mouse.click(*self.at(page, 3, 2, 5))
        page.mouse.click(*self.at(page, 3, 3, 7))
        self.expect_set("tank1", [(2, 5), (3, 7)])
        self.assert_accessible(page)
        page.reload()
        expect(page.get_by_role("slider", name="Point 2").first).to_have_attribute("aria-valuetext", "5.25")
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in").click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed).values_list("field_id", "verdict")
        self.assertEqual(dict(marks), {"heights1": "right", "hours1": "right", "tank1": "right"})
        review = self.teacher_browser().new_page()
        review.goto(f"/copies/{sheet.copy_id}/")
        review.get_by_role("button", name="Question 2: [9, 14), right").click()
        self.assert_accessible(review)

    def test_by_keyboard_alone(self) -> None:
        page = self.join().page
        board = self.board(page, 1)
        board.get_by_role("button", name="Set a point").focus()
        page.keyboard.press("Enter")
        point = board.get_by_role("slider", name="Point 1")
        expect(point).to_be_focused()
        expect(point).to_have_attribute("aria-valuetext", "3")
        page.keyboard.press("Shift+ArrowRight")
        page.keyboard.press("ArrowLeft")
        expect(point).to_have_attribute("aria-valuetext", "5.25")
        self.expect_set("heights1", [5.25])
        page.keyboard.press("Delete")
        self.expect_set("heights1", [])
        hours = self.board(page, 2)
        hours.get_by_role("button", name="Set an interval").focus()
        page.keyboard.press("Enter")
        high = hours.get_by_role("slider", name="Interval 1, upper end")
        expect(high).to_be_focused()
        expect(high).to_have_attribute("aria-valuetext", "14, included")
        page.keyboard.press(" ")
        expect(high).to_have_attribute("aria-valuetext", "14, left out")
        page.keyboard.press("Shift+Tab")
        for _ in range(3):
            page.keyboard.press("ArrowLeft")
        self.expect_set("hours1", ["[9.0 14.0)"])
        grid = self.board(page, 3)
        grid.get_by_role("button", name="Set a point").focus()
        page.keyboard.press("Enter")
        page.keyboard.press("ArrowUp")
        page.keyboard.press("ArrowLeft")
        self.expect_set("tank1", [(4, 6)])
        self.assert_accessible(page)

    def test_by_finger_on_a_phone(self) -> None:
        page = self.join(**PHONE).page
        finger = Finger(page)
        page.touchscreen.tap(*self.at(page, 1, 4.5))
        self.expect_set("heights1", [4.5])
        # A finger that rests first drags what it set; one that presses twice sets both ends.
        finger.go(*self.at(page, 1, 2), *self.at(page, 1, 4), rest=REST)
        self.expect_set("heights1", [4.5, 4])
        page.touchscreen.tap(*self.at(page, 2, 9))
        expect(page.get_by_test_id("announcer")).to_contain_text("One end at 9")
        page.touchscreen.tap(*self.at(page, 2, 14))
        self.expect_set("hours1", ["[9.0 14.0]"])
        dock = page.get_by_role("region", name="The question in hand")
        dock.get_by_label("Upper end of interval 1: included or not").select_option("left out")
        self.expect_set("hours1", ["[9.0 14.0)"])
        dock.get_by_label("Upper end of interval 1: included or not").select_option("runs on")
        self.expect_set("hours1", ["[9.0 None]"])
        self.assert_accessible(page)


class OnTheFilm(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.tide_table)
        replace(self.tide_table, document.changed(fields=(), keys={}, groups=()))
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page).open(self.tide_table.pk)

    def made(self) -> tuple[Plot, PlotKey | None]:
        self.editor.expect_saved()
        self.tide_table.refresh_from_db()
        document = documents.read(self.tide_table)
        (field,) = document.fields
        key: Any = document.keys.get(field.id)
        assert isinstance(field, Plot)
        return field, key

    def test_a_printed_line_is_told_by_two_known_places_and_keyed(self) -> None:
        self.page.get_by_role("button", name="Points on a scale").click()
        self.editor.draw(60, 620, 560, 660)
        ring = self.page.locator("[data-known=across]").bounding_box()
        assert ring
        self.page.mouse.move(ring["x"] + 12, ring["y"] + 12)
        self.page.mouse.down()
        self.page.mouse.move(ring["x"] - 40, ring["y"] + 12, steps=4)
        self.page.mouse.up()
        last = self.made()[0].across.last
        self.assertLess(last.x, 0.9)
        move = self.editor.slip.get_by_role("group", name="Second, across").get_by_role("button")
        move.press("Shift+ArrowRight")
        self.assertGreater(self.made()[0].across.last.x, last.x)
        self.editor.slip.get_by_role("group", name="Second, across").get_by_label("value").fill("12")
        self.page.keyboard.press("Enter")
        self.editor.slip.get_by_label("At most").fill("2")
        self.page.keyboard.press("Enter")
        self.editor.pick("Intervals")
        field, _ = self.made()
        self.assertEqual((field.across.last.value, field.most, field.asked), (12, 2, "intervals"))
        self.assert_accessible(self.page)
        self.editor.step("Key")
        self.page.get_by_role("button", name="Set an interval").first.focus()
        self.page.keyboard.press("Enter")
        self.page.keyboard.press(" ")
        field, key = self.made()
        assert key
        (interval,) = key.intervals
        self.assertEqual((interval.high_belongs, interval.low_belongs), (False, True))
        self.editor.slip.get_by_label("May be off by (steps)").fill("0.5")
        self.page.keyboard.press("Enter")
        key = self.made()[1]
        assert key
        self.assertEqual(key.off, 0.5)
        self.assert_accessible(self.page)
        # What was right for another question is right no more, and comes back with it.
        self.editor.step("Film")
        self.editor.pick("Points")
        self.assertIsNone(self.made()[1])
        self.editor.undo.click()
        self.assertIsNotNone(self.made()[1])

    def test_over_a_laid_grid_its_values_are_the_grids(self) -> None:
        self.page.get_by_role("button", name="Grid", exact=True).click()
        self.editor.draw(60, 520, 320, 720)
        self.page.get_by_role("button", name="Points on a scale").click()
        self.editor.draw(80, 540, 300, 700)
        field, _ = self.made()
        self.tide_table.refresh_from_db()
        (grid,) = documents.read(self.tide_table).fixtures
        self.assertEqual(field.box, grid.box)
        assert field.up
        self.assertEqual((field.across.last.value, field.up.last.value), (10, 10))
        self.editor.pick("A line")
        self.assertEqual(self.made()[0].asked, "line")
