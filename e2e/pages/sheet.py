from playwright.sync_api import Locator, Page, expect


class JoinPage:
    """What a student sees before the sheet."""

    def __init__(self, page: Page) -> None:
        self.page = page

    def join(self, code: str, name: str) -> "SheetPage":
        self.page.goto("/")
        self.page.get_by_label("Code", exact=True).fill(code)
        self.page.get_by_role("button", name="Open the worksheet").click()
        return self.give_name(name)

    def follow(self, link: str, name: str) -> "SheetPage":
        self.page.goto(link)
        return self.give_name(name)

    def give_name(self, name: str) -> "SheetPage":
        self.page.get_by_label("Your name").fill(name)
        self.page.get_by_role("button", name="Start").click()
        self.page.wait_for_url("**/c/**")
        return SheetPage(self.page)


_KEPT = """new Promise((resolve) => {
  indexedDB.open("velum").onsuccess = ({ target }) => {
    const asked = target.result.transaction("kept").objectStore("kept").getAllKeys();
    asked.onsuccess = () => resolve(asked.result.map(([name]) => name));
  };
})"""


class SheetPage:
    """A student's sheet."""

    def __init__(self, page: Page) -> None:
        self.page = page
        self.saving = page.get_by_test_id("saving")
        self.hand_in = page.get_by_role("button", name="Hand in", exact=True)
        self.dialog = page.get_by_role("dialog")

    def answer(self, question: int) -> Locator:
        return self.page.get_by_label(f"Answer {question}", exact=True)

    def place(self, question: int) -> Locator:
        """A question's place on the page, where it is answered in the dock."""
        return self.page.locator("main").get_by_role("button", name=f"Question {question}:")

    def bead(self, question: int) -> Locator:
        return self.page.get_by_role("button", name=f"Question {question}, ")

    def write(self, question: int, text: str) -> None:
        self.answer(question).fill(text)

    def expect_saved(self) -> None:
        expect(self.saving).to_have_text("Saved")

    @property
    def copy_id(self) -> str:
        return self.page.url.rstrip("/").rsplit("/", 1)[1]

    def kept_on_device(self, start: str = "velum:copy:") -> int:
        """How many answers the device keeps, each of them once: every tab that was opened keeps a row of its own."""
        names: list[str] = self.page.evaluate(_KEPT)
        return sum(name.startswith(start) for name in set(names))
