"""What teachers set as numbers, "" where nothing, and what all fields then have. The browser is held to them too."""

NUMBERING_CASES: dict[str, tuple[list[str], list[str]]] = {
    "nothing set": (["", "", ""], ["1", "2", "3"]),
    "no fields": ([], []),
    "sub-parts": (["", "", "3a", "", "", "4", ""], ["1", "2", "3a", "3b", "3c", "4", "5"]),
    "a later start": (["12", "", ""], ["12", "13", "14"]),
    "brackets": (["3(a)", "", "4.", ""], ["3(a)", "3(b)", "4.", "5."]),
    "letters first": (["B2", "", "B9", ""], ["B2", "B3", "B9", "B10"]),
    "capital letters": (["A", "", ""], ["A", "B", "C"]),
    "Roman numerals": (["2(i)", "", "", "", "3i", ""], ["2(i)", "2(ii)", "2(iii)", "2(iv)", "3i", "3ii"]),
    "i after h is a letter": (["1h", "", ""], ["1h", "1i", "1j"]),
    "Roman numerals stop where others begin": (["i", "", "4", ""], ["i", "ii", "4", "5"]),
    "Roman numerals set one by one": (["i", "iv", ""], ["i", "iv", "v"]),
    "after the last letter": (["5z", "", ""], ["5z", "5z 2", "5z 3"]),
    "a word": (["Task", "", ""], ["Task", "Task 2", "Task 3"]),
    "a sign alone": (["*", "", ""], ["*", "* 2", "* 3"]),
    "nine to ten": (["9", "", "099", ""], ["9", "10", "099", "100"]),
}

WORKING_CASES: dict[str, tuple[list[tuple[str, str, str | None]], list[str]]] = {
    "beside a box": ([("box1", "", None), ("work", "", "box1"), ("box2", "", None)], ["1", "1+", "2"]),
    "before what it is for": ([("work", "", "box1"), ("box1", "3a", None), ("box2", "", None)], ["3a+", "3a", "3b"]),
    "in two places": ([("box1", "", None), ("work", "", "box1"), ("more", "", "box1")], ["1", "1+", "1++"]),
    "with a number of its own": ([("box1", "", None), ("work", "1w", "box1"), ("box2", "", None)], ["1", "1w", "2"]),
    "for what is gone": ([("box1", "", None), ("work", "", "gone")], ["1", "2"]),
    "for working-out": ([("box1", "", None), ("work", "", "box1"), ("more", "", "work")], ["1", "1+", "2"]),
    "beside a number that ends alike": (
        [("box1", "C+", None), ("work", "", "box1"), ("box2", "C++", None), ("more", "", "box2")],
        ["C+", "C+++", "C++", "C++++"],
    ),
    "for itself": ([("box1", "", None), ("work", "", "work")], ["1", "2"]),
}
"""Fields by id, number and what they are the working-out of; and the numbers that they have."""
