"""Pieces and slots: laid, keyed, moved by students with mouse, finger and keyboard, and marked."""

from typing import Any

from playwright.sync_api import Locator, Page, expect

from demo import world
from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.handouts.models import Handout
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.geometry.box import Box
from velum.kinds.joins import JOINS
from velum.kinds.pieces.field import Pieces
from velum.kinds.pieces.key import Belongs, PiecesKey
from velum.kinds.pieces.piece import Piece
from velum.kinds.pieces.slot import Slot

TABLET = {"width": 820, "height": 1180}
WORDS = ("ebbs", "flood", "slack")


def a_bank(page: str) -> Pieces:
    """Three words on a page, and two slots for them."""
    boxes = (Box(x=60, y=300, width=110, height=26), Box(x=240, y=300, width=110, height=26))
    return Pieces(
        id="tides1",
        page=page,
        box=Box(x=60, y=360, width=300, height=44),
        pieces=tuple(Piece(id=word, words=word) for word in WORDS),
        slots=tuple(
            Slot(id=name, page=page, box=box, name=said)
            for name, said, box in zip(("slot1", "slot2"), ("the sea falls", "the sea rises"), boxes, strict=True)
        ),
    )


KEY = PiecesKey(arrangements=((Belongs(slot="slot1", pieces=("ebbs",)), Belongs(slot="slot2", pieces=("flood",))),))


