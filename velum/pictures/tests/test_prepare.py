import io
import re
import unittest
from xml.etree import ElementTree

from hypothesis import given
from hypothesis import strategies as st
from PIL import Image

from velum.pictures.prepare import MOST_BYTES, prepare
from velum.pictures.prepared import PictureRefused
from velum.testing import pictures

OPEN = b'<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="10" height="20">'

HOSTILE = {
    "script": b"<script>alert(1)</script>",
    "handler": b'<rect width="1" height="1" onload="alert(1)" onclick="alert(2)"/>',
    "link": b'<a href="javascript:alert(1)"><text>hi</text></a>',
    "html": b'<foreignObject><body xmlns="http://www.w3.org/1999/xhtml"><script>alert(1)</script></body></foreignObject>',
    "picture from elsewhere": b'<image href="http://elsewhere.example/x.png"/>',
    "picture from here": b'<image xlink:href="/desk/"/>',
    "shape from elsewhere": b'<use href="http://elsewhere.example/x.svg#a"/>',
    "style": b"<style>@import url(http://elsewhere.example/a.css); rect{fill:url(http://elsewhere.example/b)}</style>",
    "attribute": b'<rect style="fill:url(//elsewhere.example/x)" filter="url(http://elsewhere.example/y#z)"/>',
    "page within": b'<image href="data:text/html;base64,PHNjcmlwdD4="/>',
    "drawing within": b'<image href="data:image/svg+xml;base64,PHN2Zz4="/>',
    "animation": b'<a><animate attributeName="href" values="javascript:alert(1)"/></a>',
}


def refusal(data: bytes) -> str:
    try:
        prepare(data)
    except PictureRefused as refused:
        return refused.code
    return ""


def pixels(data: bytes) -> Image.Image:
    return Image.open(io.BytesIO(prepare(data).data))


class Drawings(unittest.TestCase):
    def test_what_could_do_harm_is_gone(self) -> None:
        for name, part in HOSTILE.items():
            with self.subTest(name):
                made = prepare(OPEN + part + b'<circle r="5"/></svg>')
                self.assertEqual(made.media_type, "image/svg+xml")
                text = made.data.decode()
                self.assertIn("circle", text)
                for word in ("script>", "onload", "onclick", "foreignObject", "text/html", "svg+xml"):
                    self.assertNotIn(word, text)
                for address in re.findall(r"""(?:href|src)\s*=\s*"([^"]*)"|url\(([^)]*)\)""", text):
                    self.assertTrue("".join(address).startswith("#"), text)

    def test_what_draws_stays(self) -> None:
        png = b"data:image/png;base64,iVBORw0KGgo="
        body = (
            b'<defs><linearGradient id="g"><stop offset="0" stop-color="red"/></linearGradient></defs>'
            b'<rect fill="url(#g)" width="5" height="5"/><use href="#g"/><image href="' + png + b'"/>'
        )
        text = prepare(OPEN + body + b"</svg>").data.decode()
        for part in ('fill="url(#g)"', 'href="#g"', png.decode(), "linearGradient"):
            self.assertIn(part, text)

    def test_its_proportions_are_told(self) -> None:
        for head, size in (
            (b'width="10" height="20"', (10, 20)),
            (b'width="1in" height="72pt"', (96, 96)),
            (b'viewBox="0 0 30,15"', (30, 15)),
            (b'width="100%" viewBox="0 0 3 4"', (3, 4)),
            (b"", (300, 150)),
        ):
            made = prepare(b'<svg xmlns="http://www.w3.org/2000/svg" ' + head + b"/>")
            self.assertEqual((made.width, made.height), size)

    def test_what_is_made_to_hurt_is_refused(self) -> None:
        entity = b'<!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;&a;">]>' + OPEN + b"<text>&b;</text></svg>"
        file = b'<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]>' + OPEN + b"<text>&a;</text></svg>"
        for data, code in (
            (entity, "picture.entities"),
            (file, "picture.entities"),
            (OPEN + b"<g>" * 200_000, "picture.too_heavy"),
            (OPEN + b"<g/>" * 40_000 + b"</svg>", "picture.too_heavy"),
            (OPEN + b" " * 2_000_000 + b"</svg>", "picture.too_large"),
            (OPEN, "picture.broken"),
            (b"<html><svg></svg></html>", "picture.broken"),
            (b'<svg xmlns="http://www.w3.org/2000/svg" width="0" height="5"/>', "picture.broken"),
        ):
            with self.subTest(data[:80]):
                self.assertEqual(refusal(data), code)

    @given(st.binary(max_size=300))
    def test_anything_is_a_drawing_or_refused(self, junk: bytes) -> None:
        for data in (junk, OPEN + junk + b"</svg>"):
            refusal(data)

    @given(st.text("<>/\"'=&#; ahrefscriptxlink:()", max_size=200))
    def test_whatever_is_put_into_one_no_address_leads_out(self, junk: str) -> None:
        try:
            made = prepare(OPEN + junk.encode() + b"</svg>")
        except PictureRefused:
            return
        for element in ElementTree.fromstring(made.data).iter():
            for name, value in element.attrib.items():
                self.assertFalse(name.lower().startswith("on"), made.data)
                if name.endswith("href"):
                    self.assertTrue(value.startswith(("#", "data:image/")), made.data)


class Photos(unittest.TestCase):
    def test_what_is_clear_stays_clear(self) -> None:
        made = prepare(pictures.see_through())
        self.assertEqual((made.media_type, made.width, made.height), ("image/webp", 300, 400))
        self.assertEqual(pixels(pictures.see_through()).getpixel((10, 10)), (0, 0, 0, 0))

    def test_a_photo_is_upright_and_small_enough(self) -> None:
        made = prepare(pictures.turned_photo())
        self.assertEqual((made.width, made.height), (600, 800))
        large = prepare(pictures.saved(pictures.drawn(3_000, 4_000), "JPEG"))
        self.assertLessEqual(max(large.width, large.height), 2_400)

    def test_every_sort_of_picture_is_taken(self) -> None:
        for kind in ("PNG", "JPEG", "WEBP", "GIF", "TIFF"):
            with self.subTest(kind):
                self.assertEqual(pixels(pictures.saved(pictures.drawn(), kind)).size, (600, 800))

    def test_other_files_are_refused(self) -> None:
        for data, code in (
            (b"", "picture.empty"),
            (b"x" * (MOST_BYTES + 1), "picture.too_large"),
            (b"only words", "picture.unknown"),
            (b"%PDF-1.7 and so on", "picture.unknown"),
            (b"PK\x03\x04 word/document.xml", "picture.unknown"),
            (pictures.saved(pictures.drawn(), "PNG")[:300], "picture.broken"),
            (pictures.bomb(), "picture.too_many_pixels"),
        ):
            with self.subTest(data[:20]):
                self.assertEqual(refusal(data), code)
