from playwright.sync_api import Locator, Page, expect

_WELL_INSIDE = """(paper, [top, bottom]) => {
    const stage = paper.closest(".overflow-auto"), view = stage.getBoundingClientRect();
    const at = paper.getBoundingClientRect().top;
    // Near the edges the page would go on by itself.
    const inside = at + top > view.top + 45 && at + bottom < Math.min(view.bottom, innerHeight) - 45;
    if (!inside) stage.scrollBy(0, at + (top + bottom) / 2 - (view.top + view.bottom) / 2);
}"""
"""Brings a strip of a page to where it can be drawn on."""


class EditorPage:
    """A worksheet on the light table."""

    def __init__(self, page: Page) -> None:
        self.page = page
        self.undo = page.get_by_role("button", name="Undo")
        self.redo = page.get_by_role("button", name="Redo")
        self.slip = page.get_by_label("What is in hand")
        self.told = page.get_by_test_id("announcer").first

    def open(self, worksheet_id: object, step: str = "film") -> "EditorPage":
        self.page.goto(f"/worksheets/{worksheet_id}/#{step}")
        self.paper(0).wait_for()
        return self

    def step(self, name: str) -> None:
        link = self.page.get_by_role("navigation", name="Steps").get_by_role("link", name=name)
        link.click()
        expect(link).to_have_attribute("aria-current", "step")

    def paper(self, number: int) -> Locator:
        """A page of the worksheet, from 0."""
        return self.page.locator("[data-page] > .paper").nth(number)

    def boxes(self) -> Locator:
        return self.page.locator("[data-field]")

    def box(self, number: int) -> Locator:
        """An answer box by the number it bears."""
        return self.page.get_by_role("button", name=f"Answer box {number},")

    def unfold(self, title: str) -> None:
        """Unfold what is folded away on the slip."""
        folded = self.slip.locator("details", has_text=title).first
        if folded.get_attribute("open") is None:
            folded.locator("summary").click()

    def pick(self, option: str) -> None:
        """Pick one of several on the slip, such as a border."""
        self.slip.locator("label.pick", has_text=option).click()

    def hint(self) -> Locator:
        """The hint of what is in hand."""
        self.unfold("Hint after a check")
        return self.slip.get_by_label("Hint after a check", exact=True)

    def expect_boxes(self, count: int) -> None:
        expect(self.boxes()).to_have_count(count)

    def expect_saved(self) -> None:
        expect(self.page.get_by_test_id("saving")).to_have_text("Saved")

    def draw(self, x1: float, y1: float, x2: float, y2: float, page: int = 0, *, free: bool = True) -> None:
        """Draw a box with the mouse; the corners are in CSS pixels from the page's top left.

        ``free``: it is not brought in line with what is near.
        """
        paper = self.paper(page)
        paper.evaluate(_WELL_INSIDE, [min(y1, y2), max(y1, y2)])
        corner = paper.bounding_box()
        assert corner
        self.drag(corner["x"] + x1, corner["y"] + y1, corner["x"] + x2, corner["y"] + y2, free=free)

    def drag(self, x1: float, y1: float, x2: float, y2: float, *, free: bool = True) -> None:
        mouse, keys = self.page.mouse, self.page.keyboard
        mouse.move(x1, y1)
        mouse.down()
        if free:
            keys.down("Alt")
        mouse.move((x1 + x2) / 2, (y1 + y2) / 2, steps=3)
        mouse.move(x2, y2, steps=3)
        mouse.up()
        if free:
            keys.up("Alt")

    def drag_by(self, thing: Locator, dx: float, dy: float, *, free: bool = True) -> None:
        place = thing.bounding_box()
        assert place
        x, y = place["x"] + place["width"] / 2, place["y"] + place["height"] / 2
        self.drag(x, y, x + dx, y + dy, free=free)

    def size(self, box: Locator) -> tuple[float, float, float, float]:
        """Where a box lies, in CSS pixels rounded: left, top, width, height."""
        place = box.bounding_box()
        assert place
        return (round(place["x"]), round(place["y"]), round(place["width"]), round(place["height"]))

    def key(self, number: int) -> Locator:
        """The right answer of a box, on the key sheet."""
        return self.page.get_by_label(f"Right answer {number}", exact=True)
