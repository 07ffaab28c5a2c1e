"""Pages as browsers write them. ``data-f`` marks a place, ``data-s`` the spots of options of one question."""

FONTS = {
    "serif": "12pt/1.45 'Liberation Serif',serif",
    "sans": "11pt/1.5 'Liberation Sans',sans-serif",
    "small": "9pt/1.35 'Liberation Sans',sans-serif",
    "mono": "11pt/1.5 'Liberation Mono',monospace",
    "young": "20pt/1.9 'DejaVu Sans',sans-serif",
    "light": "11pt/1.6 'DejaVu Sans',sans-serif",
}
SHEET = """<!doctype html><meta charset=utf-8><style>@page{{size:{size};margin:0}}*{{box-sizing:border-box}}
body{{margin:{margin};font:{font}}}table{{border-collapse:collapse;width:100%}}td,th{{border:{wall};padding:6px 8px;text-align:start}}
.b{{display:inline-block;border-bottom:{line};height:1.3em;vertical-align:baseline}}.x{{display:inline-block;border:{wall};vertical-align:middle}}
.l{{border-bottom:{line}}}h1{{font-size:1.5em;margin:0 0 .4em}}.c{{columns:2;column-gap:12mm}}.q{{break-inside:avoid}}</style>{body}"""


def sheet(body, font="serif", wall="1px solid #000", line="1px solid #000", margin="18mm 20mm", size="A4"):
    return SHEET.format(body=body, font=FONTS[font], wall=wall, line=line, margin=margin, size=size)


def place(number="", width="35mm", cls="b", more="", sort="write"):
    return f'<span class="{cls}" data-f="{sort}" data-n="{number}" style="width:{width};{more}"></span>'


def run(number, text):
    return f'<span data-f="write" data-n="{number}">{text}</span>'


def lines(number, count, height="8.5mm"):
    rows = f'<div class="l" style="height:{height}"></div>' * count
    return f'<div data-f="write" data-n="{number}">{rows}</div>'


def spot(number, letter):
    return f'<span data-s="{number}">{letter}</span>'


def cell(number="", more=""):
    return f'<td data-f="write" data-n="{number}" style="{more}">&nbsp;</td>'


def grid(rows, head=True, **more):
    out = []
    for place_, row in enumerate(rows):
        tag = "th" if head and place_ == 0 else "td"
        out.append("<tr>" + "".join(cell() if c is None else f"<{tag}>{c}</{tag}>" for c in row) + "</tr>")
    return f"<table>{''.join(out)}</table>"


NAME = f"<p>Name: {place('', '60mm', sort='name')} Class: {place('', '25mm', sort='name')}</p>"
P = "<p>{}</p>".format


def each(rows, make, start=1):
    return "".join(make(number, *row) for number, row in enumerate(rows, start))
