"""Pages as Typst writes them. A link to ``place:`` marks a place; the marks are taken out again."""

HEAD = '#set page(paper: "a4", margin: 20mm)\n#set text(size: 11pt)\n#let blank(n, w) = link("place:write/" + n)[#box(width: w, height: 11pt, stroke: (bottom: 0.5pt))]\n#let square(n, w, h) = link("place:write/" + n)[#box(width: w, height: h, stroke: 0.6pt)]\n#let spot(n, l) = link("place:spot/" + n)[#l]\n#let rules(n, c) = link("place:write/" + n)[#block(width: 100%, for _ in range(c) { block(width: 100%, height: 9mm, above: 0pt, below: 0pt, stroke: (bottom: 0.4pt)) })]\n#let empty(n, w, h) = link("place:write/" + n)[#box(width: w, height: h)]\n'


def develop():
    yield (
        "fractions",
        HEAD
        + "= Fractions\n"
        + "\n\n".join(
            f'{n}. ${a} + {b} =$ #blank("{n}", 25mm)'
            for n, (a, b) in enumerate((("1/2", "1/3"), ("2/5", "1/4"), ("3/8", "1/2"), ("5/6", "1/9")), 1)
        ),
    )
    yield (
        "mathematics",
        HEAD
        + '= Functions\n1. Given $f(x) = x^2 - 4x + 3$. Find the zeros.\n\n#rules("1", 3)\n\n2. Write $f$ in another form: $f(x) = $ #blank("2", 50mm)\n\n3. The vertex is at #blank("3", 25mm).',
    )
    yield (
        "choice",
        HEAD
        + "= Questions\n"
        + "\n".join(
            f"{n}. {q}\n\n" + "\n\n".join(f'#h(6mm) #spot("{n}", "{l}.") {w}' for l, w in zip("abc", o)) + "\n"
            for n, (q, o) in enumerate(
                (
                    ("Where is the light?", ("on the hill", "in the harbour", "at sea")),
                    ("Who keeps it?", ("the pilot", "the keeper", "the cook")),
                ),
                1,
            )
        ),
    )
    yield (
        "table",
        HEAD
        + '= Stores\n#let hole = table.cell(inset: 0pt)[#empty("", 56mm, 10mm)]\n#table(columns: (56mm, 56mm, 56mm), rows: 10mm, [Item], [Ordered], [Came], [oil], [12], hole, [wick], hole, [30], [rope], [4], hole)\n',
    )
    yield (
        "two_columns",
        HEAD
        + "#set page(columns: 2)\n= Words\n"
        + "\n\n".join(
            f'{n}. The {w} is #blank("{n}", 30mm)'
            for n, w in enumerate(("tide", "lamp", "boat", "gull", "rock", "sail", "wind", "star"), 1)
        ),
    )
    yield (
        "questions",
        HEAD
        + "= The storm\n"
        + "\n\n".join(
            f'{n}. {q}\n\n#rules("{n}", {c})'
            for n, (q, c) in enumerate(
                (("What broke first?", 2), ("Who saw it?", 1), ("How was it mended, and when?", 3)), 1
            )
        ),
    )
    yield (
        "parts",
        HEAD
        + "= Depths\n"
        + "\n\n".join(
            f"{n}. {q}\n\n" + "\n\n".join(f'#h(8mm) {l}) {t} #blank("{n}{l}", 30mm) m' for l, t in zip("abc", p))
            for n, (q, p) in enumerate(
                (
                    ("Read the chart.", ("at the steps", "at the buoy")),
                    ("Reckon.", ("at high water", "at low water", "the difference")),
                ),
                1,
            )
        ),
    )
    yield (
        "squares",
        HEAD
        + "= Quick sums\n"
        + "\n\n".join(
            f'{n}) ${s} =$ #square("{n}", 20mm, 8mm)'
            for n, s in enumerate(("14 + 9", "7 times 6", "80 - 27", "54 : 9", "13 + 48"), 1)
        ),
    )
    yield (
        "nothing",
        HEAD
        + "= The lens\n"
        + "The lens was cut in one winter and carried up the hill by twelve men. " * 14
        + "\n\n"
        + "It has turned ever since, but for one night. " * 9,
    )
    yield (
        "russian",
        HEAD
        + "= Прилив\n"
        + "\n\n".join(
            f'{n}. {q} #blank("{n}", 45mm)' for n, q in enumerate(("Когда прилив?", "Какая глубина?", "Кто пришёл?"), 1)
        ),
    )


def report():
    yield (
        "sequences",
        HEAD
        + "= Go on\n"
        + "\n\n".join(
            f'{n}. {", ".join(s)}, #blank("{n}", 18mm)'
            for n, s in enumerate(
                (("2", "5", "8", "11"), ("64", "32", "16"), ("1", "4", "9", "16"), ("90", "81", "72")), 1
            )
        ),
    )
    yield (
        "measures",
        HEAD
        + "= Measures\n"
        + "\n\n".join(
            f'{n}) {a} = #blank("{n}", 24mm) {b}'
            for n, (a, b) in enumerate(
                (("3 km", "m"), ("250 g", "kg"), ("1.5 h", "min"), ("40 mm", "cm"), ("2 fathoms", "m")), 1
            )
        ),
    )
    yield (
        "why",
        HEAD
        + "= The ferry\n"
        + "\n\n".join(
            f'{n}. {q}\n\n#rules("{n}", {c})'
            for n, (q, c) in enumerate(
                (
                    ("Why was the ferry late?", 3),
                    ("Who waited, and where?", 2),
                    ("Tell the story in your own words.", 6),
                ),
                1,
            )
        ),
    )
    yield (
        "grid",
        HEAD
        + '= Winds\n#let hole = table.cell(inset: 0pt)[#empty("", 40mm, 9mm)]\n#table(columns: (40mm, 40mm, 40mm, 40mm), rows: 9mm, stroke: 0.4pt + gray, [Day], [From], [Force], [Sea], [Monday], hole, [4], hole, [Tuesday], [west], hole, [rough], [Wednesday], hole, hole, [calm])\n',
    )
