"""Gap text: a passage is typed, its gaps are filled by keyboard, mouse and finger, checked, marked and looked at."""

from typing import Any

from django.utils import timezone
from playwright.sync_api import Page, expect

from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.markbook.flows.settle import settle
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.kinds.gaps import GAPS, Gap
from velum.kinds.written_parts import PartRight


class OnTheSheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        passage, key, _ = GAPS.example
        sea, twice = passage.gaps
        field = passage.changed(page=document.pages[0].id)
        banked = field.changed(
            id="banked01",
            box=field.box.changed(y=560, height=150),
            gaps=(sea.changed(fill="bank"), Gap(id=twice.id, fill="bank")),
            bank=("sea", "twice", "land"),
            settled={},
        )
        keys = {field.id: key, banked.id: key}
        replace(self.keepers_log, document.changed(fields=(field, banked), keys=keys, groups=()))
        handed = hand_out(self.maren, self.keepers_log.pk)
        self.handed = settle(self.maren, handed.pk, {"may_check": True}, timezone.now())
        self.sea, self.twice = sea.id, twice.id

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def texts(self) -> dict[str, str]:
        rows = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.all()
        return {f"{row.field_id}/{row.entry}": row.value["text"] for row in rows if row.value["text"]}

    def expect_texts(self, **wanted: str) -> None:
        named = {name.replace("__", "/"): text for name, text in wanted.items()}
        wait_until(lambda: self.texts() == named, f"the server has {named}")

    def test_gaps_are_filled_with_the_keyboard_checked_and_handed_in(self) -> None:
        sheet = self.join()
        page = sheet.page
        page.get_by_label("Answer 1: The moon pulls the ___").press_sequentially("Ocean")
        page.keyboard.press("Tab")
        expect(page.get_by_label("Answer 2:")).to_be_focused()
        page.keyboard.type("twice")
        self.expect_texts(passage1__gap1="Ocean", passage1__gap2="twice")
        page.get_by_role("button", name="Question 1, answered").click()
        expect(page.get_by_label("Answer 1: The moon")).to_be_focused()
        page.get_by_role("button", name="Check 1").click()
        expect(page.locator(".passage").first.get_by_role("img", name="right")).to_be_visible()
        # The next gap is another question: what was said of the first one stays.
        page.get_by_label("Answer 2:").select_option("once")
        expect(page.locator(".passage").first.get_by_role("img", name="right")).to_be_visible()
        self.assert_accessible(page)
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed, field_id="passage1")
        self.assertEqual(dict(marks.values_list("part", "verdict")), {self.sea: "right", self.twice: "wrong"})
        review = self.teacher_browser().new_page()
        review.goto(f"/copies/{sheet.copy_id}/")
        review.get_by_role("button", name="Question 2: once, not right").click()
        slip = review.locator(".slip")
        expect(slip.get_by_role("heading", name="Question 2")).to_be_visible()
        expect(slip).to_contain_text("twice")
        expect(slip).not_to_contain_text("Ocean")
        self.assert_accessible(review)

    def test_words_are_taken_from_the_bank(self) -> None:
        page = self.join().page
        bank = page.get_by_role("list", name="Word bank")
        bank.get_by_role("button", name="twice").click()
        self.expect_texts(banked01__gap1="twice")
        bank.get_by_role("button", name="twice").click()
        self.expect_texts()
        bank.get_by_role("button", name="sea").click()
        page.get_by_label("Answer 4:").select_option("twice")
        self.expect_texts(banked01__gap1="sea", banked01__gap2="twice")
        expect(page.get_by_label("Answer 3:").get_by_role("option", name="twice")).to_be_disabled()
        page.reload()
        expect(page.get_by_label("Answer 3:")).to_have_value("sea")

    def test_a_finger_fills_them_from_the_dock(self) -> None:
        page = self.join(**PHONE).page
        dock = page.get_by_role("region", name="The question in hand")
        expect(dock.get_by_text("The moon pulls the ___")).to_be_visible()
        dock.get_by_label("Answer 1:").fill("sea")
        page.get_by_role("button", name="Question 2: blank").tap()
        dock.get_by_role("button", name="twice").tap()
        self.expect_texts(passage1__gap1="sea", passage1__gap2="twice")
        page.get_by_role("button", name="Next blank").tap()
        dock.get_by_role("button", name="land").tap()
        self.expect_texts(passage1__gap1="sea", passage1__gap2="twice", banked01__gap1="land")
        self.assert_accessible(page)


class OnTheFilm(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page).open(self.keepers_log.pk)
        self.known = {field.id for field in documents.read(self.keepers_log).fields}

    def made(self) -> tuple[Any, list[PartRight]]:
        """The passage that was laid, and what is right in its gaps."""
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        document = documents.read(self.keepers_log)
        (made,) = [field for field in document.fields if field.id not in self.known]
        key = document.keys.get(made.id)
        return made, list(getattr(key, "right", ()))

    def mark(self, page: Page, words: str) -> None:
        """Mark words of the passage, as with the mouse."""
        page.get_by_label("Passage").evaluate(
            "(area, words) => { const at = area.value.indexOf(words); area.setSelectionRange(at, at + words.length) }",
            words,
        )

    def test_a_passage_is_pasted_its_words_made_gaps_and_keyed(self) -> None:
        self.page.get_by_role("button", name="Gap text").click()
        self.editor.draw(60, 620, 560, 760)
        passage = self.page.get_by_label("Passage")
        passage.fill("The moon pulls the sea. It rises ____ a day.")
        self.mark(self.page, "the sea")
        self.page.get_by_role("button", name="Gap or words").click()
        expect(passage).to_have_value("The moon pulls [the sea]. It rises ____ a day.")
        self.editor.unfold("Each gap")
        self.page.get_by_label("Points of gap").first.focus()
        expect(passage).to_have_value("The moon pulls [the sea]. It rises [] a day.")
        made, right = self.made()
        self.assertEqual(len(made.gaps), 2)
        self.assertEqual([(one.part, one.text) for one in right], [(made.gaps[0].id, "the sea")])
        second = self.page.get_by_role("group", name="gap").nth(1)
        second.get_by_label("is filled").select_option("list")
        second.get_by_label("Words to choose from").fill("once\ntwice")
        second.get_by_label("Points").fill("2")
        self.assert_accessible(self.page)
        made, _ = self.made()
        self.assertEqual((made.gaps[1].fill, made.gaps[1].options), ("list", ("once", "twice")))
        self.assertEqual([part.points for part in made.parts], [1, 2])
        self.editor.undo.click()
        self.editor.redo.click()
        self.editor.step("Key")
        self.page.locator(f"[data-field='{made.id}'] select").select_option("twice")
        self.page.get_by_label("Try an answer").fill("sea")
        expect(self.page.get_by_label("What would be said of it")).to_contain_text("sea")
        self.page.get_by_label("Another right answer").fill("the ocean")
        self.page.keyboard.press("Enter")
        _, right = self.made()
        self.assertEqual({one.text: one.also for one in right}, {"the sea": ("the ocean",), "twice": ()})
        self.assert_accessible(self.page)
