"""How much work marking a copy may take.

It is reckoned and not measured, so that a copy has the same marks whenever, wherever and with whomever it is marked.
"""

MOST_STEPS = 10_000
"""In hundredths of a millisecond of an ordinary machine (``Kind.steps_of_reading`` and ``steps_of_judging``)."""


class Budget:
    """Work that may still be done."""

    def __init__(self, steps: int) -> None:
        self.left = steps

    def spend(self, steps: int) -> bool:
        """Whether so much work may be done; then it is done."""
        if steps > self.left:
            return False
        self.left -= steps
        return True
