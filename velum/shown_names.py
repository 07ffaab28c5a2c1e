"""Names as others may see them, where a class sees the teacher's screen: less than the whole name, or a borrowed one.

No two in a class are shown alike.
"""

from collections import Counter
from collections.abc import Sequence
from enum import StrEnum
from typing import NamedTuple

from velum.sentence import Sentence


class Names(StrEnum):
    """How names are shown."""

    FULL = "full"
    FIRST = "first"
    INITIALS = "initials"
    TREES = "trees"
    STARS = "stars"


class Named(NamedTuple):
    """Somebody's name, and their place in the class, from 0, which never changes and which a borrowed name hangs on."""

    given: str
    family: str
    place: int


TREES = (
    Sentence("tree.alder", "Alder"),
    Sentence("tree.apple", "Apple"),
    Sentence("tree.ash", "Ash"),
    Sentence("tree.aspen", "Aspen"),
    Sentence("tree.beech", "Beech"),
    Sentence("tree.birch", "Birch"),
    Sentence("tree.cedar", "Cedar"),
    Sentence("tree.cherry", "Cherry"),
    Sentence("tree.chestnut", "Chestnut"),
    Sentence("tree.cypress", "Cypress"),
    Sentence("tree.ebony", "Ebony"),
    Sentence("tree.elder", "Elder"),
    Sentence("tree.elm", "Elm"),
    Sentence("tree.fig", "Fig"),
    Sentence("tree.fir", "Fir"),
    Sentence("tree.hawthorn", "Hawthorn"),
    Sentence("tree.hazel", "Hazel"),
    Sentence("tree.holly", "Holly"),
    Sentence("tree.hornbeam", "Hornbeam"),
    Sentence("tree.juniper", "Juniper"),
    Sentence("tree.larch", "Larch"),
    Sentence("tree.laurel", "Laurel"),
    Sentence("tree.lime", "Lime"),
    Sentence("tree.maple", "Maple"),
    Sentence("tree.mulberry", "Mulberry"),
    Sentence("tree.oak", "Oak"),
    Sentence("tree.olive", "Olive"),
    Sentence("tree.palm", "Palm"),
    Sentence("tree.pear", "Pear"),
    Sentence("tree.pine", "Pine"),
    Sentence("tree.plane", "Plane"),
    Sentence("tree.plum", "Plum"),
    Sentence("tree.poplar", "Poplar"),
    Sentence("tree.rowan", "Rowan"),
    Sentence("tree.spruce", "Spruce"),
    Sentence("tree.sycamore", "Sycamore"),
    Sentence("tree.tamarind", "Tamarind"),
    Sentence("tree.walnut", "Walnut"),
    Sentence("tree.willow", "Willow"),
    Sentence("tree.yew", "Yew"),
)

STARS = (
    "Achernar",
    "Acrux",
    "Adhara",
    "Albireo",
    "Alcor",
    "Aldebaran",
    "Alhena",
    "Alioth",
    "Alkaid",
    "Almach",
    "Alnair",
    "Alnilam",
    "Alnitak",
    "Alphard",
    "Altair",
    "Antares",
    "Arcturus",
    "Atria",
    "Bellatrix",
    "Canopus",
    "Capella",
    "Castor",
    "Deneb",
    "Dubhe",
    "Elnath",
    "Fomalhaut",
    "Hadar",
    "Hamal",
    "Izar",
    "Kochab",
    "Markab",
    "Megrez",
    "Merak",
    "Mimosa",
    "Mintaka",
    "Mira",
    "Mirach",
    "Mirfak",
    "Mizar",
    "Nunki",
    "Polaris",
    "Pollux",
    "Procyon",
    "Regulus",
    "Rigel",
    "Sabik",
    "Saiph",
    "Scheat",
    "Shaula",
    "Sirius",
    "Spica",
    "Tarazed",
    "Thuban",
    "Unukalhai",
    "Vega",
    "Vindemiatrix",
    "Wezen",
    "Zubenelgenubi",
)
"""Proper names of stars, as the International Astronomical Union lists them: the same in every language."""


def shown_names(students: Sequence[Named], how: Names, said: Sequence[str] = ()) -> list[str]:
    """The names of a class as they are shown. ``said``: the trees in the reader's language, where they are borrowed."""
    match how:
        case Names.TREES | Names.STARS:
            names = (said or [tree.text for tree in TREES]) if how is Names.TREES else STARS
            return [_with_round(names[each.place % len(names)], each.place // len(names)) for each in students]
        case Names.FIRST:
            return _apart(students, [each.given or each.family for each in students])
        case Names.INITIALS:
            return _apart(students, [_initials(each) for each in students], longer=False)
    return [f"{each.given} {each.family}".strip() for each in students]


def _apart(students: Sequence[Named], names: list[str], *, longer: bool = True) -> list[str]:
    """The same names, those that are several people's told apart: by the family's initial, and then by a number."""
    if longer:
        twice = Counter(name.casefold() for name in names)
        names = [
            f"{name} {each.family[:1]}.".strip() if twice[name.casefold()] > 1 and each.given and each.family else name
            for each, name in zip(students, names, strict=True)
        ]
    shown: dict[int, str] = {}
    taken: set[str] = set()
    for each, name in sorted(zip(students, names, strict=True), key=lambda pair: pair[0].place):
        times = 0
        while _with_round(name, times).casefold() in taken:
            times += 1
        shown[each.place] = _with_round(name, times)
        taken.add(shown[each.place].casefold())
    return [shown[each.place] for each in students]


def _initials(named: Named) -> str:
    return " ".join(f"{part[:1]}." for part in (named.given, named.family) if part)


def _with_round(name: str, times: int) -> str:
    return f"{name} {times + 1}" if times else name
