"""`make bench`, or `python -m bench NAME …` for some of it."""

import sys
from pathlib import Path

from bench import (
    all_kinds,
    bring_in,
    effort,
    film,
    finding,
    hard_copies,
    ink,
    marking,
    marking_again,
    pieces,
    saving,
    school,
    sheet,
    straighten,
)


def processor_time() -> dict[str, int]:
    """Ticks since the machine was started: all of them, and those that its host gave to others (proc(5), "steal")."""
    ticks = [int(word) for word in Path("/proc/stat").read_text().splitlines()[0].split()[1:9]]
    return {"all": sum(ticks), "stolen": ticks[7]}


BENCHES = {
    "marking": marking,
    "hard_copies": hard_copies,
    "marking_again": marking_again,
    "bring_in": bring_in,
    "straighten": straighten,
    "finding": finding,
    "effort": effort,
    "sheet": sheet,
    "film": film,
    "pieces": pieces,
    "ink": ink,
    "all_kinds": all_kinds,
    "saving": saving,
    "school": school,
}

if __name__ == "__main__":
    names = sys.argv[1:] or list(BENCHES)
    missed = 0
    before = processor_time()
    for name in names:
        print(f"\n{BENCHES[name].__doc__}\n")
        for figure in BENCHES[name].measure():
            figure.print()
            missed += figure.holds is False
    taken = {kind: time - before[kind] for kind, time in processor_time().items()}
    stolen = taken["stolen"] / taken["all"]
    print(f"\n{stolen:.0%} of the processor's time went to other machines on the same hardware.")
    sys.exit(missed > 0)
