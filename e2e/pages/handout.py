from playwright.sync_api import Locator, Page


class HandoutPage:
    """A handout: how to join it, who has, and the marks."""

    def __init__(self, page: Page) -> None:
        self.page = page
        self.counts = page.locator("header").get_by_role("status")
        self.may_check = page.get_by_role("checkbox", name="Students may check an answer")
        self.is_open = page.get_by_role("checkbox", name="Open")

    def open(self, handout_id: object) -> "HandoutPage":
        self.page.goto(f"/handouts/{handout_id}/")
        return self

    @property
    def code(self) -> str:
        return self.page.get_by_test_id("code").inner_text()

    @property
    def link(self) -> str:
        return self.page.get_by_label("Link").input_value()

    def row(self, student: str) -> Locator:
        return self.page.get_by_role("row").filter(has_text=student)

    def verdict(self, student: str, question: int) -> Locator:
        return self.row(student).get_by_role("img", name=f"{question}:")

    def look_at(self, student: str) -> "ReviewPage":
        self.page.get_by_role("link", name=student).click()
        self.page.wait_for_url("**/copies/**")
        return ReviewPage(self.page)


class ReviewPage:
    """A copy as its student left it, with its marks."""

    def __init__(self, page: Page) -> None:
        self.page = page
        self.slip = page.get_by_label("The box in hand")
        self.total = page.get_by_test_id("total")

    def answer(self, question: int) -> Locator:
        return self.page.get_by_role("button", name=f"Question {question}:")

    def give(self, points: str, why: str = "") -> None:
        if why:
            self.slip.get_by_label("Why").fill(why)
        self.slip.get_by_role("group", name="Points you give").get_by_role("button", name=points, exact=True).click()
