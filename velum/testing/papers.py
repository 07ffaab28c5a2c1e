"""PDFs of every good and bad sort, made on the spot."""

import io
from collections.abc import Mapping, Sequence

import pikepdf
from reportlab.lib.pagesizes import A4
from reportlab.pdfgen.canvas import Canvas


def pdf(pages: int = 1, size: tuple[float, float] = A4, words: str = "Rock pools") -> bytes:
    """A PDF whose pages say which they are."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=size, invariant=True)
    for number in range(pages):
        canvas.drawString(72, size[1] - 72, f"{words}, page {number + 1}")
        canvas.showPage()
    canvas.save()
    return out.getvalue()


def encrypted(password: str = "lantern") -> bytes:
    return _saved(pikepdf.open(io.BytesIO(pdf())), encryption=pikepdf.Encryption(user=password, owner=password))


def turned(degrees: int, size: tuple[float, float] = A4) -> bytes:
    """A PDF whose page is shown turned."""
    document = pikepdf.open(io.BytesIO(pdf(size=size)))
    document.pages[0].Rotate = degrees
    return _saved(document)


def cropped(box: Sequence[float]) -> bytes:
    """A PDF of which only a part is shown: left, lower, right, upper edge in points."""
    document = pikepdf.open(io.BytesIO(pdf()))
    document.pages[0].CropBox = pikepdf.Array([*box])
    return _saved(document)


def moved(data: bytes, right: float, down: float) -> bytes:
    """The same PDF with all that is printed moved by so many points."""
    document = pikepdf.open(io.BytesIO(data))
    for page in document.pages:
        page.contents_add(document.make_stream(b"q 1 0 0 1 %f %f cm" % (right, -down)), prepend=True)
        page.contents_add(document.make_stream(b"Q"))
    return _saved(document)


def painted_over(data: bytes, number: int, place: tuple[float, float, float, float], words: str) -> bytes:
    """The same PDF with other words in a place of one page: x, y, width, height in points from its top left."""
    x, y, width, height = place
    document = pikepdf.open(io.BytesIO(data))
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=A4, invariant=True)
    canvas.setFillGray(1)
    canvas.rect(x, A4[1] - y - height, width, height, stroke=0, fill=1)
    canvas.setFillGray(0)
    canvas.drawString(x + 20, A4[1] - y - height / 2, words)
    canvas.save()
    over = pikepdf.open(out)
    document.pages[number].add_overlay(over.pages[0], None)
    return _saved(document)


def first_pages(data: bytes, count: int) -> bytes:
    document = pikepdf.open(io.BytesIO(data))
    del document.pages[count:]
    return _saved(document)


def only_page(data: bytes, number: int) -> bytes:
    """The same PDF with page ``number`` (from 0) alone."""
    document = pikepdf.open(io.BytesIO(data))
    del document.pages[number + 1 :]
    del document.pages[:number]
    return _saved(document)


def without_pages() -> bytes:
    return _saved(pikepdf.new())


def truncated() -> bytes:
    whole = pdf(pages=3)
    return whole[: len(whole) // 3]


def with_content(content: bytes, size: tuple[float, float] = A4) -> bytes:
    """A PDF of one page that draws what the content stream says."""
    document = pikepdf.new()
    page = document.add_blank_page()
    page.MediaBox = pikepdf.Array([0, 0, *size])
    page.Contents = document.make_stream(content)
    return _saved(document, compress_streams=True)


def with_font(content: bytes, means: Mapping[str, str] | None = None) -> bytes:
    """A PDF of one page whose content may write in Helvetica, as /F1; what its letters mean may be said."""
    document = pikepdf.new()
    page = document.add_blank_page(page_size=A4)
    font = pikepdf.Dictionary(Type=pikepdf.Name.Font, Subtype=pikepdf.Name.Type1, BaseFont=pikepdf.Name.Helvetica)
    page.Resources = pikepdf.Dictionary(Font=pikepdf.Dictionary(F1=font))
    if means:
        pairs = "\n".join(f"<{ord(letter):02x}> <{ord(meant):04x}>" for letter, meant in means.items())
        font.ToUnicode = document.make_stream(
            f"begincmap 1 begincodespacerange <00> <ff> endcodespacerange {len(means)} beginbfchar\n{pairs}\n"
            "endbfchar endcmap".encode()
        )
    page.Contents = document.make_stream(content)
    return _saved(document)


def noise(size: tuple[float, float] = A4) -> bytes:
    """A PDF of one page that is a noisy picture, as a scan is."""
    import random

    from PIL import Image
    from reportlab.lib.utils import ImageReader

    picture = Image.frombytes("RGB", (400, 560), random.Random(7).randbytes(400 * 560 * 3))
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=size, invariant=True)
    canvas.drawImage(ImageReader(picture), 0, 0, *size)
    canvas.save()
    return out.getvalue()


def _saved(document: pikepdf.Pdf, **options: object) -> bytes:
    out = io.BytesIO()
    document.save(out, **options)  # type: ignore[arg-type]
    return out.getvalue()


def form(rotate: int = 0) -> bytes:
    """A PDF with fields of each kind, and some that no student fills in."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=A4, invariant=True)
    canvas.drawString(72, 760, "Questions about the shore")
    form = canvas.acroForm
    form.textfield(name="boat", tooltip="Name of the boat", x=200, y=700, width=150, height=20)
    form.textfield(name="why", tooltip="Why?", x=72, y=600, width=400, height=60, fieldFlags="multiline")
    form.textfield(name="fixed", value="Gullhaven", x=72, y=570, width=100, height=16, fieldFlags="readOnly")
    for number, zone in enumerate(("splash", "middle", "low")):
        form.radio(name="zone", tooltip="Which zone?", value=zone, x=72 + 60 * number, y=500, size=16, selected=False)
    form.checkbox(name="seen", tooltip="I have seen it", x=72, y=450, size=14)
    form.choice(
        name="wind", tooltip="Wind", value="calm", options=["calm", "breeze", "gale"], x=72, y=400, width=90, height=20
    )
    form.listbox(
        name="birds",
        tooltip="Birds",
        value="gull",
        options=["gull", "tern"],
        x=200,
        y=380,
        width=90,
        height=40,
        fieldFlags="multiSelect",
    )
    canvas.showPage()
    canvas.drawString(72, 760, "Second page")
    canvas.acroForm.textfield(name="last", x=72, y=700, width=150, height=20)
    canvas.save()
    document = pikepdf.open(io.BytesIO(out.getvalue()))
    for page in document.pages:
        page.Rotate = rotate
    return _saved(document)


