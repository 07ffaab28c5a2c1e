from playwright.sync_api import expect

from demo.teachers import MAREN
from e2e.journey import Journey


class Begin(Journey):
    def test_a_teacher_makes_an_account_and_comes_back_to_it(self) -> None:
        page = self.new_browser().new_page()
        page.goto("/")
        page.get_by_role("link", name="Make an account").click()
        page.get_by_label("Email").fill("runa@gullhaven.example")
        page.get_by_label("Password", exact=True).fill("herring-and-rye")
        page.get_by_role("button", name="Make the account").click()
        page.goto("/outbox/")
        page.get_by_role("article").first.get_by_role("link", name="confirm-email").click()
        page.get_by_role("button", name="Yes, open my desk").click()
        expect(page.get_by_role("heading", name="Begin with a paper you have")).to_be_visible()
        page.get_by_role("link", name="Sign out").click()
        page.get_by_role("button", name="Sign out").click()
        page.get_by_role("link", name="Sign in").click()
        page.get_by_label("Email").fill("runa@gullhaven.example")
        page.get_by_label("Password").fill("herring-and-rye")
        page.get_by_role("button", name="Sign in").click()
        expect(page).to_have_url(f"{self.live_server_url}/desk/")

    def test_a_wrong_password_is_told_and_nothing_opens(self) -> None:
        page = self.new_browser().new_page()
        page.goto("/desk/")
        page.get_by_label("Email").fill(MAREN.email)
        page.get_by_label("Password").fill("a guess")
        page.get_by_role("button", name="Sign in").click()
        expect(page.get_by_role("alert")).to_contain_text("not correct")
        page.goto("/desk/")
        expect(page).to_have_url(f"{self.live_server_url}/accounts/login/?next=/desk/")

    def test_the_desk_says_what_is_next_for_each_sheet(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto("/desk/")
        sheet = page.get_by_role("listitem").filter(has_text="keeper's log")
        expect(sheet.get_by_role("link", name="Set the key")).to_be_visible()
        sheet.get_by_role("button", name="Remove").click()
        sheet.get_by_role("button", name="Remove for good").click()
        expect(sheet).to_have_count(0)
        page.reload()
        expect(page.get_by_role("listitem")).to_have_count(1)

    def test_a_teacher_changes_the_password(self) -> None:
        page = self.new_browser().new_page()
        page.goto("/accounts/login/")
        page.get_by_label("Email").fill(MAREN.email)
        page.get_by_label("Password").fill(MAREN.password)
        page.get_by_role("button", name="Sign in").click()
        page.get_by_title("Your account").click()
        expect(page.get_by_role("radio")).to_be_checked()
        self.assert_accessible(page)
        page.get_by_role("link", name="Password").click()
        self.assert_accessible(page)
        page.get_by_label("Current Password").fill(MAREN.password)
        page.get_by_label("New Password", exact=True).fill("herring-and-rye")
        page.get_by_label("New Password (again)").fill("herring-and-rye")
        page.get_by_role("button", name="Change Password").click()
        expect(page.get_by_role("status")).to_contain_text("changed")
        self.maren.refresh_from_db()
        self.assertTrue(self.maren.check_password("herring-and-rye"))

    def test_its_pages_are_accessible(self) -> None:
        page = self.new_browser().new_page()
        for address in ("/", "/join/", f"/join/{self.handout.code}/", "/accounts/login/", "/accounts/signup/"):
            page.goto(address)
            self.assert_accessible(page)
        page = self.teacher_browser().new_page()
        page.goto("/desk/")
        self.assert_accessible(page)
