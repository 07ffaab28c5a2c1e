"""SVG made safe: no scripts, nothing from elsewhere, and no end of nesting.

svg-hush keeps the elements and attributes that draw. What it leaves of addresses is gone through here once more: only
those inside the same drawing stay, and pictures that the drawing holds itself.
"""

import re
import xml.etree.ElementTree as ElementTree
from xml.parsers import expat

from py_svg_hush import filter_svg

from velum.pictures.prepared import PictureRefused, Prepared

MOST_BYTES = 2_000_000
_DEEPEST = 100
_MOST_ELEMENTS = 30_000

_SVG = "http://www.w3.org/2000/svg"
_XLINK_HREF = "{http://www.w3.org/1999/xlink}href"
_ALLOWED_DATA = re.compile(r"data:image/(png|jpeg|webp|gif);base64,[A-Za-z0-9+/=\s]*\Z")
_ADDRESS = re.compile(r"url\(\s*(?!['\"]?#)[^)]*\)?|@import[^;]*;?", re.IGNORECASE)
_LENGTH = re.compile(r"\s*(\d+(?:\.\d+)?|\.\d+)\s*(px|pt|pc|mm|cm|in)?\s*\Z")
_PIXELS = {None: 1.0, "px": 1.0, "pt": 96 / 72, "pc": 16.0, "mm": 96 / 25.4, "cm": 96 / 2.54, "in": 96.0}
"""CSS Values and Units, level 3, section 5.2: what absolute lengths are in pixels."""

ElementTree.register_namespace("", _SVG)
ElementTree.register_namespace("xlink", "http://www.w3.org/1999/xlink")


def is_svg(data: bytes) -> bool:
    """Whether a file begins as an SVG does."""
    start = data[:4_096].lstrip(b"\xef\xbb\xbf \t\r\n")
    return start.startswith(b"<") and b"<svg" in start


def prepare_svg(data: bytes) -> Prepared:
    """The drawing without what could do harm. Raises PictureRefused."""
    if len(data) > MOST_BYTES:
        raise PictureRefused(
            "picture.too_large", "This drawing has more than {most} MB.", {"most": MOST_BYTES // 1_000_000}
        )
    _check_nesting(data)
    try:
        hushed = filter_svg(data, {"image": ["png", "jpeg", "webp", "gif"]})
        root = ElementTree.fromstring(hushed)  # noqa: S314 - nesting and size were checked, entities are refused
    except (ValueError, ElementTree.ParseError) as problem:
        raise _broken() from problem
    if root.tag != f"{{{_SVG}}}svg":
        raise _broken()
    for element in root.iter():
        _disarm(element)
    width, height = _size(root)
    return Prepared("image/svg+xml", ElementTree.tostring(root, "utf-8"), width, height)


def _disarm(element: ElementTree.Element) -> None:
    for name in ("href", _XLINK_HREF):
        address = element.get(name, "#")
        if not address.startswith("#") and not _ALLOWED_DATA.match(address):
            del element.attrib[name]
    for name, value in element.attrib.items():
        if name not in ("href", _XLINK_HREF) and _ADDRESS.search(value):
            element.set(name, _ADDRESS.sub("none", value))
    if element.tag == f"{{{_SVG}}}style" and element.text:
        element.text = _ADDRESS.sub("none", element.text)


def _check_nesting(data: bytes) -> None:
    """Refuse what is nested so deeply, or holds so many elements, that looking at it would take minutes."""
    depth = count = 0

    def begin(*_: object) -> None:
        nonlocal depth, count
        depth, count = depth + 1, count + 1
        if depth > _DEEPEST or count > _MOST_ELEMENTS:
            raise PictureRefused("picture.too_heavy", "This drawing is too intricate. Save it as a PNG instead.")

    def end(_: object) -> None:
        nonlocal depth
        depth -= 1

    def entity(*_: object) -> None:
        raise PictureRefused("picture.entities", "This drawing defines entities. Save it as plain SVG.")

    parser = expat.ParserCreate()
    parser.StartElementHandler, parser.EndElementHandler, parser.EntityDeclHandler = begin, end, entity
    try:
        parser.Parse(data, True)
    except expat.ExpatError as problem:
        raise _broken() from problem


def _size(root: ElementTree.Element) -> tuple[float, float]:
    sides = [_LENGTH.match(root.get(name, "")) for name in ("width", "height")]
    if all(sides):
        width, height = (float(side[1]) * _PIXELS[side[2]] for side in sides if side)
    else:
        try:
            _, _, width, height = (float(part) for part in re.split(r"[\s,]+", root.get("viewBox", "").strip()))
        except ValueError:
            width, height = 300.0, 150.0  # CSS 2.2, section 10.3.2: what has no size of its own
    if not (0 < width < 100_000 and 0 < height < 100_000):
        raise _broken()
    return round(width, 2), round(height, 2)


def _broken() -> PictureRefused:
    return PictureRefused("picture.broken", "This drawing is damaged and cannot be opened.")