class OnTheSheet(Journey):
    """What students do."""

    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        bank = a_bank(document.pages[0].id)
        replace(self.keepers_log, document.changed(fields=(bank,), keys={bank.id: KEY}, groups=()))
        self.handed: Handout = hand_out(self.maren, self.keepers_log.pk)
        self.handed.may_check = True
        self.handed.save()

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def laid(self) -> dict[str, str]:
        """The slot that each piece lies in, as the server has it."""
        copy = Copy.objects.get(handout=self.handed, name="Zoe Quill")
        return {answer.entry: answer.value["slot"] for answer in copy.answers.all() if answer.value["slot"]}

    def piece(self, page: Page, word: str) -> Locator:
        return page.locator("main").get_by_role("button", name=f"{word}, ")

    def slot(self, page: Page, name: str) -> Locator:
        return page.locator("main").get_by_role("group", name=name)

    def expect_laid(self, **laid: str) -> None:
        wait_until(lambda: self.laid() == laid, f"the server has {laid}")

    def drag(self, page: Page, one: Locator, to: Locator) -> None:
        for each in (to, one):
            each.scroll_into_view_if_needed()
        start, end = one.bounding_box(), to.bounding_box()
        assert start and end
        page.mouse.move(start["x"] + start["width"] / 2, start["y"] + start["height"] / 2)
        page.mouse.down()
        page.mouse.move(end["x"] + end["width"] / 2, end["y"] + end["height"] / 2, steps=6)
        page.mouse.up()

    def test_pieces_are_dragged_swapped_and_put_back(self) -> None:
        sheet = self.join()
        page = sheet.page
        self.drag(page, self.piece(page, "flood"), self.slot(page, "the sea falls"))
        expect(self.slot(page, "the sea falls")).to_contain_text("flood")
        self.drag(page, self.piece(page, "ebbs"), self.slot(page, "the sea rises"))
        self.drag(page, self.piece(page, "flood"), self.slot(page, "the sea rises"))
        expect(self.slot(page, "the sea rises")).to_contain_text("flood")
        expect(self.slot(page, "the sea falls")).to_contain_text("ebbs")
        self.expect_laid(ebbs="slot1", flood="slot2")
        self.drag(page, self.piece(page, "flood"), page.get_by_role("group", name="Pieces that wait"))
        self.expect_laid(ebbs="slot1")
        page.reload()
        expect(self.slot(page, "the sea falls")).to_contain_text("ebbs")
        expect(page.get_by_role("group", name="Pieces that wait").get_by_role("button")).to_have_count(2)
        self.assert_accessible(page)

    def test_slots_look_as_the_teacher_has_fields_look(self) -> None:
        self.keepers_log.refresh_from_db()
        document = documents.read(self.keepers_log)
        (bank,) = document.fields
        bold = document.style.changed(border="bold", fill="#ffe08a", see_through=False)
        replace(self.keepers_log, document.changed(fields=(bank.changed(style=bold),)))
        self.handed = hand_out(self.maren, self.keepers_log.pk)
        slot = self.slot(self.join().page, "the sea falls")
        expect(slot).to_have_css("border-top-width", "3px")
        expect(slot).to_have_css("background-color", "rgb(255, 224, 138)")

    def test_a_press_takes_and_a_press_puts(self) -> None:
        page = self.join().page
        self.piece(page, "ebbs").click()
        page.get_by_role("button", name="Put ebbs into the sea falls").click()
        self.expect_laid(ebbs="slot1")
        self.piece(page, "slack").click()
        page.get_by_role("button", name="Put slack into the sea falls").click()
        self.expect_laid(slack="slot1")

    def test_the_keyboard_takes_goes_and_puts(self) -> None:
        page = self.join().page
        keys = page.keyboard
        self.piece(page, "flood").focus()
        keys.press("Enter")
        expect(page.get_by_test_id("announcer")).to_contain_text("flood is in hand")
        self.assert_accessible(page)
        keys.press("ArrowDown")
        keys.press("ArrowDown")
        expect(page.get_by_role("button", name="Put flood into the sea rises")).to_be_focused()
        keys.press("Enter")
        expect(page.get_by_test_id("announcer")).to_contain_text("flood put into the sea rises")
        self.expect_laid(flood="slot2")
        self.piece(page, "flood").focus()
        keys.press("Enter")
        keys.press("Escape")
        expect(self.piece(page, "flood")).to_be_focused()
        keys.press("Delete")
        self.expect_laid()

    def test_a_finger_takes_from_the_dock_and_drags(self) -> None:
        sheet = self.join(**PHONE)
        page = sheet.page
        dock = page.get_by_role("region", name="The question in hand")
        dock.get_by_role("button", name="ebbs, waiting").tap()
        page.get_by_role("button", name="Put ebbs into the sea falls").tap()
        self.expect_laid(ebbs="slot1")
        self.assert_accessible(page)

    def test_a_tray_beside_the_pages_comes_with_a_press_on_a_slot(self) -> None:
        self.keepers_log.refresh_from_db()
        document = documents.read(self.keepers_log)
        (bank,) = document.fields
        other = JOINS.example[0].changed(page=bank.page, box=Box(x=60, y=100, width=200, height=80))
        beside = bank.changed(tray="beside")
        replace(self.keepers_log, document.changed(fields=(other, beside)))
        self.handed = hand_out(self.maren, self.keepers_log.pk)
        page = self.join().page
        tray = page.get_by_role("group", name="Pieces that wait")
        expect(tray).to_have_count(0)
        self.slot(page, "the sea rises").click()
        tray.get_by_role("button", name="flood, waiting").click()
        page.get_by_role("button", name="Put flood into the sea rises").click()
        self.expect_laid(flood="slot2")

    def test_a_list_stands_for_all_places(self) -> None:
        page = self.join().page
        self.slot(page, "the sea falls").scroll_into_view_if_needed()
        page.get_by_role("button", name="As a list").click()
        dialog = page.get_by_role("dialog")
        dialog.get_by_label("A piece for the sea rises").select_option("slack")
        self.expect_laid(slack="slot2")
        self.assert_accessible(page)
        dialog.get_by_role("button", name="Take slack out of the sea rises").click()
        self.expect_laid()

    def test_all_are_put_back_and_that_is_undone(self) -> None:
        page = self.join().page
        for word, place in (("ebbs", "the sea rises"), ("slack", "the sea falls")):
            self.drag(page, self.piece(page, word), self.slot(page, place))
        self.expect_laid(ebbs="slot2", slack="slot1")
        again = page.get_by_role("button", name="Start this page again")
        page.locator(".paper").nth(1).evaluate("paper => paper.scrollIntoView()")
        expect(again).to_have_count(0)  # nothing was moved on the page that is looked at
        page.locator(".paper").first.evaluate("paper => paper.scrollIntoView()")
        again.click()
        self.expect_laid()
        expect(page.get_by_test_id("announcer")).to_contain_text("All on this page is put back.")
        self.assert_accessible(page)
        undo = page.get_by_role("button", name="Undo on this page")
        undo.click()
        self.expect_laid(ebbs="slot2", slack="slot1")
        page.get_by_role("button", name="Do it again on this page").click()
        self.expect_laid()
        undo.click()
        undo.click()
        self.expect_laid(ebbs="slot2")
        undo.click()
        self.expect_laid()
        expect(undo).to_be_disabled()

    def test_two_devices_move_different_pieces_and_both_keep_theirs(self) -> None:
        one = self.join()
        context = self.new_browser()
        context.add_cookies(one.page.context.cookies())  # type: ignore[arg-type]
        two = context.new_page()
        two.goto(one.page.url)
        self.drag(one.page, self.piece(one.page, "ebbs"), self.slot(one.page, "the sea falls"))
        self.drag(two, self.piece(two, "flood"), self.slot(two, "the sea rises"))
        self.expect_laid(ebbs="slot1", flood="slot2")
        two.reload()
        expect(self.slot(two, "the sea falls")).to_contain_text("ebbs")
        self.drag(one.page, self.piece(one.page, "slack"), self.slot(one.page, "the sea falls"))
        self.drag(two, self.piece(two, "slack"), self.slot(two, "the sea rises"))
        wait_until(lambda: self.laid().get("slack") is not None, "it lies in one place")
        for page in (one.page, two):
            page.reload()
            expect(page.get_by_role("button", name="slack, in")).to_have_count(1)

    def test_each_slot_is_checked_and_marked_by_itself(self) -> None:
        sheet = self.join()
        page = sheet.page
        self.drag(page, self.piece(page, "ebbs"), self.slot(page, "the sea falls"))
        self.drag(page, self.piece(page, "slack"), self.slot(page, "the sea rises"))
        sheet.expect_saved()
        sheet.bead(1).click()
        page.get_by_role("button", name="Check 1").click()
        expect(sheet.bead(1)).to_have_accessible_name("Question 1, answered, right")
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in", exact=True).click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed)
        self.assertEqual(dict(marks.values_list("part", "verdict")), {"slot1": "right", "slot2": "wrong"})