def filled_form(*, known: bool = True) -> bytes:
    """The form, filled in, with a button, and two widgets of one field; ``known``: the file says that it has a form."""
    document = pikepdf.open(io.BytesIO(form()))
    widgets = {str(widget.get("/T", "")): widget for page in document.pages for widget in page.Annots}
    widgets["boat"].V = pikepdf.String("Petrel")
    widgets["seen"].V = widgets["seen"].AS = pikepdf.Name.Yes
    widgets["wind"].V = pikepdf.String("gale")
    again, button = (pikepdf.Dictionary(dict(widgets[name].items())) for name in ("boat", "fixed"))
    again.Rect = pikepdf.Array([400, 700, 550, 720])
    button.FT, button.Ff, button.T = pikepdf.Name.Btn, 1 << 16, pikepdf.String("press")
    button.Rect = pikepdf.Array([72, 300, 172, 316])
    document.pages[0].Annots.extend(document.make_indirect(widget) for widget in (again, button))
    if not known:
        del document.Root.AcroForm
    return _saved(document)


def circular_form() -> bytes:
    """A form whose fields are each other's parents."""
    document = pikepdf.open(io.BytesIO(form()))
    widgets = [annotation for page in document.pages for annotation in page.Annots]
    for widget, other in zip(widgets, [*widgets[1:], widgets[0]], strict=True):
        widget.Parent = other
    return _saved(document)


def nested_options() -> bytes:
    """A form whose list has options within options, beside fields that are as they should be."""
    document = pikepdf.open(io.BytesIO(form()))
    for annotation in document.pages[0].Annots:
        if annotation.get("/FT") == "/Ch":
            annotation.Opt = pikepdf.Array([pikepdf.Array([pikepdf.Array(["a"]), "b"]), pikepdf.Array([])])
    return _saved(document)


def with_a_bad_page(number: int = 1, pages: int = 3) -> bytes:
    """A PDF of which one page is a size that no paper has."""
    document = pikepdf.open(io.BytesIO(pdf(pages=pages)))
    document.pages[number].MediaBox = pikepdf.Array([0, 0, 20_000, 3])
    return _saved(document)


def locked_by_certificate() -> bytes:
    """A PDF whose lock is opened by certificates and by no password (ISO 32000-1, 7.6.4)."""
    return encrypted().replace(b"/Filter /Standard", b"/Filter /Adobe.PubSec")


def nonsense_form() -> bytes:
    """A form whose fields hold nothing that they should."""
    document = pikepdf.open(io.BytesIO(form()))
    for page in document.pages:
        for number, annotation in enumerate(page.Annots):
            annotation.Rect = pikepdf.Array([pikepdf.Name.X, 1, 2] if number % 2 else [1, 2, 3, 4, 5])
            annotation.FT = 7
    return _saved(document)


def weather() -> bytes:
    """A page on the weather station: two columns to be joined, and a word bank with blanks below it."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=A4, invariant=True)
    canvas.setFont("Helvetica", 12)
    top = A4[1]
    canvas.drawString(72, top - 90, "Join each instrument to what it measures.")
    pairs = (("barometer", "the speed of the wind"), ("rain gauge", "the weight of the air"), ("anemometer", "rain"))
    for row, (left, right) in enumerate(pairs):
        canvas.drawString(72, top - 130 - 40 * row, left)
        canvas.drawString(360, top - 130 - 40 * row, right)
    canvas.rect(70, top - 330, 440, 50)
    for place, word in enumerate(("lamp", "fog horn", "lens", "stairs")):
        canvas.drawString(90 + 105 * place, top - 310, word)
    for row in range(3):
        canvas.drawString(72, top - 390 - 40 * row, f"{row + 1}. The keeper cleans the ____________ every day.")
    canvas.save()
    return out.getvalue()
