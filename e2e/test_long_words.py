from playwright.sync_api import Page, expect

from e2e.journey import LAPTOP, PHONE, Journey
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out
from server.worksheets.documents import written
from server.worksheets.models import Worksheet
from velum.document.edits import ChangeField, Edit, Rename, SetKey, apply
from velum.document.reading import read_document

LONG = "Leuchtturmwärterlaternenölkannendeckelschraube" * 3


class LongWords(Journey):
    """What people write may be one word as long as a line, and no screen is wider for it."""

    def assert_no_wider_than_the_window(self, page: Page, what: str) -> None:
        page.wait_for_load_state("networkidle")
        wide = page.evaluate(
            """() => [...document.body.querySelectorAll("*")].filter((thing) => {
                const { right, width } = thing.getBoundingClientRect();
                const scrolls = thing.closest("main, .overflow-x-auto, .overflow-auto, .sr-only, .truncate");
                return width > 0 && right > innerWidth + 1 && !(scrolls && scrolls !== thing);
            }).map((thing) => thing.outerHTML.slice(0, 120))"""
        )
        self.assertEqual(wide, [], what)
        self.assertLessEqual(page.evaluate("document.documentElement.scrollWidth - innerWidth"), 0, what)

    def test_no_screen_is_wider_for_them(self) -> None:
        document = read_document(self.tide_table.document)
        first, second = document.fields[:2]
        key = document.keys[first.id].changed(text=LONG, also=(LONG + "n",))
        edits: list[Edit] = [
            Rename(title=LONG[:100]),
            ChangeField(field=second.changed(name=LONG, hint=LONG)),
            SetKey(field_id=first.id, key=key),
        ]
        sheet = Worksheet.objects.create(owner=self.maren, **written(apply(document, edits)))
        handout = hand_out(self.maren, sheet.pk)
        for size, name in ((LAPTOP, LONG[:60]), (PHONE, LONG[1:61])):
            page = self.new_browser(**size).new_page()
            page.goto(f"/join/{handout.code}/")
            self.assert_no_wider_than_the_window(page, "join")
            student = JoinPage(page).follow(f"/join/{handout.code}/", name)
            student.write(1, LONG)
            student.expect_saved()
            self.assert_no_wider_than_the_window(page, "sheet")
            student.hand_in.click()
            self.assert_no_wider_than_the_window(page, "handing in")
            student.dialog.get_by_role("button", name="Hand in all the same").click()
            expect(page.get_by_text("Handed in")).to_be_visible()
            self.assert_no_wider_than_the_window(page, "handed in")
        teacher = self.teacher_browser().new_page()
        copy = handout.copies.first()
        assert copy
        for address in ("/desk/", f"/worksheets/{sheet.pk}/#key", f"/handouts/{handout.pk}/", f"/copies/{copy.pk}/"):
            teacher.goto(address)
            self.assert_no_wider_than_the_window(teacher, address)
