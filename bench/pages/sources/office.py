"""Pages as a word processor writes them: LibreOffice, from HTML. Links mark places."""

import subprocess
import tempfile
from pathlib import Path


def blank(number, text):
    return f'<a href="place:write/{number}" style="color:#000;text-decoration:none">{text}</a>'


def spot(number, text):
    return f'<a href="place:spot/{number}" style="color:#000;text-decoration:none">{text}</a>'


def page(body, font="Liberation Serif", size=12):
    return f'<html><head><meta charset="utf-8"><style>@page{{size:21cm 29.7cm;margin:2cm}}body{{font-family:"{font}";font-size:{size}pt}}a{{color:#000000;text-decoration:none}}</style></head><body>{body}</body></html>'


def develop():
    yield (
        "underscores",
        page(
            "<h1>The flask</h1>"
            + "".join(
                f"<p>{n}. {a} {blank(n, '_' * c)} {b}</p>"
                for n, (a, c, b) in enumerate(
                    (
                        ("The flask stood in the", 16, "of the tower."),
                        ("It held a little", 12, "and much smoke."),
                        ("The keeper found it in the", 18, ""),
                    ),
                    1,
                )
            )
        ),
    )
    yield (
        "letters",
        page(
            "<h1>Weather</h1>"
            + "".join(
                f"<p>{n}. {q}</p>"
                + "".join(f'<p style="margin-left:1cm">{spot(n, l + ")")} {w}</p>' for l, w in zip("abcd", o))
                for n, (q, o) in enumerate(
                    (
                        ("A gale has a force of", ("2", "5", "8", "11")),
                        ("Fog is made of", ("smoke", "water", "salt", "dust")),
                    ),
                    1,
                )
            ),
            "Liberation Sans",
            11,
        ),
    )
    yield (
        "dots",
        page(
            "<h1>Harbour rules</h1>"
            + "".join(
                f"<p>{n}) {a} {blank(n, '.' * c)}</p>"
                for n, (a, c) in enumerate(
                    (("Boats are tied up at", 46), ("Nobody swims near the", 44), ("The gate shuts at", 50)), 1
                )
            ),
            "Liberation Sans",
            11,
        ),
    )
    yield (
        "name_and_lines",
        page(
            "<p>Name ______________________ Date ____________</p><h1>My day at sea</h1>"
            + "".join(
                f"<p>{n}. {q}</p><p>{blank(n, '_' * 76)}</p>"
                for n, q in enumerate(("Who was on board?", "Where did you go?", "What went wrong?"), 1)
            )
        ),
    )
    yield (
        "letters_in_row",
        page(
            "<h1>Pick one</h1>"
            + "".join(
                f"<p>{n}. {q}</p><p>"
                + " &nbsp; &nbsp; &nbsp; &nbsp; ".join(f"{spot(n, l + '.')} {w}" for l, w in zip("ABC", o))
                + "</p>"
                for n, (q, o) in enumerate(
                    (
                        ("A keeper sleeps by", ("day", "night", "noon")),
                        ("A tender is a", ("boat", "bird", "lamp")),
                        ("Oil comes in", ("sacks", "casks", "bowls")),
                    ),
                    1,
                )
            )
        ),
    )
    yield (
        "nothing",
        page(
            "<h1>Notice</h1>"
            + "<p>The harbour is closed on Sunday. Boats that come late wait outside. Ask the master for a berth.</p>"
            * 9
        ),
    )
    yield (
        "parts",
        page(
            "<h1>Chart work</h1>"
            + "".join(
                f"<p>{n}. {q}</p>"
                + "".join(
                    f'<p style="margin-left:1cm">{l}) {t} {blank(f"{n}{l}", "_" * 14)}</p>' for l, t in zip("abc", p)
                )
                for n, (q, p) in enumerate(
                    (
                        ("Measure.", ("From the light to the buoy:", "From the buoy to the steps:")),
                        ("Reckon.", ("The time at 6 knots:", "The time at 4 knots:")),
                    ),
                    1,
                )
            ),
            "Liberation Sans",
            11,
        ),
    )


def report():
    yield (
        "sentences",
        page(
            "<h1>Finish the sentence</h1>"
            + "".join(
                f"<p>{n}. {a} {blank(n, '_' * c)}.</p>"
                for n, (a, c) in enumerate(
                    (
                        ("When the bell rang,", 40),
                        ("Because the tide was out,", 36),
                        ("If the lamp fails,", 42),
                        ("Before they landed,", 40),
                    ),
                    1,
                )
            )
        ),
    )
    yield (
        "small_letters",
        page(
            "<h1>One of three</h1>"
            + "".join(
                f"<p>{n}. {q}</p>"
                + "".join(f'<p style="margin-left:1cm">{spot(n, "(" + l + ")")} {w}</p>' for l, w in zip("abc", o))
                for n, (q, o) in enumerate(
                    (
                        ("Salt water is", ("lighter", "heavier", "the same")),
                        ("A fathom is about", ("1 m", "2 m", "5 m")),
                        ("North is marked by", ("N", "a star", "red")),
                    ),
                    1,
                )
            ),
            "Liberation Sans",
            11,
        ),
    )
    yield (
        "letter",
        page(
            "<p>Dear keeper,</p>"
            + "<p>Thank you for showing us the lamp. We liked the stairs best and counted them twice.</p>" * 7
            + "<p>Yours, class 4</p>"
        ),
    )


def made(pages):
    for name, text in pages:
        with tempfile.TemporaryDirectory() as folder:
            source = Path(folder, "page.html")
            source.write_text(text)
            subprocess.run(
                ["soffice", "--headless", "--convert-to", "pdf:writer_web_pdf_Export", "--outdir", folder, source],
                check=True,
                capture_output=True,
            )
            yield name, Path(folder, "page.pdf").read_bytes()
