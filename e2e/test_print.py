from playwright.sync_api import Page, expect
from pypdfium2 import PdfDocument

from e2e.journey import PHONE, Journey
from e2e.pages.sheet import JoinPage
from server.copies.models import Copy
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.instructions import Instruction
from velum.rich_text import plain


class Print(Journey):
    def printed(self, page: Page) -> list[str]:
        """What stands on each page when this one is printed on A4."""
        document = PdfDocument(page.pdf(format="A4"))
        self.addCleanup(document.close)
        return [" ".join(sheet.get_textpage().get_text_bounded().split()) for sheet in document]

    def assert_page_with_answers(self, texts: list[str], answers: list[str], others: list[str]) -> None:
        self.assertEqual(len(texts), 1)
        for answer in answers:
            self.assertIn(answer, texts[0])
        for other in others:
            self.assertNotIn(other, texts[0])

    def test_a_sheet_prints_as_pages_with_their_answers(self) -> None:
        for name, size in (("Kaito Brandt", {}), ("Kaito B.", PHONE)):
            sheet = JoinPage(self.new_browser(**size).new_page()).join(self.handout.code, name)
            sheet.write(1, "thirteen ten")
            sheet.expect_saved()
            expect(sheet.page.get_by_role("img", name="Page 1 of 1")).to_be_visible()
            self.assert_page_with_answers(
                self.printed(sheet.page), ["thirteen ten"], ["Hand in", name, "Next blank", "Saved"]
            )

    def test_instructions_are_printed_after_the_pages_and_all_pages_whatever_a_phone_shows(self) -> None:
        document = documents.read(self.keepers_log)
        said = Instruction(language="en", paragraphs=plain("Read the whole log first."))
        replace(self.keepers_log, document.changed(instructions={"": (said,)}))
        handed = hand_out(self.maren, self.keepers_log.pk)
        page = JoinPage(self.new_browser(**PHONE).new_page()).join(handed.code, "Zoe Quill").page
        page.get_by_role("button", name="One question").click()
        expect(page.locator("main .paper")).to_have_count(1)
        texts = self.printed(page)
        self.assertEqual(len(texts), 4)
        self.assertIn("Read the whole log first.", texts[3])
        expect(page.locator("main .paper")).to_have_count(1)

    def test_a_copy_prints_as_pages_with_the_answers(self) -> None:
        copy = Copy.objects.filter(handout=self.handout, handed_in_at__isnull=False).first()
        assert copy
        answers = [answer.value["text"] for answer in copy.answers.all()]
        page = self.teacher_browser().new_page()
        page.goto(f"/copies/{copy.pk}/")
        expect(page.get_by_role("img", name="Page 1")).to_be_visible()
        self.assert_page_with_answers(self.printed(page), answers, [copy.name, "Next student", "Overrule"])

    def test_other_screens_print_as_they_are(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto(f"/handouts/{self.handout.pk}/")
        expect(page.get_by_role("table")).to_be_visible()
        self.assertIn(self.handout.code, "".join(self.printed(page)))
