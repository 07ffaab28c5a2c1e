"""Files that somebody spoilt, by chance or to hurt: each is read, or refused with a code, and nothing else happens."""

import io
import unittest
import unittest.mock
from collections.abc import Callable
from functools import cache

import pikepdf
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image

from velum.paper.form_fields import form_fields
from velum.paper.page_size import PaperRefused
from velum.paper.read import read_pages
from velum.paper.render import render_page
from velum.paper.survey import read_text
from velum.testing import papers, pictures
from velum.testing.pictures import drawn, saved


@cache
def samples() -> dict[str, bytes]:
    """A good file of every sort."""
    kinds = {kind: saved(drawn(90, 120), kind) for kind in ("PNG", "JPEG", "WEBP", "TIFF", "GIF")}
    several = {f"several {kind}": pictures.several(kind) for kind in ("TIFF", "GIF")}
    pdfs = {"PDF": papers.pdf(2), "form": papers.form(), "scan": papers.noise((200, 280))}
    return kinds | several | pdfs | {"HEIC": pictures.heic(), "turned": pictures.turned_photo()}


def look_at(data: bytes) -> str:
    """Do with a file what is done with every file; returns the code of a refusal, or nothing."""
    try:
        pages = read_pages(data)
        form_fields(data)
        for number in range(min(len(pages), 2)):
            render_page(data, number, [340])
            read_text(data, number, None)
    except PaperRefused as refused:
        return refused.code
    return ""


class Spoilt(unittest.TestCase):
    def setUp(self) -> None:
        # The engine is a program of its own, and slow; what it is given is a picture that was drawn before.
        self.enterContext(unittest.mock.patch("velum.paper.survey.can_read", return_value=False))

    def test_the_samples_are_good(self) -> None:
        for name, data in samples().items():
            with self.subTest(name):
                self.assertEqual(look_at(data), "")

    @settings(max_examples=250)
    @given(st.data())
    def test_bytes_changed_anywhere(self, chance: st.DataObject) -> None:
        data = bytearray(samples()[chance.draw(st.sampled_from(sorted(samples())))])
        for place in chance.draw(st.lists(st.integers(0, len(data) - 1), min_size=1, max_size=8)):
            data[place] = chance.draw(st.integers(0, 255))
        self.assertRegex(look_at(bytes(data)), r"^(paper\.[a-z_]+)?$")

    @settings(max_examples=150)
    @given(st.data())
    def test_cut_short_anywhere(self, chance: st.DataObject) -> None:
        data = samples()[chance.draw(st.sampled_from(sorted(samples())))]
        code = look_at(data[: chance.draw(st.integers(0, len(data) - 1))])
        self.assertRegex(code, r"^(paper\.[a-z_]+)?$")

    @settings(max_examples=60)
    @given(st.data())
    def test_two_files_in_one(self, chance: st.DataObject) -> None:
        names = st.sampled_from(sorted(samples()))
        one, other = samples()[chance.draw(names)], samples()[chance.draw(names)]
        cut = chance.draw(st.integers(0, len(one)))
        self.assertRegex(look_at(one[:cut] + other + one[cut:]), r"^(paper\.[a-z_]+)?$")


class Made(unittest.TestCase):
    """Files made to hurt, each with what is said of it."""

    def test_each_gets_one_sentence_with_a_code(self) -> None:
        cases: dict[str, tuple[Callable[[], bytes], str]] = {
            "nothing": (lambda: b"", "paper.empty"),
            "zeros": (lambda: bytes(5_000), "paper.unknown"),
            "a name only": (lambda: b"%PDF-1.7", "paper.broken"),
            "pages in a circle": (circular_pages, "paper.broken"),
            "no pages": (papers.without_pages, "paper.no_pages"),
            "locked": (papers.encrypted, "paper.encrypted"),
            "pixels without end": (pictures.bomb, "paper.too_many_pixels"),
            "a frame larger than its picture": (gif_with_a_huge_frame, "paper.too_many_pixels"),
            "a page of forty kilometres": (lambda: papers.with_content(b"", (9e6, 9e6)), "paper.page_size"),
            "a page without size": (lambda: papers.with_content(b"", (0, 0)), ""),
            "a picture named PDF": (lambda: saved(drawn(90, 120), "PNG"), ""),
            "a PDF behind rubbish": (lambda: b"\n" * 900 + papers.pdf(), ""),
            "a program": (lambda: b"\x7fELF" + bytes(300), "paper.unknown"),
            "a web page": (lambda: b"<html><script>alert(1)</script>", "paper.unknown"),
            "a drawing with a script": (lambda: b"<svg xmlns='http://www.w3.org/2000/svg'/>", "paper.unknown"),
        }
        for name, (make, code) in cases.items():
            with self.subTest(name):
                self.assertEqual(look_at(make()), code)

    def test_more_pages_than_anybody_has_are_refused(self) -> None:
        out = io.BytesIO()
        frames = [Image.new("1", (8, 8), number % 2) for number in range(2_100)]
        frames[0].save(out, "GIF", save_all=True, append_images=frames[1:], disposal=2)
        self.assertEqual(look_at(out.getvalue()), "paper.too_many_pages")


def gif_with_a_huge_frame() -> bytes:
    """An animation whose second frame says that it is 65,535 pixels wide and high (GIF89a, 20: Image Descriptor)."""
    data = bytearray(pictures.several("GIF"))
    place = data.index(b"\x2c", data.index(b"\x2c") + 10)
    data[place + 5 : place + 9] = b"\xff" * 4
    return bytes(data)


def circular_pages() -> bytes:
    """A PDF whose tree of pages holds itself."""
    document = pikepdf.open(io.BytesIO(papers.pdf()))
    tree = document.Root.Pages
    tree.Kids = pikepdf.Array([tree])
    tree.Count = 5
    out = io.BytesIO()
    document.save(out)
    return out.getvalue()
