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
