"""The classes of the sample world, and the Kestrels at work on the tide table."""

from dataclasses import dataclass

WHY = "About twenty to nine, because the water is 4.8 m deep then and goes down after that."


@dataclass(frozen=True)
class Student:
    """Answers in the order of the boxes; None is blank. ``tries`` are answers checked before, by box."""

    name: str
    answers: tuple[str | None, ...]
    handed_in: bool = True
    tries: tuple[tuple[int, str], ...] = ()


KESTRELS = (
    Student(
        "Ama Lindqvist",
        ("13:10", "07:50", "0.4", "4.8", "0.0", "4.2", "6:10", "friday", "0.8", WHY),
        tries=((3, "4.7"),),
    ),
    Student(
        "Bao Okafor",
        ("13:10", "ten past eight", "0.4", "4.8", "0", "4.2", "6:10", "Friday", ".8", "8:40. It is high tide."),
    ),
    Student("Cleo Marchetti", ("13:00", "07:50", "0.5", "4.8", None, "4.2", "5:50", "Friday", "0.8", None)),
    Student(
        "Dmitri Vale",
        (
            "13:10",
            "07:50",
            "0.4",
            "4.8",
            "0",
            "4.2",
            "6:10",
            "Friday",
            "0.8",
            "At 08:40 when there is most water, so we do not touch the bottom.",
        ),
        tries=((1, "08:50"), (6, "6:20")),
    ),
    Student(
        "Edda Solano", ("13:10", "07:50", "0.4", "4.6", "0", "4.2", "6 hours 10", "Friday", "0.8", "In the morning.")
    ),
    Student("Farid Holm", ("13:10", "07:50", "0.4", "4.8", None, "4.2"), handed_in=False),
    Student("Greta Quill", ("12:20", "06:10", "0.4", "4.8", "0.2", "4.2", None, "Thursday", "0.6", "14:50")),
    Student(
        "Hana Pereira",
        (
            "13:10",
            "07:50",
            "0.4",
            "4.8",
            "0",
            "4.2",
            "6:10",
            "Friday",
            "0.8",
            "Around half past eight, 4.8 m is more than 3 m.",
        ),
    ),
    Student("Ivo Castellan", (), handed_in=False),
    Student("Juno Adeyemi", ("13:10", "07:50", ".4"), handed_in=False),
)

ABSENT = ["Kaya Oyelaran", "Lars Fontaine"]
"""Kestrels who were not there that day."""

HERONS = [
    "Mina Abernathy",
    "Noor Castillo",
    "Oskar Wren",
    "Petra Mbeki",
    "Quentin Ashby",
    "Rosa Lindholm",
    "Søren Vega",
    "Tamsin Okoye",
    "Uri Delacroix",
    "Vera Thornquist",
    "Wim Salazar",
    "Yara Finch",
]
