"""How much of what is labelled on a page is found, and how much of what is found is labelled."""

import json
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

from velum.finding.found import Found

PAGES = Path(__file__).parent
_SAME = 0.5
"""Intersection over union from which on two boxes are the same place."""


@dataclass
class Score:
    wanted: int = 0
    found: int = 0
    right: int = 0
    numbered: int = 0
    """Places that have a printed number, of those that are right."""
    right_numbers: int = 0
    missed: list[str] = field(default_factory=list)

    def add(self, other: "Score") -> None:
        for name in ("wanted", "found", "right", "numbered", "right_numbers"):
            setattr(self, name, getattr(self, name) + getattr(other, name))
        self.missed += other.missed

    @property
    def recall(self) -> float:
        return self.right / self.wanted if self.wanted else 1.0

    @property
    def precision(self) -> float:
        return self.right / self.found if self.found else 1.0

    @property
    def numbers(self) -> float:
        return self.right_numbers / self.numbered if self.numbered else 1.0


def labelled(part: str) -> Iterator[tuple[str, bytes, list[dict[str, Any]]]]:
    """The pages of "develop" or "report": name, PDF and labels."""
    for file in sorted((PAGES / part).glob("*.pdf")):
        yield file.stem, file.read_bytes(), json.loads(file.with_suffix(".json").read_text())["places"]


def score(found: Sequence[Found], labels: Sequence[dict[str, Any]]) -> Score:
    """Each label is matched with what lies most on it and is of its sort; each found place counts once."""
    offered = [place for place in found if place.sort != "name"]
    wanted = [label for label in labels if label["sort"] != "name"]
    told = Score(wanted=len(wanted), found=len(offered))
    left = list(offered)
    for label in wanted:
        sort = "options" if label["sort"] == "spots" else None
        alike = [place for place in left if (place.sort == "options") == (sort == "options")]
        best = max(alike, key=lambda place: _overlap(place, label["box"]), default=None)
        if best is None or _overlap(best, label["box"]) < _SAME or (sort and len(best.spots) != len(label["spots"])):
            told.missed.append(f"missed {label['sort']} {label['number']} {_round(label['box'])}, near {_told(best)}")
            continue
        left.remove(best)
        told.right += 1
        if label["number"]:
            told.numbered += 1
            told.right_numbers += best.number == label["number"]
            if best.number != label["number"]:
                told.missed.append(f"number {best.number!r} for {label['number']!r}")
    told.missed += [f"extra {_told(place)}" for place in left]
    return told


def _overlap(place: Found, box: Sequence[float]) -> float:
    x, y, width, height = box
    across = min(place.box.x + place.box.width, x + width) - max(place.box.x, x)
    down = min(place.box.bottom, y + height) - max(place.box.y, y)
    common = max(0.0, across) * max(0.0, down)
    return common / (place.box.width * place.box.height + width * height - common)


def _told(place: Found | None) -> str:
    if place is None:
        return "nothing"
    box = place.box
    return f"{place.sort} {place.number} {_round((box.x, box.y, box.width, box.height))}"


def _round(box: Sequence[float]) -> list[int]:
    return [round(value) for value in box]