class OnTheFilm(Journey):
    """What teachers do."""

    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page).open(self.keepers_log.pk)

    def bank(self) -> Any:
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        (bank,) = [field for field in self.keepers_log.document["fields"] if field["kind"] == "pieces"]
        return bank

    def test_pieces_are_written_slots_pressed_and_the_key_laid(self) -> None:
        self.page.get_by_role("button", name="Pieces").click()
        self.editor.draw(60, 620, 380, 680)
        self.page.get_by_label("Pieces, one a line").fill("ebb\nflood\nshell ×3")
        add = self.page.get_by_role("button", name="Add by pressing")
        add.click()
        paper = self.editor.paper(0)
        paper.click(position={"x": 500, "y": 560})
        paper.click(position={"x": 650, "y": 560})
        add.click()
        self.assert_accessible(self.page)
        bank = self.bank()
        self.assertEqual(
            [(piece["words"], piece["copies"]) for piece in bank["pieces"]], [("ebb", 1), ("flood", 1), ("shell", 3)]
        )
        self.assertEqual(len(bank["slots"]), 2)
        self.editor.step("Key")
        self.page.get_by_role("button", name="flood, waiting").click()
        self.page.get_by_role("button", name="Put flood into place 1").click()
        self.page.get_by_role("button", name="shell, 3 left").click()
        self.page.get_by_role("button", name="Put shell into place 2").click()
        self.editor.expect_saved()
        bank = self.bank()
        (arrangement,) = self.keepers_log.document["keys"][bank["id"]]["arrangements"]
        ids = {piece["words"]: piece["id"] for piece in bank["pieces"]}
        self.assertEqual([each["pieces"] for each in arrangement], [[ids["flood"]], [ids["shell"]]])
        self.assert_accessible(self.page)

    def test_a_slot_is_dragged_nudged_and_taken_off(self) -> None:
        document = documents.read(self.keepers_log)
        replace(self.keepers_log, document.changed(fields=(a_bank(document.pages[0].id),), keys={}, groups=()))
        self.page.reload()
        slot = self.page.get_by_role("button", name="Slot the sea falls")
        box = slot.bounding_box()
        assert box
        self.editor.drag(box["x"] + 20, box["y"] + 10, box["x"] + 60, box["y"] + 40, free=True)
        moved = self.bank()["slots"][0]["box"]
        self.assertGreater(moved["x"], 70)
        slot.focus()
        self.page.keyboard.press("Shift+ArrowRight")
        self.assertAlmostEqual(self.bank()["slots"][0]["box"]["x"], moved["x"] + 10, delta=0.2)
        self.page.keyboard.press("Delete")
        self.assertEqual([each["id"] for each in self.bank()["slots"]], ["slot2"])
        self.editor.undo.click()
        self.assertEqual(len(self.bank()["slots"]), 2)

    def test_pieces_lie_anywhere_on_a_page_and_are_right_in_a_region_that_is_drawn(self) -> None:
        page = self.page
        page.get_by_role("button", name="Pieces").click()
        self.editor.draw(60, 620, 380, 680)
        page.get_by_label("Pieces, one a line").fill("gull\ncrab")
        page.get_by_role("button", name="Anywhere on the page").click()
        (slot,) = self.bank()["slots"]
        self.assertEqual((slot["loose"], slot["where_counts"], slot["shown"]), (True, True, False))
        self.editor.step("Key")
        page.get_by_role("button", name="gull, waiting").click()
        put = page.get_by_role("button", name="Put gull into").bounding_box()
        assert put
        page.mouse.click(put["x"] + 300, put["y"] + 200)
        region = page.get_by_role("button", name="Where gull is right")
        before = self.region()
        region.focus()
        page.keyboard.press("Alt+Shift+ArrowRight")
        page.keyboard.press("Shift+ArrowDown")
        wider = self.region()
        self.assertGreater(wider["width"], before["width"])
        self.assertGreater(wider["y"], before["y"])
        self.editor.drag_by(region, 60, 0)
        self.assertGreater(self.region()["x"], wider["x"])
        self.editor.drag_by(page.locator("[data-handle=se]"), 40, 30)
        self.assertGreater(self.region()["height"], wider["height"])
        page.get_by_label("Where gull is right", exact=True).select_option("In a box")
        self.assertEqual(self.region()["shape"], "box")
        self.assert_accessible(page)
        self.student_lays(self.region())

    def test_a_piece_is_cut_out_of_a_page_with_the_keyboard(self) -> None:
        self.expected_problems = "status of 422"
        page = self.page
        page.get_by_role("button", name="Pieces").click()
        self.editor.draw(60, 620, 380, 680)
        page.get_by_role("button", name="Add a picture").click()
        page.get_by_role("button", name="Cut one out of a page").click()
        dialog = page.get_by_role("dialog", name="Cut a picture out of a page")
        dialog.get_by_label("What it shows").fill("the lighthouse")
        dialog.get_by_role("button", name="Add a region").click()
        region = dialog.get_by_role("button", name="Region 1.")
        region.focus()
        for _ in range(4):
            page.keyboard.press("Alt+Shift+ArrowUp")
        self.assert_accessible(page)
        cut = dialog.get_by_role("button", name="Cut it out")
        cut.click()
        expect(dialog.get_by_role("alert")).to_contain_text("Nothing is printed there")
        for _ in range(20):
            region.press("Shift+ArrowDown")
        cut.click()
        expect(dialog).to_have_count(0)
        piece = self.bank()["pieces"][-1]
        self.assertEqual((piece["words"], piece["look"]), ("the lighthouse", "bare"))
        self.assertTrue(piece["picture"])
        self.assertGreater(piece["width"], 6)
        expect(page.locator("[data-field] img")).to_be_visible()

    def region(self) -> Any:
        bank = self.bank()
        ((belongs,),) = self.keepers_log.document["keys"][bank["id"]]["arrangements"]
        return belongs["region"]

    def student_lays(self, region: Any) -> None:
        handed = hand_out(self.maren, self.keepers_log.pk)
        sheet = JoinPage(self.new_browser(viewport=TABLET).new_page()).join(handed.code, "Zoe Quill")
        page = sheet.page
        page.get_by_role("button", name="gull, waiting").click()
        put = page.get_by_role("button", name="Put gull into").bounding_box()
        assert put
        page.mouse.click(
            put["x"] + put["width"] * (region["x"] + region["width"] * 0.95),
            put["y"] + put["height"] * (region["y"] + region["height"] * 0.95),
        )
        expect(page.get_by_role("button", name="gull, in")).to_be_visible()
        sheet.bead(2).click()
        box = page.get_by_label("Answer 2", exact=True)
        box.click()  # a slot as large as the page lets presses through
        box.fill("13:10")
        self.assert_accessible(page)
        sheet.expect_saved()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in").first.click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        bank = self.bank()
        mark = StoredMark.objects.get(copy__handout=handed, field_id=bank["id"])
        self.assertEqual(mark.verdict, "right")

    def test_boxes_become_slots_of_a_word_bank_with_their_right_answers(self) -> None:
        document = documents.read(self.keepers_log)
        boxes = [field for field in document.fields if field.id in ("box000", "box001", "box002")]
        self.page.keyboard.press("Escape")
        for number, box in enumerate(boxes):
            self.page.locator(f"[data-field={box.id}]").click(modifiers=["Shift"] if number else [])
        self.page.get_by_role("button", name="Make them slots of a word bank").click()
        bank = self.bank()
        self.assertEqual({slot["id"] for slot in bank["slots"]}, {box.id for box in boxes})
        words = [piece["words"] for piece in bank["pieces"]]
        self.assertEqual(sorted(words, key=str.casefold), words)
        self.assertEqual(sorted(words), sorted(document.keys[box.id].text for box in boxes))  # type: ignore[attr-defined]
        self.assertIn(bank["id"], self.keepers_log.document["keys"])
        self.editor.undo.click()
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(
            self.keepers_log.document["keys"].keys(), documents.written(document)["document"]["keys"].keys()
        )


