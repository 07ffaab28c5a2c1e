"""Picture files of every good and bad sort, made on the spot."""

import base64
import io

from PIL import Image, ImageDraw


def drawn(width: int = 600, height: int = 800, mode: str = "RGB") -> Image.Image:
    """A sheet with a black bar along its upper edge, so that one sees which way is up."""
    sheet = Image.new(mode, (width, height), "white")
    ImageDraw.Draw(sheet).rectangle((0, 0, width, height // 10), fill="black")
    return sheet


def saved(picture: Image.Image, kind: str, **options: object) -> bytes:
    out = io.BytesIO()
    picture.save(out, kind, **options)
    return out.getvalue()


def several(kind: str, count: int = 3) -> bytes:
    """A file of several pages: TIFF or GIF."""
    pages = [drawn(300 + 10 * number) for number in range(count)]
    if kind == "GIF":
        pages = [page.resize((300, 400)) for page in pages]
        for number, page in enumerate(pages):
            page.putpixel((5, 300), (number * 60, 0, 0))
    return saved(pages[0], kind, save_all=True, append_images=pages[1:])


def turned_photo(orientation: int = 6) -> bytes:
    """A photo as a phone keeps it: lying, with a note of which way is up (Exif: Orientation)."""
    exif = Image.Exif()
    exif[0x0112] = orientation
    lying = drawn(600, 800).rotate(90, expand=True)
    return saved(lying, "JPEG", exif=exif)


def see_through() -> bytes:
    return saved(Image.new("RGBA", (300, 400), (0, 0, 0, 0)), "PNG")


def bomb() -> bytes:
    """A small file that unpacks to more pixels than anybody may send."""
    return saved(Image.new("1", (20_000, 20_000)), "PNG")


HEIC_MISSING = b"\0\0\0\x18ftypheic\0\0\0\0mif1heic" + bytes(40)
"""What says that it is a HEIC and is none."""

_HEIC = """
AAAAGGZ0eXBoZWljAAAAAG1pZjFoZWljAAABrW1ldGEAAAAAAAAAIWhkbHIAAAAAAAAAAHBpY3QAAAAAAAAAAAAAAAAAAAAADnBp
dG0AAAAAAAIAAAAQaWRhdAAAAAAAPABQAAAAOGlsb2MBAAAAREAAAgABAAAAAAAAAc0AAQAAAAAAAAAtAAIAAQAAAAAAAAABAAAA
AAAAAAgAAAA4aWluZgAAAAAAAgAAABVpbmZlAgAAAQABAABodmMxAAAAABVpbmZlAgAAAAACAABncmlkAAAAANhpcHJwAAAAtmlw
Y28AAAB2aHZjQwEDcAAAAAAAAAAAAB7wAPz9+PgAAA8DIAABABhAAQwB//8DcAAAAwCQAAADAAADAB66AkAhAAEAKkIBAQNwAAAD
AJAAAAMAAAMAHqAggUWW6uSmubgQEDAgAAADACAAAAMAISIAAQAGRAHBc8CJAAAAFGlzcGUAAAAAAAAAQAAAAFAAAAAUaXNwZQAA
AAAAAAA8AAAAUAAAABBwaXhpAAAAAAMICAgAAAAaaXBtYQAAAAAAAAACAAECgQIAAgIDhAAAABppcmVmAAAAAAAAAA5kaW1nAAIA
AQABAAAANW1kYXQAAAApKAGvE4Db7oP/3MLPegBmpBCKa5dP3JAeXdQIHkoiVFv02cPNMuLGPsA=
"""


def heic() -> bytes:
    """A photo as newer phones keep it: what ``drawn(60, 80)`` is, as libheif wrote it. Pillow only reads the format."""
    return base64.b64decode(_HEIC)
