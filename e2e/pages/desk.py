from pathlib import Path

from playwright.sync_api import Locator, Page

from e2e.pages.editor import EditorPage


class DeskPage:
    """The teacher's desk."""

    def __init__(self, page: Page) -> None:
        self.page = page

    def open(self) -> "DeskPage":
        self.page.goto("/desk/")
        return self

    def bring_in(self, *paths: Path) -> EditorPage:
        self.page.get_by_label("Choose files").set_input_files(paths)
        self.page.wait_for_url("**/worksheets/**")
        return EditorPage(self.page)

    def try_to_bring_in(self, *paths: Path) -> str:
        """Bring in files of which one is refused; returns what the desk says."""
        self.page.get_by_label("Choose files").set_input_files(paths)
        alert = self.page.get_by_role("alert")
        alert.wait_for()
        return alert.inner_text()

    def drop(self, path: Path) -> EditorPage:
        """Drop a file on the desk."""
        data = self.page.evaluate_handle(
            """([name, bytes]) => {
                const data = new DataTransfer();
                data.items.add(new File([new Uint8Array(bytes)], name, {type: "application/pdf"}));
                return data;
            }""",
            [path.name, list(path.read_bytes())],
        )
        self.page.dispatch_event("main", "drop", {"dataTransfer": data})
        self.page.wait_for_url("**/worksheets/**")
        return EditorPage(self.page)

    def paste(self, name: str, data: bytes, kind: str) -> EditorPage:
        """Paste a picture from the clipboard."""
        self.page.evaluate(
            """([name, bytes, type]) => {
                const clipboardData = new DataTransfer();
                clipboardData.items.add(new File([new Uint8Array(bytes)], name, {type}));
                window.dispatchEvent(new ClipboardEvent("paste", {clipboardData, bubbles: true}));
            }""",
            [name, list(data), kind],
        )
        self.page.wait_for_url("**/worksheets/**")
        return EditorPage(self.page)

    def sheet(self, title: str) -> Locator:
        return self.page.get_by_role("listitem").filter(has_text=title)
