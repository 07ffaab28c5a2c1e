import uuid
from contextlib import ExitStack

from django.test import override_settings
from playwright.sync_api import expect

from demo.papers import keepers_log
from e2e.files import file
from e2e.journey import Journey
from e2e.pages.desk import DeskPage
from e2e.pages.editor import EditorPage
from server.worksheets.models import SourceFile, Worksheet
from velum.testing import papers, pictures


class BringIn(Journey):
    expected_problems = r"status of 4\d\d"

    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.desk = DeskPage(self.page).open()

    def test_a_paper_is_chosen_and_its_pages_appear(self) -> None:
        path = file("log_of_gull_rock.pdf", papers.pdf(pages=5, size=(612, 792), words="Fresh from the desk"))
        editor = self.desk.bring_in(path)
        expect(self.page.get_by_label("Title of the worksheet")).to_have_value("log of gull rock")
        expect(self.page.get_by_role("navigation", name="Pages of the worksheet")).to_contain_text("5 pages")
        thumbs = self.page.get_by_role("navigation", name="Pages of the worksheet").get_by_role("img")
        expect(self.page.get_by_role("button", name="Go to page 5").locator("img")).to_be_visible()
        self.assertEqual(thumbs.count(), 0, "a thumb's picture says nothing that its button does not")
        editor.step("Pages")
        expect(self.page.get_by_text("216 × 279 mm").first).to_be_visible()

    def test_progress_is_shown_while_pages_are_drawn(self) -> None:
        never_drawn_before = papers.pdf(pages=30, words=str(uuid.uuid4()))
        path = file("long.pdf", never_drawn_before)
        self.desk.bring_in(path)
        bar = self.page.get_by_role("progressbar", name="Pages drawn")
        expect(bar).to_have_attribute("max", "30")
        expect(bar).to_have_count(0)

    def test_a_paper_is_dropped_on_the_desk(self) -> None:
        path = file("keepers log.pdf", keepers_log.draw())
        editor = self.desk.drop(path)
        expect(editor.paper(2)).to_be_attached()

    def test_a_page_is_sharp_at_twice_its_size(self) -> None:
        path = file("keepers log.pdf", keepers_log.draw())
        editor = self.desk.bring_in(path)
        picture = editor.paper(0).get_by_role("img", name="Page 1")
        expect(picture).to_be_visible()
        for _ in range(5):
            self.page.get_by_role("button", name="Larger").click()
        expect(self.page.get_by_role("group", name="Zoom")).to_contain_text("250 %")
        # Wider than the picture for laptops: the fine one is shown.
        self.page.wait_for_function(
            "() => { const i = document.querySelector('[data-page] img');"
            " return i.complete && i.getBoundingClientRect().width > 1700 && i.currentSrc.includes('/3400.webp') }"
        )

    def test_what_is_no_paper_is_told_so_and_leaves_nothing(self) -> None:
        before = (Worksheet.objects.count(), SourceFile.objects.count())
        for name, data, words in (
            ("notes.pdf", b"Dear Maren, the boat is late.", "neither a PDF nor a picture"),
            ("empty.pdf", b"", "empty"),
            ("broken.pdf", papers.truncated()[:200], "damaged"),
            ("photo.jpg", pictures.turned_photo()[:300], "damaged"),
            ("letter.docx", b"PK\x03\x04" + bytes(26) + b"[Content_Types].xml", "word processor"),
        ):
            with self.subTest(name):
                self.assertIn(words, self.desk.try_to_bring_in(file(name, data)))
            self.desk.open()
        self.assertEqual((Worksheet.objects.count(), SourceFile.objects.count()), before)
        expect(self.page.get_by_role("listitem")).to_have_count(2)

    @override_settings(LARGEST_UPLOAD=500)
    def test_a_paper_too_large_is_told_so_before_it_is_sent(self) -> None:
        self.desk.open()
        path = file("large.pdf", papers.pdf())
        self.assertIn("too large", self.desk.try_to_bring_in(path))

    def test_several_files_become_one_worksheet(self) -> None:
        with (
            file("shore.pdf", papers.pdf(pages=2, words="The shore")) as pdf,
            file("scan.tiff", pictures.several("TIFF")) as scan,
            file("photo.jpg", pictures.turned_photo()) as photo,
        ):
            editor = self.desk.bring_in(pdf, scan, photo)
        expect(self.page.get_by_label("Title of the worksheet")).to_have_value("shore")
        expect(self.page.get_by_role("navigation", name="Pages of the worksheet")).to_contain_text("6 pages")
        editor.paper(5).scroll_into_view_if_needed()
        expect(editor.paper(5).get_by_role("img", name="Page 6")).to_be_visible()

    def test_every_sort_of_file_becomes_a_page_that_is_seen(self) -> None:
        drawn = pictures.drawn(300, 400)
        sorts = {
            "page.pdf": papers.pdf(words="Every sort"),
            "photo.jpg": pictures.turned_photo(),
            "grab.png": pictures.saved(drawn, "PNG"),
            "web.webp": pictures.saved(drawn, "WEBP"),
            "scan.tiff": pictures.saved(drawn, "TIFF"),
            "old.gif": pictures.saved(drawn, "GIF"),
            "phone.heic": pictures.heic(),
        }
        with ExitStack() as stack:
            self.desk.bring_in(*(stack.enter_context(file(name, data)) for name, data in sorts.items()))
        EditorPage(self.page).step("Pages")
        for number in range(1, len(sorts) + 1):
            page = self.page.get_by_role("button", name=f"Page {number}", exact=True)
            page.scroll_into_view_if_needed()
            expect(page.locator("img")).to_be_visible()
            self.page.wait_for_function(
                "n => document.querySelector(`button[aria-label='Page ${n}'] img`).naturalWidth > 0", arg=number
            )

    def test_a_long_paper_opens_on_its_pages_and_any_is_shown_at_once(self) -> None:
        path = file("long.pdf", papers.pdf(pages=120, words=str(uuid.uuid4())))
        self.desk.bring_in(path)
        expect(self.page.get_by_role("button", name="Page 120", exact=True)).to_be_attached()
        self.page.get_by_role("button", name="Page 110", exact=True).scroll_into_view_if_needed()
        self.page.wait_for_function(
            "() => document.querySelector(`button[aria-label='Page 110'] img`)?.naturalWidth > 0"
        )
        self.page.get_by_label("Choose by number").fill("3, 110-112")
        self.page.keyboard.press("Enter")
        self.page.get_by_role("button", name="Keep only these").click()
        expect(self.page.get_by_role("list", name="Pages", exact=True).get_by_role("listitem")).to_have_count(4)
        expect(self.page.get_by_text("Set aside: 116")).to_be_visible()

    def test_of_several_files_all_come_in_or_none(self) -> None:
        good, bad = file("shore.pdf", papers.pdf(words="All or none")), file("notes.txt", b"Dear Maren")
        self.assertIn("notes.txt: This file is neither", self.desk.try_to_bring_in(good, bad))
        self.desk.open()
        expect(self.page.get_by_role("listitem")).to_have_count(2)

    def test_a_screen_grab_is_pasted(self) -> None:
        self.desk.paste("image.png", pictures.saved(pictures.drawn(900, 600), "PNG"), "image/png")
        expect(self.page.get_by_role("navigation", name="Pages of the worksheet")).to_contain_text("1 page")

    def test_a_locked_pdf_asks_for_its_password(self) -> None:
        path = file("locked.pdf", papers.encrypted("lantern"))
        self.page.get_by_label("Choose files").set_input_files(path)
        password = self.page.get_by_label("locked.pdf: This PDF is locked")
        expect(password).to_be_focused()
        self.assert_accessible(self.page)
        password.fill("gannet")
        password.press("Enter")
        wrong = self.page.get_by_label("locked.pdf: This password does not open")
        wrong.fill("lantern")
        wrong.press("Enter")
        self.page.wait_for_url("**/worksheets/**")
        expect(self.page.get_by_label("Title of the worksheet")).to_have_value("locked")

    def test_bringing_in_can_be_given_up(self) -> None:
        self.page.route("**/api/worksheets?**", lambda route: None)
        path = file("keepers log.pdf", keepers_log.draw())
        self.page.get_by_label("Choose files").set_input_files(path)
        self.page.get_by_role("button", name="Cancel").click()
        expect(self.page.get_by_role("alert")).to_have_text("Nothing was brought in.")
        expect(self.page.get_by_label("Choose files")).to_be_attached()
