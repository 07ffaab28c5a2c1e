"""Classes from both sides: a teacher makes one and hands out to it; students sign in with their cards and work."""

from django.utils import timezone
from playwright.sync_api import Page, expect

from e2e.files import file
from e2e.journey import LAPTOP, NETWORK, PHONE, Journey
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import SheetPage
from server.classes.flows.make import make_class
from server.classes.models import Class, Student, Teaching
from server.copies.flows.join import copy_for
from server.copies.models import Copy
from server.handouts.flows.hand_out import To, hand_out_to
from server.may import Role
from server.testing.world import make_students, make_teacher
from velum.rosters.tests.files import xlsx
from velum.shown_names import STARS


class Classes(Journey):
    expected_problems = rf"status of (404|422)|{NETWORK}"

    def signed_in(self, student: Student, **options: object) -> Page:
        """A browser in which a student has scanned their card."""
        page = self.new_browser(**options).new_page()
        page.goto(f"/card/{student.card.token}/")
        page.get_by_role("button", name="That is me").click()
        page.wait_for_url("**/peg/")
        return page

    def test_a_class_is_pasted_corrected_and_taken(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto("/desk/")
        page.get_by_role("link", name="Classes").click()
        self.assert_accessible(page)
        page.get_by_label("Name of the class").fill("Kestrels")
        page.get_by_role("button", name="Make the class").click()
        page.get_by_role("button", name="Add names").first.click()
        dialog = page.get_by_role("dialog", name="Add names to Kestrels")
        dialog.get_by_label("Names, one a line").fill("Lindqvist, Ama\nOkafor, Bao\nCleo Marchetty, 4711\n=SUM(A1)\n88")
        dialog.get_by_role("button", name="Look at the names").click()
        expect(dialog.get_by_text("4 names were read")).to_be_visible()
        expect(dialog.get_by_text("1 row is nobody and was left out:")).to_be_visible()
        expect(dialog.get_by_text("This looks like a formula, not like a name.")).to_be_visible()
        self.assert_accessible(page)
        dialog.get_by_label("Family name 3").fill("Marchetti")
        dialog.get_by_role("button", name="Leave out =SUM").click()
        expect(dialog.get_by_text("3 are new.")).to_be_visible()
        dialog.get_by_role("button", name="Take them into Kestrels").click()
        expect(page.get_by_label("Family name: Cleo Marchetti")).to_be_visible()
        expect(page.get_by_role("button", name="Card of")).to_have_count(3)
        self.assertEqual(Student.objects.get(given="Cleo").number, "4711")
        self.assert_accessible(page)

    def test_the_list_of_the_next_term_changes_what_changed(self) -> None:
        kestrels = make_class(self.maren, "Kestrels")
        make_students(kestrels, "Ama Lindqvist", "Bao Okafor")
        page = self.teacher_browser().new_page()
        page.goto(f"/classes/{kestrels.pk}/")
        page.get_by_role("button", name="Add names").click()
        dialog = page.get_by_role("dialog", name="Add names to Kestrels")
        rows = [["Given name", "Family name"], ["Ama", "Lindqvist"], ["Cleo", "Marchetti"]]
        chosen = file("term.xlsx", xlsx({"Kestrels": rows, "Herons": [["Dara Voss"]]}))
        dialog.locator("input[type=file]").set_input_files(chosen)
        dialog.get_by_label("Which list").select_option("Kestrels · 2 students")
        expect(dialog.get_by_text("1 is new.")).to_be_visible()
        dialog.get_by_label("Take them out of Kestrels").check()
        dialog.get_by_role("button", name="Take them into Kestrels").click()
        expect(page.get_by_label("Given name: Cleo Marchetti")).to_be_visible()
        expect(page.get_by_label("Given name: Bao Okafor")).to_have_count(0)
        broken = file("broken.xlsx", b"PK\x03\x04 and nothing else")
        page.get_by_role("button", name="Add names").click()
        dialog.locator("input[type=file]").set_input_files(broken)
        expect(dialog.get_by_role("alert")).to_contain_text("damaged")

    def test_a_name_is_corrected_where_it_stands_and_a_lost_card_is_made_new(self) -> None:
        kestrels = make_class(self.maren, "Kestrels")
        (ama,) = make_students(kestrels, "Ama Lindqvist")
        student = self.signed_in(ama)
        page = self.teacher_browser().new_page()
        page.goto(f"/classes/{kestrels.pk}/")
        name = page.get_by_label("Family name: Ama Lindqvist")
        name.fill("Berg")
        name.press("Tab")
        expect(page.get_by_label("Family name: Ama Berg")).to_be_visible()
        page.get_by_role("button", name="Card of Ama Berg").click()
        with page.expect_response("**/card"):
            page.get_by_role("button", name="Lost? Make a new card").click()
        student.reload()
        expect(student.get_by_role("heading", name="Type your code")).to_be_visible()
        student.goto(f"/card/{ama.card.token}/")
        expect(student.get_by_text("does not open anything any more")).to_be_visible()
        self.assert_accessible(student)
        self.signed_in(Student.objects.get(pk=ama.pk))

    def test_a_child_with_a_phone_types_the_class_code_and_taps_the_pictures(self) -> None:
        kestrels = make_class(self.maren, "Kestrels")
        (ama,) = make_students(kestrels, "Ama Lindqvist")
        page = self.new_browser(**PHONE).new_page()
        page.goto("/")
        page.get_by_label("Code", exact=True).fill(kestrels.code)
        page.get_by_role("button", name="Open the worksheet").click()
        page.get_by_label("Your name").fill("ama")
        self.assert_accessible(page)
        page.get_by_role("button", name="Now the pictures").click()
        self.assert_accessible(page)
        for _ in range(3):
            page.locator("button[value=snail]").tap()
        expect(page.get_by_role("alert")).to_contain_text("do not belong together")
        for picture in ama.card.secret.split():
            button = page.locator(f"button[value={picture}]")
            box = button.bounding_box()
            assert box is not None
            self.assertGreaterEqual(min(box["width"], box["height"]), 44)
            button.focus()
            page.keyboard.press("Enter")
        page.wait_for_url("**/peg/")
        expect(page.get_by_text("Nothing is waiting for you.")).to_be_visible()
        self.assert_accessible(page)

    def test_it_is_handed_out_to_a_class_done_and_seen_by_the_teacher_and_a_colleague(self) -> None:
        kestrels, herons = make_class(self.maren, "Kestrels"), make_class(self.maren, "Herons")
        ama, _ = make_students(kestrels, "Ama Lindqvist", "Bao Okafor")
        make_students(herons, "Dara Voss")
        colleague = make_teacher("colleague")
        Teaching.objects.create(of_class=kestrels, teacher=colleague, role=Role.LOOKS)

        page = self.teacher_browser().new_page()
        page.goto(f"/worksheets/{self.keepers_log.pk}/#hand-out")
        expect(page.get_by_role("button", name="Choose to whom")).to_be_disabled()
        page.get_by_label("Kestrels").check()
        page.get_by_label("Herons").check()
        page.get_by_label("Due").fill("2031-05-06T08:30")
        self.assert_accessible(page)
        page.get_by_role("button", name="Hand out to Herons and Kestrels").click()
        handed = page.get_by_role("list").filter(has=page.get_by_role("link", name="Herons"))
        handed.get_by_role("link", name="Kestrels").click()
        handout = HandoutPage(page)
        expect(page.get_by_test_id("awaited")).to_contain_text("2 have not opened it: Ama Lindqvist and Bao Okafor")
        self.assert_accessible(page)

        student = self.signed_in(ama, **PHONE)
        expect(student.get_by_text("Tuesday 6 May")).to_be_visible()
        student.get_by_role("button", name="Open The lighthouse keeper's log").click()
        student.wait_for_url("**/c/**")
        sheet = SheetPage(student)
        sheet.write(1, "Merry Anne")
        sheet.expect_saved()
        expect(handout.row("Ama Lindqvist")).to_contain_text("Working")
        expect(page.get_by_test_id("awaited")).to_contain_text("1 has not opened it: Bao Okafor")
        student.get_by_role("link", name="your peg").click()
        student.get_by_role("button", name="Go on with The lighthouse keeper's log").click()
        expect(student.get_by_role("button", name="Question 1: Merry Anne")).to_be_visible()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(student.get_by_text("Handed in")).to_be_visible()
        student.goto("/peg/")
        expect(student.get_by_role("heading", name="Handed in")).to_be_visible()
        expect(handout.row("Ama Lindqvist")).to_contain_text("Handed in")

        page.goto(f"/classes/{kestrels.pk}/")
        with page.expect_response("**/api/classes/**"):
            page.get_by_label("Names where others see them").select_option("stars")
        page.go_back()
        star = STARS[ama.enrolments.get().place]
        expect(handout.row(star)).to_contain_text("Handed in")
        expect(page.get_by_text("Ama Lindqvist")).to_have_count(0)
        self.assert_accessible(page)
        page.get_by_label("Names as the class may see them").uncheck()
        expect(handout.row("Ama Lindqvist")).to_contain_text("Handed in")
        student.goto("/peg/")
        expect(student.get_by_text(f"On the screen of Kestrels you are {star}.")).to_be_visible()

        looking = self.teacher_browser(colleague).new_page()
        looking.goto(page.url)
        expect(HandoutPage(looking).row(star)).to_contain_text("Handed in")
        expect(looking.get_by_text("You look on here; a colleague marks.")).to_be_visible()
        expect(looking.get_by_label("Students may check an answer")).to_have_count(0)
        expect(looking.get_by_role("button", name="Time of")).to_have_count(0)
        looking.get_by_role("link", name=star).click()
        looking.get_by_role("button", name="Question 1:").click()
        expect(looking.get_by_text("Right answer")).to_be_visible()
        expect(looking.get_by_text("Your mark")).to_have_count(0)
        expect(looking.get_by_role("button", name="Let Ama")).to_have_count(0)
        self.assertEqual(Class.objects.get(name="Kestrels").handouts.get().copies.count(), 1)

    def test_signing_out_is_one_press_and_leaves_nothing_on_the_device(self) -> None:
        kestrels = make_class(self.maren, "Kestrels")
        ama, bao = make_students(kestrels, "Ama Lindqvist", "Bao Okafor")
        hand_out_to(self.maren, self.keepers_log.pk, [To(kestrels.pk)], {})
        page = self.signed_in(ama)
        page.get_by_role("button", name="Open The lighthouse").click()
        page.wait_for_url("**/c/**")
        sheet = SheetPage(page)
        sheet.write(1, "Merry Anne")
        copy = Copy.objects.get(student=ama)
        kept = f"velum:copy:{copy.pk}:"
        self.assertGreater(sheet.kept_on_device(kept), 0)
        page.get_by_role("link", name="your peg").click()
        page.get_by_role("button", name="Sign out").click()
        expect(page.get_by_role("heading", name="Have you got a code?")).to_be_visible()
        self.assertEqual(sheet.kept_on_device(kept), 0)
        self.assertEqual(page.evaluate("caches.keys()"), [])
        page.goto(f"/c/{copy.pk}/")
        expect(page.get_by_text("Merry Anne")).to_have_count(0)
        page.go_back()
        page.goto(f"/card/{bao.card.token}/")
        page.get_by_role("button", name="That is me").click()
        expect(page.get_by_text("Bao Okafor")).to_be_visible()

    def test_what_is_on_the_device_alone_is_told_before_signing_out(self) -> None:
        kestrels = make_class(self.maren, "Kestrels")
        (ama,) = make_students(kestrels, "Ama Lindqvist")
        hand_out_to(self.maren, self.keepers_log.pk, [To(kestrels.pk)], {})
        page = self.signed_in(ama)
        page.get_by_role("button", name="Open The lighthouse").click()
        page.wait_for_url("**/c/**")
        page.route("**/answers", lambda route: route.abort())
        SheetPage(page).write(1, "Merry Anne")
        expect(SheetPage(page).saving).to_contain_text("kept on this device")
        page.goto("/peg/")
        page.get_by_role("button", name="Sign out").click()
        expect(page.get_by_role("alert")).to_contain_text("is on this device alone")
        page.unroute("**/answers")
        page.get_by_role("button", name="Sign out").click()
        expect(page.get_by_role("heading", name="Have you got a code?")).to_be_visible()
        self.assertEqual(Copy.objects.get(student=ama).answers.count(), 1)

    def test_a_colleague_is_asked_by_mail_says_yes_and_marks_too(self) -> None:
        kestrels = make_class(self.maren, "Kestrels")
        (ama,) = make_students(kestrels, "Ama Lindqvist")
        (handout,) = hand_out_to(self.maren, self.tide_table.pk, [To(kestrels.pk)], {})
        copy_for(handout, ama, timezone.now())
        page = self.teacher_browser().new_page()
        page.goto(f"/classes/{kestrels.pk}/")
        page.get_by_text("Ask a colleague").click()
        page.get_by_label("Their e-mail address").fill("new@gullhaven.example")
        page.get_by_role("button", name="Send the invitation").click()
        expect(page.get_by_text("was asked", exact=True)).to_be_visible()
        self.assert_accessible(page)

        page.goto("/outbox/")
        link = page.get_by_text("/invitations/").inner_text().split("http", 1)[1].split()[0]
        other = self.teacher_browser(make_teacher("new")).new_page()
        other.goto(f"http{link}")
        self.assert_accessible(other)
        other.get_by_role("button", name="Yes, I will").click()
        expect(other.get_by_role("heading", name="Kestrels")).to_be_visible()
        other.goto(f"/handouts/{handout.pk}/")
        review = HandoutPage(other).look_at("Ama Lindqvist")
        review.answer(1).click()
        review.give("All", "She said it aloud.")
        expect(review.total).to_contain_text("1")

    def test_long_names_make_no_page_wider(self) -> None:
        kestrels = make_class(self.maren, "Leuchtturmwärterlaternenölkannendeckelschraubenschlüssel")
        long = "Donaudampfschifffahrtsgesellschaftskapitänsmützenabzeichenverleihungsurkunde"
        (student,) = make_students(kestrels, f"{long} {long}")
        hand_out_to(self.maren, self.keepers_log.pk, [To(kestrels.pk)], {"message": long})
        for size in (PHONE, LAPTOP):
            page = self.signed_in(student, **size)
            self.assertLessEqual(page.evaluate("document.documentElement.scrollWidth - innerWidth"), 0, "peg")
        teacher = self.teacher_browser().new_page()
        for address in ("/classes/", f"/classes/{kestrels.pk}/", f"/handouts/{kestrels.handouts.get().pk}/"):
            teacher.goto(address)
            teacher.wait_for_load_state("networkidle")
            wide = teacher.evaluate("document.documentElement.scrollWidth - innerWidth")
            self.assertLessEqual(wide, 0, address)
