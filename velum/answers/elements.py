"""The chemical elements, by symbol and by name: those of the package periodictable.

>>> element_called("C"), element_called("Oxygen"), element_called("c")
(('C', 6), ('O', 8), None)
"""

from functools import cache

Element = tuple[str, int]
"""The symbol, and the number of protons."""

_BRITISH = (("aluminium", "Al"), ("caesium", "Cs"), ("sulphur", "S"))
"""What British schools write otherwise."""


def element_called(name: str) -> Element | None:
    """The element of this symbol, or of this English name; symbols with their capitals."""
    return _elements().get(name) or (_elements().get(name.casefold()) if len(name) > 2 else None)


@cache
def _elements() -> dict[str, Element]:
    # Where no chemistry is asked for, it need not be loaded.
    from periodictable import elements

    found: dict[str, Element] = {}
    for element in elements:
        if element.number:
            found[element.symbol] = found[element.name] = (element.symbol, element.number)
    return found | {name: found[symbol] for name, symbol in _BRITISH}
