"""Pages of browsers that rules are developed on."""

from bench.pages.sources.html import NAME, P, cell, each, grid, lines, place, run, sheet, spot


def develop():
    yield (
        "fill",
        sheet(
            "<h1>The lighthouse</h1>"
            + NAME
            + P("Fill in the missing words.")
            + each(
                [
                    ("The keeper lights the", "before the night begins."),
                    ("Then the keeper cleans the", "of the lamp."),
                    ("The storm took the", "of the boat."),
                    ("We looked at the", "until it was dark."),
                ],
                lambda n, a, b: P(f"{n}. {a} {place(n)} {b}"),
            )
        ),
    )
    yield (
        "underscores",
        sheet(
            "<h1>Rock pools</h1>"
            + each(
                [
                    ("A limpet holds on to the", "_" * 14, "."),
                    ("Crabs breathe with", "_" * 20, ""),
                    ("7 + 5 =", "_" * 8, ""),
                    ("The tide falls every", "_" * 12, " hours."),
                    ("Sea stars have", "_" * 10, " arms."),
                ],
                lambda n, a, r, b: P(f"{n}) {a} {run(n, r)}{b}"),
            ),
            "sans",
        ),
    )
    yield (
        "table",
        sheet(
            "<h1>Tides</h1>"
            + grid(
                [
                    ("Day", "High", "Low"),
                    ("Monday", "06:10", None),
                    ("Tuesday", None, "12:30"),
                    ("Wednesday", "07:40", "13:20"),
                    ("Thursday", None, None),
                ]
            )
        ),
    )
    yield (
        "choice_column",
        sheet(
            "<h1>Quiz</h1>"
            + each(
                [
                    ("What does a keeper light?", ("the lamp", "the stove", "a candle", "a fire")),
                    ("Where do limpets live?", ("in trees", "on rocks", "in caves", "in sand")),
                ],
                lambda n, q, o: (
                    P(f"{n}. {q}")
                    + "".join(f'<div style="margin-left:8mm">{spot(n, l)}) {w}</div>' for l, w in zip("ABCD", o))
                ),
            ),
            "sans",
        ),
    )
    yield (
        "lines",
        sheet(
            "<h1>Think and write</h1>"
            + each(
                [
                    ("Why does the tide turn?", 3),
                    ("Describe the harbour at night.", 4),
                    ("What would you take along?", 2),
                ],
                lambda n, q, c: P(f"{n}. {q}") + lines(n, c),
            ),
            line="0.5pt solid #777",
        ),
    )
    yield (
        "boxes",
        sheet(
            "<h1>Sums</h1>"
            + "".join(
                P(f"{chr(96 + n)}) {s} = {place(chr(96 + n), '18mm', 'x', 'height:9mm')}")
                for n, s in enumerate(("12 + 7", "30 − 4", "6 × 8", "81 ÷ 9", "15 + 26"), 1)
            ),
            "sans",
        ),
    )
    yield (
        "space",
        sheet(
            "<h1>Exam</h1>"
            + each(
                [("Explain how a foghorn works.", 30), ("Draw the path of the light.", 45)],
                lambda n, q, h: P(f"{n}. {q}") + f'<div data-f="write" data-n="{n}" style="height:{h}mm"></div>',
            )
            + P("End of the paper")
        ),
    )
    yield (
        "dots",
        sheet(
            "<h1>Dotted</h1>"
            + each(
                [("The capital of the island is", 40), ("It has", 30), ("People there eat", 50)],
                lambda n, q, c: P(f"{n}. {q} {run(n, '.' * c)}"),
            )
        ),
    )
    yield (
        "true_false_table",
        sheet(
            "<h1>True or false?</h1><table><tr><th></th><th>True</th><th>False</th></tr>"
            + each(
                [("Gulls swim.",), ("Kelp is an animal.",), ("Fog is water.",)],
                lambda n, q: f"<tr><td>{n}. {q}</td><td>{spot(n, '☐')}</td><td>{spot(n, '☐')}</td></tr>",
            )
            + "</table>",
            "sans",
        ),
    )
    yield (
        "young",
        sheet(
            "<h1>Count the shells</h1>"
            + each(
                [(3,), (5,), (2,), (6,)], lambda n, c: P(f"{n}&nbsp; {'● ' * c}{place(n, '25mm', 'x', 'height:16mm')}")
            ),
            "young",
        ),
    )
    yield (
        "two_columns",
        sheet(
            "<h1>Twenty minutes</h1><div class=c>"
            + each(
                [(w,) for w in ("anchor", "beacon", "current", "dune", "estuary", "fog", "gale", "harbour")],
                lambda n, w: f"<div class=q><p>{n}. What is a {w}?</p>{lines(n, 2, '8mm')}</div>",
            )
            + "</div>",
            "sans",
            line="1px solid #999",
        ),
    )
    yield (
        "exam",
        sheet(
            "<h1>Paper 2</h1>"
            + each(
                [
                    ("A boat leaves the harbour at 8:15.", ("When is it back?", "How far has it gone?")),
                    ("The lamp turns six times a minute.", ("How often in an hour?", "Why does it turn?")),
                ],
                lambda n, q, s: (
                    f"<p><b>{n}</b>&nbsp;&nbsp; {q}</p>"
                    + "".join(
                        f'<p style="margin-left:8mm">({l}) {t} <span style="float:right">[2]</span></p><div style="margin-left:8mm">{lines(f"{n}{l}", 2)}</div>'
                        for l, t in zip("ab", s)
                    )
                ),
            ),
            "sans",
            line="1px dotted #000",
        ),
    )
    yield (
        "passage",
        sheet(
            "<h1>The wreck</h1>"
            + P(
                "On a night in March the Petrel ran onto the rocks below the light. Nobody was hurt, but "
                "the harbour master wrote for three days about what had been saved and what had not. " * 3
            )
            + grid([("Saved", "Lost"), ("rope", "sails"), ("charts", "bread")])
            + P("The list above hangs in the office to this day.")
        ),
    )
    yield (
        "check_list",
        sheet(
            "<h1>Take along</h1>"
            + P("1. What do you need on the shore? Tick all that you need.")
            + "".join(
                f"<div>{spot(1, '☐')} {w}</div>" for w in ("a bucket", "a torch", "a piano", "boots", "an umbrella")
            ),
            "light",
        ),
    )
    yield (
        "row_of_options",
        sheet(
            "<h1>Choose</h1>"
            + each(
                [
                    ("The keeper lives in a", ("house", "tower", "boat", "cave")),
                    ("A gull is a", ("fish", "bird", "plant", "stone")),
                    ("Kelp grows in", ("air", "sand", "water", "ice")),
                ],
                lambda n, q, o: (
                    P(f"{n}. {q}")
                    + "<p style='margin-left:8mm'>"
                    + "".join(
                        f'<span style="display:inline-block;width:38mm">{spot(n, "(" + l + ")")} {w}</span>'
                        for l, w in zip("abcd", o)
                    )
                    + "</p>"
                ),
            )
        ),
    )

    yield (
        "hebrew",
        sheet(
            '<div dir="rtl"><h1>המגדלור</h1>'
            + each([("מה שם הסירה?", 26), ("מתי הגאות?", 30)], lambda n, q, c: P(f"{n}. {q} {run(n, '_' * c)}"))
            + "</div>",
            "light",
        ),
    )
    yield (
        "vocabulary",
        sheet(
            "<h1>Words</h1><table><tr><th>English</th><th>Your language</th></tr>"
            + "".join(f"<tr><td>{w}</td>{cell()}</tr>" for w in ("tide", "lamp", "harbour", "gull", "rope"))
            + "</table>",
            "sans",
            wall="0.5pt solid #888",
        ),
    )
    yield (
        "rows_only",
        sheet(
            "<style>td,th{border:0;border-bottom:1px solid #000;padding:8px}</style><h1>Watch list</h1><table>"
            "<tr><th>Name</th><th>From</th><th>To</th></tr>"
            + "".join(
                f"<tr><td>{a}</td>{cell() if not b else f'<td>{b}</td>'}{cell() if not c else f'<td>{c}</td>'}</tr>"
                for a, b, c in (("Okko", "18:00", ""), ("Ama", "", "22:00"), ("Tove", "22:00", ""))
            )
            + "</table>",
        ),
    )
    yield (
        "gap_text",
        sheet(
            "<h1>The night of the storm</h1><p style='line-height:2.2'>"
            + " ".join(
                f"{words} {place('', '32mm')}"
                for words in (
                    "The wind came from the",
                    "and by midnight it was a",
                    ". The keeper went up to the",
                    "and saw that the",
                    "had gone out. He lit it with a",
                )
            )
            + ".</p>",
        ),
    )
    yield (
        "sections",
        sheet(
            "<h1>Revision</h1><h2>Section A</h2>"
            + each([("high tide",), ("low tide",)], lambda n, w: P(f"{n}. Explain: {w} {place(n, '60mm')}"))
            + "<h2>Section B</h2>"
            + each(
                [("a buoy",), ("a beacon",)],
                lambda n, w: (
                    P(f"{n}. Draw {w}.")
                    + f'<div data-f="write" data-n="{n}" class="x" style="width:100%;height:30mm"></div>'
                ),
            ),
            "sans",
        ),
    )
    yield (
        "marks_at_the_right",
        sheet(
            each(
                [("State what is meant by neap tide.", 2), ("Give two reasons why lights flash.", 3)],
                lambda n, q, c: (
                    f'<p><b>{n}</b> &nbsp; {q}<span style="float:right">({c})</span></p>' + lines(n, c, "9mm")
                ),
            )
            + "<p style='text-align:right'>Total: 5 marks</p>",
            "serif",
            line="1px dotted #333",
        ),
    )
    yield (
        "first_name_last_name",
        sheet(
            f"<p>First name: {place('', '50mm', sort='name')} Date: {place('', '30mm', sort='name')}</p><h1>Knots</h1>"
            + each(
                [("Bowline",), ("Reef knot",), ("Sheet bend",)],
                lambda n, w: P(f"{n}. {w} is used for {place(n, '70mm')}"),
            ),
            "light",
        ),
    )
    yield (
        "shopping",
        sheet(
            "<h1>What does it cost?</h1><table><tr><th>Thing</th><th>Price</th><th>How many</th><th>Together</th></tr>"
            + "".join(
                f"<tr><td>{a}</td><td>£{b}</td><td>{c}</td><td>£ <span style='color:#fff'>.</span></td></tr>"
                for a, b, c in (("rope", "4.20", "3"), ("lamp oil", "2.15", "4"))
            )
            + "</table><p>1. Which costs more? "
            + place(1, "50mm")
            + "</p>",
        ),
    )
    yield (
        "reading_list",
        sheet(
            "<h1>Contents</h1>"
            + "".join(
                f"<p>{w} {'.' * c} {p}</p>"
                for w, c, p in (("The tower", 60, 3), ("The lamp", 62, 8), ("The storm", 60, 15))
            ),
        ),
    )
    yield (
        "letters_to_circle",
        sheet(
            "<h1>Vowels</h1><p>1. Circle the right word: The gull (is/are) white.</p><p>2. Boats (go/goes) out at dawn.</p>".replace(
                "(is/are)", f"({spot(1, 'is')}/{spot(1, 'are')})"
            ).replace("(go/goes)", f"({spot(2, 'go')}/{spot(2, 'goes')})"),
        ),
    )
    yield (
        "fill_small",
        sheet(
            "<h1>Gap text</h1>"
            + P("Complete the text with one word in each gap.")
            + "<p>"
            + " ".join(
                f"{a} ({n}) {place(n, '28mm')}"
                for n, a in enumerate(
                    (
                        "Every evening the keeper climbs the",
                        "of the tower and opens the little",
                        "at the top. Then he",
                        "the lamp, and soon a ship far out sees the",
                        "and knows where the",
                    ),
                    1,
                )
            )
            + " lies.</p>",
            "sans",
        ),
    )
    yield (
        "arabic",
        sheet(
            '<div dir="rtl"><h1>المنارة</h1>'
            + each(
                [("ما هو اسم القارب؟", 24), ("متى يعود المد؟", 30), ("أين يسكن الحارس؟", 26)],
                lambda n, q, c: P(f"{n}. {q} {run(n, '_' * c)}"),
            )
            + "</div>",
            "light",
        ),
    )
    yield (
        "russian",
        sheet(
            "<h1>Маяк</h1>"
            + NAME.replace("Name", "Имя").replace("Class", "Класс")
            + each(
                [("Где живёт смотритель?", 2), ("Когда начинается прилив?", 2), ("Что видно с башни?", 3)],
                lambda n, q, c: P(f"{n}. {q}") + lines(n, c),
            ),
            "serif",
        ),
    )
    yield (
        "greek_table",
        sheet(
            "<h1>Ο φάρος</h1>"
            + grid([("Λέξη", "Σημασία"), ("φως", None), ("κύμα", None), (None, "πλοίο"), ("βράχος", None)])
        ),
    )
    yield (
        "grey_table",
        sheet(
            "<h1>Sea state</h1>"
            + grid(
                [
                    ("Force", "Name", "Waves"),
                    ("0", "calm", None),
                    ("3", None, "large wavelets"),
                    ("6", None, None),
                    ("8", "gale", None),
                ]
            ),
            "sans",
            wall="1px solid #c4c4c4",
        ),
    )
    yield (
        "dashed_boxes",
        sheet(
            "<h1>Write the number</h1>"
            + each(
                [("How many legs has a crab?",), ("How many arms has a sea star?",), ("How many eyes has a scallop?",)],
                lambda n, q: P(f"{n}. {q} &nbsp; {place(n, '24mm', 'x', 'height:10mm')}"),
            ),
            "sans",
            wall="1px dashed #000",
        ),
    )
    yield (
        "rounded_boxes",
        sheet(
            "<h1>Finish</h1>"
            + each(
                [("The beam is seen",), ("The horn is heard",), ("The flag is flown",)],
                lambda n, q: (
                    P(f"{n}. {q}")
                    + f'<div data-f="write" data-n="{n}" style="border:1.5px solid #246;border-radius:3mm;height:22mm"></div>'
                ),
            ),
            "light",
        ),
    )
    yield (
        "coloured_head",
        sheet(
            "<h1>Log</h1><style>th{background:#246;color:#fff}tr:nth-child(even) td{background:#eef}</style>"
            + grid(
                [
                    ("Hour", "Wind", "Sky", "Remarks"),
                    ("18", "SW 4", None, None),
                    ("20", None, "cloudy", None),
                    ("22", None, None, "ship in sight"),
                ]
            ),
            "sans",
        ),
    )
    yield (
        "letters_numbers",
        sheet(
            "<h1>Angles</h1>"
            + each(
                [("Work out the size of angle x.", ("Give a reason.",)), ("Work out y.", ("Give a reason.",))],
                lambda n, q, s: P(f"Q{n}. {q} &nbsp; x = {place(n, '30mm')}") + P(f"(a) {s[0]}") + lines(f"{n}a", 1),
            )
        ),
    )
    yield (
        "word_bank",
        sheet(
            "<h1>Use these words</h1><p style='border:1px solid #000;padding:3mm;text-align:center'>lamp &nbsp; rope &nbsp; fog &nbsp; tide &nbsp; oil</p>"
            + each(
                [
                    ("The keeper fills the lamp with", "."),
                    ("In thick", "nobody sees the light."),
                    ("At low", "the rocks are dry."),
                    ("A boat is tied with a", "."),
                ],
                lambda n, a, b: P(f"{n}. {a} {place(n, '30mm')} {b}"),
            ),
            "serif",
        ),
    )
    yield (
        "no_places_letter",
        sheet(
            "<h1>To all parents</h1>"
            + P(
                "On Friday we go to the lighthouse. Please see that your child wears boots. "
                "We are back at four. The bus costs two pounds. " * 4
            )
            + grid([("When", "What"), ("8:30", "bus"), ("10:00", "tower"), ("12:00", "lunch")])
            + P("Yours, the harbour school"),
            "serif",
        ),
    )
    yield (
        "no_places_text",
        sheet(
            "<h1>How a light works</h1><hr>"
            + P("A lens of glass rings bends the light of a small lamp into a beam. " * 8)
            + "<hr>"
            + P("From the keeper's handbook, page 12."),
            "sans",
        ),
    )
    yield (
        "sub_questions",
        sheet(
            "<h1>Tides and moon</h1>"
            + each(
                [
                    ("Look at the chart.", ("When is high water?", "When is low water?", "How long between?")),
                    ("Think of the moon.", ("Which moon gives spring tides?", "Which gives neap tides?")),
                ],
                lambda n, q, s: (
                    P(f"{n}. {q}")
                    + "".join(
                        f'<p style="margin-left:7mm">{l}) {t} {place(f"{n}{l}", "45mm")}</p>' for l, t in zip("abc", s)
                    )
                ),
            ),
            "sans",
        ),
    )
    yield (
        "circles",
        sheet(
            "<h1>One is right</h1>"
            + each(
                [
                    ("A light that turns is called", ("fixed", "flashing", "revolving")),
                    ("A bell warns in", ("fog", "sun", "wind")),
                ],
                lambda n, q, o: P(f"{n}. {q}") + "".join(f"<div>{spot(n, '○')} {w}</div>" for w in o),
            ),
            "light",
        ),
    )
    yield (
        "pairs",
        sheet(
            "<h1>True or false</h1>"
            + each(
                [("The sea is salty.",), ("Crabs have ten legs.",), ("The moon makes light.",), ("Limpets can fly.",)],
                lambda n, q: f'<p>{n}. {q} <span style="float:right">{spot(n, "True")} / {spot(n, "False")}</span></p>',
            ),
            "serif",
        ),
    )
    yield (
        "young_lines",
        sheet(
            "<h1>Write the word</h1>"
            + each(
                [("boat",), ("fish",), ("light",)],
                lambda n, w: (
                    f'<p>{n}. {w}</p><div data-f="write" data-n="{n}"><div style="border-bottom:2px solid #88a;height:20mm"></div></div>'
                ),
            ),
            "young",
        ),
    )
    yield (
        "equations",
        sheet(
            "<h1>Solve</h1><div class=c>"
            + "".join(
                f"<p>{n}) {s} = {place(n, '22mm')}</p>"
                for n, s in enumerate(
                    ("3 × 14", "96 ÷ 8", "45 + 67", "120 − 55", "7²", "√144", "15 % of 60", "½ of 90"), 1
                )
            )
            + "</div>",
            "serif",
        ),
    )
    yield (
        "letter_paper",
        sheet(
            "<h1>Report</h1>"
            + each(
                [("What did we ask?", 2), ("What did we do?", 4), ("What did we see?", 4)],
                lambda n, q, c: f"<p><b>{q}</b></p>" + lines("", c),
            ),
            "serif",
            size="Letter",
            line="0.75pt solid #000",
        ),
    )