def left_of(element: Locator) -> float:
    box = element.bounding_box()
    return box["x"] if box else 0.0


class InTheSampleWorld(Journey):
    """Stacks on a graph, creatures in their zones, and a ring on the answer."""

    def setUp(self) -> None:
        super().setUp()
        world.lay_more(self.maren)

    def join(self, title: str) -> Page:
        self.handed = hand_out(self.maren, self.worksheet(title).pk)
        return JoinPage(self.new_browser(viewport=TABLET).new_page()).join(self.handed.code, "Zoe Quill").page

    def drop(self, page: Page, piece: str, slot: str, across: float = 0.5, down: float = 0.5) -> None:
        one = page.locator("main").get_by_role("button", name=piece, exact=True)
        to = page.locator("main").get_by_role("group", name=slot)
        start, end = one.bounding_box(), to.bounding_box()
        assert start and end
        page.mouse.move(start["x"] + start["width"] / 2, start["y"] + start["height"] / 2)
        page.mouse.down()
        page.mouse.move(end["x"] + end["width"] * across, end["y"] + end["height"] * down, steps=5)
        page.mouse.up()

    def marks(self, page: Page) -> dict[str, str]:
        sheet = SheetPage(page)
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in").first.click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed)
        return {f"{field}{part}": verdict for field, part, verdict in marks.values_list("field_id", "part", "verdict")}

    def test_stacks_are_piled_up_and_counted(self) -> None:
        page = self.join("Litter count on the beach")
        for what, count in (("bottle", 4), ("can", 3)):
            for _ in range(count):
                self.drop(page, f"{what}, as many as you need", f"{what}s")
        expect(page.locator("main").get_by_role("group", name="bottles")).to_contain_text("4")
        self.assert_accessible(page)
        told = {"litter1bar0": "right", "litter1bar1": "partly", "litter1bar2": "blank"}
        self.assertEqual(self.marks(page), told)

    def test_pictures_lie_where_they_are_put_in_their_zones(self) -> None:
        page = self.join("Rock-pool creatures")
        for name, zone in (
            ("bird", "Splash zone"),
            ("crab", "Between the tides"),
            ("snail", "Between the tides"),
            ("fish", "Always under water"),
            ("octopus", "Splash zone"),
        ):
            self.drop(page, f"{name}, waiting", zone, 0.3 if name in ("crab", "bird") else 0.7)
        expect(page.get_by_role("button", name="fish, in Always under water", exact=True)).to_be_visible()
        bird = page.get_by_role("button", name="bird, in Splash zone")
        bird.focus()
        before = left_of(bird)
        bird.press("Shift+ArrowRight")
        wait_until(lambda: left_of(bird) > before + 10, "it is nudged")
        self.assertEqual(self.marks(page)["zones1"], "partly")

    def test_a_ring_is_laid_on_the_answer(self) -> None:
        page = self.join("Weather instruments")
        self.drop(page, "ring, waiting", "force 8")
        expect(page.get_by_role("button", name="ring, in force 8")).to_be_visible()
        self.assertEqual(self.marks(page), {"joins1": "blank", "ring1": "right"})
