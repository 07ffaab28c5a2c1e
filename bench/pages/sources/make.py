"""Makes the labelled pages anew: `python -m bench.pages.sources.make`. Needs Chromium, Typst and LibreOffice (CONTRIBUTING).

Each page is a PDF, and beside it a JSON file: ``places``, each with ``sort`` ("write", "spots", "name"), ``number`` as it
is printed, ``box`` and ``spots``: x, y, width, height in points from the top left.
"""

import io
import json
from collections import defaultdict
from pathlib import Path

import pikepdf
from playwright.sync_api import sync_playwright

from bench.pages.sources import html_develop, html_report, office, reportlab, typst
from server.testing.chromium import chromium

HERE = Path(__file__).parents[1]

_PLACES = """() => {
  const box = (each) => { const r = each.getBoundingClientRect(); return [r.left, r.top, r.width, r.height].map((v) => v * 0.75); };
  const places = [...document.querySelectorAll("[data-f]")].map((each) => ({ sort: each.dataset.f, number: each.dataset.n, box: box(each), spots: [] }));
  const spots = {};
  for (const each of document.querySelectorAll("[data-s]")) (spots[each.dataset.s] ??= []).push(box(each));
  return [...places, ...Object.entries(spots).map(([number, all]) => ({ sort: "spots", number, spots: all }))];
}"""


def keep(part, name, pdf, places):
    folder = HERE / part
    folder.mkdir(exist_ok=True)
    for place in places:
        if place["sort"] == "spots":
            xs, ys, rights, bottoms = zip(*((x, y, x + w, y + h) for x, y, w, h in place["spots"]))
            place["box"] = [min(xs), min(ys), max(rights) - min(xs), max(bottoms) - min(ys)]
        place["box"] = [round(v, 1) for v in place["box"]]
        place["spots"] = [[round(v, 1) for v in spot] for spot in place["spots"]]
    (folder / f"{name}.pdf").write_bytes(pdf)
    (folder / f"{name}.json").write_text(json.dumps({"places": places}, ensure_ascii=False, indent=1) + "\n")


def linked(data):
    """A PDF whose places are links to ``place:sort/number``: without them, and what they say."""
    document, places, spots = pikepdf.open(io.BytesIO(data)), [], defaultdict(list)
    # A word processor may have begun with an empty page.
    del document.pages[:-1]
    page = document.pages[0]
    height = float(page.MediaBox[3])
    for annotation in page.get("/Annots", []):
        address = str(annotation.get("/A", {}).get("/URI", ""))
        if "place:" in address:
            sort, number = (
                address.split("place:")[1].strip("/").split("/", 1)
                if "/" in address.split("place:")[1].strip("/")
                else (address.split("place:")[1].strip("/"), "")
            )
            x, low, right, top = (float(v) for v in annotation.Rect)
            box = [x, height - top, right - x, top - low]
            if sort == "spot":
                spots[number].append(box)
            else:
                places.append({"sort": sort, "number": number, "box": box, "spots": []})
    places += [{"sort": "spots", "number": number, "spots": all_} for number, all_ in spots.items()]
    if "/Annots" in page:
        del page.Annots
    out = io.BytesIO()
    document.save(out)
    return out.getvalue(), places


def main():
    for part, html in (("develop", html_develop), ("report", html_report)):
        with sync_playwright() as playwright:
            browser = playwright.chromium.launch(executable_path=chromium(), args=["--no-sandbox"])
            for name, text in getattr(html, part)():
                size = (816, 1056) if "size:Letter" in text else (794, 1123)
                page = browser.new_page(viewport={"width": size[0], "height": size[1]})
                page.emulate_media(media="print")
                page.set_content(text)
                keep(part, f"browser_{name}", page.pdf(prefer_css_page_size=True), page.evaluate(_PLACES))
                page.close()
            browser.close()
        for name, draw in getattr(reportlab, part)():
            out = io.BytesIO()
            drawn = draw(out)
            drawn.canvas.save()
            keep(part, f"drawn_{name}", out.getvalue(), drawn.labels)
        for name, text in getattr(typst, part)():
            import typst as program

            keep(part, f"typst_{name}", *linked(program.compile(text.encode())))
        for name, data in office.made(getattr(office, part)()):
            keep(part, f"office_{name}", *linked(data))


if __name__ == "__main__":
    main()
