"""A figure as it is printed."""

from dataclasses import dataclass


@dataclass(frozen=True)
class Figure:
    """What was measured, what it is compared with, and what is wanted of it. ``holds`` is None where nothing is."""

    what: str
    measured: str
    reference: str
    wanted: str = ""
    holds: bool | None = None

    def print(self) -> None:
        mark = {True: "holds", False: "MISSED", None: ""}[self.holds]
        print(f"  {self.what:<52} {self.measured:>16}   {self.reference:<46} {self.wanted:<18} {mark}", flush=True)


def percentile(values: list[float], share: float) -> float:
    """The value below which this share of the values lies, by nearest rank."""
    ordered = sorted(values)
    return ordered[min(len(ordered) - 1, int(len(ordered) * share))]
