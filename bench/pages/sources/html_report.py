"""Pages of browsers that are only reported on: no rule is made by them."""

from bench.pages.sources.html import NAME, P, cell, each, grid, lines, place, run, sheet, spot


def tick(number, size="4mm"):
    return f'<span class="x" data-s="{number}" style="width:{size};height:{size}"></span>'


def report():
    yield (
        "islands",
        sheet(
            "<h1>Islands of the strait</h1>"
            + NAME
            + P("Complete the table.")
            + grid(
                [
                    ["Island", "Harbour", "Light", "People"],
                    ["Skerra", None, "white", None],
                    ["Holm", "Westwick", None, "412"],
                    ["Long Ness", None, "none", None],
                    ["Tarn", "Oar Bay", "red", None],
                    ["Gull Rock", None, None, "0"],
                ]
            ),
            "sans",
        ),
    )
    yield (
        "cloze_numbers",
        sheet(
            "<h1>How the tower was built</h1>"
            + '<p style="line-height:2.1">'
            + f"The stones were cut on the {run('1', '(1) ________________')} and brought over by barge. "
            + f"Each of them weighed two {run('2', '(2) ________________')} and had to be lifted by hand. "
            + f"When the wind rose, the men {run('3', '(3) ________________')} down to the huts. "
            + f"After nine {run('4', '(4) ________________')} the lamp was lit for the first time.</p>",
        ),
    )
    yield (
        "german_gaps",
        sheet(
            "<h1>Der Leuchtturm</h1><p>Name: "
            + place("", "55mm", sort="name")
            + " Datum: "
            + place("", "30mm", sort="name")
            + "</p><p>Setze die fehlenden Wörter ein.</p>"
            + each(
                [
                    ("Der Wärter steigt jeden Abend auf den", "."),
                    ("Das Licht ist zwanzig", "weit zu sehen."),
                    ("Bei Nebel hört man das", "."),
                    ("Im Winter kommt das", "nur selten."),
                    ("Am Morgen werden die Linsen", "."),
                ],
                lambda n, a, b: P(f"{n}. {a} {place(n, '38mm')} {b}"),
            ),
            "serif",
        ),
    )
    yield (
        "french_grid_of_options",
        sheet(
            "<h1>La mer</h1>"
            + each(
                [
                    ("Le phare est", ("rouge", "blanc", "vert", "gris")),
                    ("La marée monte", ("le matin", "le soir", "deux fois", "jamais")),
                    ("Le bateau part", ("à l'aube", "à midi", "à six heures", "demain")),
                ],
                lambda n, q, o: (
                    P(f"{n}. {q} :")
                    + "<div style='display:grid;grid-template-columns:60mm 60mm;margin-left:8mm;row-gap:2mm'>"
                    + "".join(f"<div>{spot(n, l + ')')} {w}</div>" for l, w in zip("abcd", o))
                    + "</div>"
                ),
            ),
            "sans",
        ),
    )
    yield (
        "spanish_dots",
        sheet(
            "<h1>En el puerto</h1>"
            + each(
                [
                    ("¿Cómo se llama el barco?",),
                    ("¿A qué hora sale?",),
                    ("¿Quién lleva el timón?",),
                    ("¿Qué hay a bordo?",),
                ],
                lambda n, q: P(f"{n}) {q}") + f"<p style='margin-left:6mm'>{run(n, '.' * 92)}</p>",
            ),
            "sans",
        ),
    )
    yield (
        "words_and_blanks",
        sheet(
            "<h1>Parts of a boat</h1><p>Write the word in your own language.</p>"
            + "<div style='display:grid;grid-template-columns:30mm 60mm 30mm 40mm;row-gap:5mm;align-items:end'>"
            + "".join(
                f"<span>{w}</span>{place('', '45mm')}"
                for w in ("keel", "mast", "oar", "rudder", "sail", "bow", "stern", "deck")
            )
            + "</div>",
            "serif",
        ),
    )
    yield (
        "exam_parts",
        sheet(
            "<h1>Paper 2: The sea</h1>"
            + "<p><b>1</b> &nbsp; The chart shows a bay at low water.</p>"
            + f"<p style='margin-left:8mm'>(a) State the depth at the buoy. {place('1a', '35mm')} <span style='float:right'>[1]</span></p>"
            + "<p style='margin-left:8mm'>(b) Explain why the depth changes through the day. <span style='float:right'>[3]</span></p>"
            + f"<div style='margin-left:14mm'>{lines('1b', 3)}</div>"
            + "<p><b>2</b> &nbsp; A boat leaves the steps at 09:40.</p>"
            + f"<p style='margin-left:8mm'>(a) It arrives at 11:05. How long did it take? {place('2a', '30mm')} <span style='float:right'>[1]</span></p>"
            + "<p style='margin-left:8mm'>(b) Describe what the crew has to do before it lands. <span style='float:right'>[2]</span></p>"
            + f"<div style='margin-left:14mm'>{lines('2b', 2)}</div>",
            "sans",
        ),
    )
    yield (
        "tick_all",
        sheet(
            "<h1>What floats?</h1>"
            + "<p>1. Tick all that float.</p><div style='display:grid;grid-template-columns:60mm 60mm;row-gap:3mm'>"
            + "".join(f"<div>{tick('1')} {w}</div>" for w in ("cork", "a key", "an oar", "a stone"))
            + "</div><p>2. Tick what a boat needs.</p><div>"
            + " &nbsp; ".join(f"{tick('2')} {w}" for w in ("a keel", "a crew", "a lamp"))
            + "</div>",
            "light",
        ),
    )
    yield (
        "table_of_ticks",
        sheet(
            "<h1>Right or wrong?</h1><table><tr><th></th><th>right</th><th>wrong</th></tr>"
            + "".join(
                f"<tr><td>{n}. {q}</td><td style='text-align:center'>{tick(n)}</td><td style='text-align:center'>{tick(n)}</td></tr>"
                for n, q in enumerate(
                    (
                        "Gulls nest on cliffs.",
                        "A knot is a speed.",
                        "The keeper sleeps at night.",
                        "Oil lamps need wicks.",
                    ),
                    1,
                )
            )
            + "</table>",
            "serif",
            wall="1px solid #555",
        ),
    )
    yield (
        "missing_numbers",
        sheet(
            "<h1>Missing numbers</h1><div style='display:grid;grid-template-columns:80mm 80mm;row-gap:7mm'>"
            + "".join(
                f"<div>{l}) {a} {place(l, '12mm', 'x', 'height:9mm')} {b}</div>"
                for l, a, b in (
                    ("a", "7 +", "= 12"),
                    ("b", "20 −", "= 13"),
                    ("c", "", "× 4 = 36"),
                    ("d", "45 ÷", "= 9"),
                    ("e", "18 +", "= 31"),
                    ("f", "", "− 6 = 15"),
                )
            )
            + "</div>",
            "light",
        ),
    )
    yield (
        "times",
        sheet(
            "<h1>A day at the light</h1>"
            + grid(
                [
                    ["Time", "What the keeper does"],
                    ["06:00", None],
                    ["09:30", "trims the wicks"],
                    ["12:00", None],
                    ["16:45", None],
                    ["21:00", "lights the lamp"],
                ]
            ),
            "small",
            wall="0.6pt solid #999",
        ),
    )
    yield (
        "passage_and_rooms",
        sheet(
            "<h1>The wreck</h1>"
            + P(
                "In the winter gale the barque came in under the cliff. Nobody on shore could reach her before the tide turned. "
                * 4
            )
            + each(
                [("Why did nobody reach the barque?",), ("What would you have done?",)],
                lambda n, q: P(f"{n}. {q}") + f'<div data-f="write" data-n="{n}" style="height:34mm"></div>',
            ),
            "serif",
        ),
    )
    yield (
        "two_sections",
        sheet(
            "<p>Name "
            + place("", "60mm", sort="name")
            + " Score "
            + place("", "15mm", sort="name")
            + "</p><h1>Section A</h1>"
            + each(
                [("The lamp is lit at",), ("The horn is blown in",), ("The flag is flown on",)],
                lambda n, q: P(f"{n}. {q} {place(n, '50mm')}"),
            )
            + "<h1>Section B</h1>"
            + each([("Name two birds of the shore.",), ("Name two fish.",)], lambda n, q: P(f"{n}. {q}") + lines(n, 2)),
            "serif",
        ),
    )
    yield (
        "small_capitals",
        sheet(
            "<h1>Rope work</h1>"
            + each(
                [
                    ("Which knot makes a loop?", ("reef knot", "bowline", "clove hitch", "sheet bend")),
                    ("Which joins two ropes?", ("bowline", "half hitch", "sheet bend", "figure of eight")),
                    ("Which ties to a post?", ("clove hitch", "reef knot", "splice", "bowline")),
                    ("Which stops a rope?", ("bend", "whipping", "hitch", "figure of eight")),
                ],
                lambda n, q, o: (
                    P(f"{n}. {q}")
                    + "".join(f"<div style='margin-left:9mm'>{spot(n, l + '.')} {w}</div>" for l, w in zip("ABCD", o))
                ),
            ),
            "small",
        ),
    )
    yield (
        "notice",
        sheet(
            "<div style='border:1px solid #000;padding:5mm'><b>Safety.</b> Keep to the path. Do not climb the rail. Children hold a hand.</div>"
            + "<h1>Visiting the light</h1>"
            + P(
                "The tower has 214 steps and is open from May to September. Tickets are sold at the harbour office. "
                * 5
            )
            + "<hr>"
            + P("Printed by the harbour board."),
            "serif",
        ),
    )
    yield (
        "first_letters",
        sheet(
            "<h1>Begin with the letter</h1>"
            + each(
                [
                    ("It shines at night: l",),
                    ("It lives in a shell: c",),
                    ("It blows from the west: w",),
                    ("It holds a boat: r",),
                ],
                lambda n, q: P(f"{n}. {q}{run(n, '____________')}"),
            ),
            "mono",
        ),
    )
    yield (
        "hebrew_table",
        sheet(
            "<div dir=rtl><h1>הים</h1><table><tr><th>יום</th><th>גאות</th></tr>"
            + "".join(f"<tr><td>{d}</td>{cell()}</tr>" for d in ("ראשון", "שני", "שלישי"))
            + "</table></div>",
            "sans",
        ),
    )
