"""What lies under the demo's document camera: sheets of the sample world, on a desk."""

from pathlib import Path

from demo.papers import keepers_log, tide_table
from velum.paper.read import open_page
from velum.testing.photos import photographed

_SHEETS = ((tide_table, 0), (keepers_log, 0), (keepers_log, 1))
_SIZE = (1500, 2000)


def lay_sheets(folder: Path) -> None:
    """Put the camera's pictures into a folder, once."""
    folder.mkdir(parents=True, exist_ok=True)
    for number, (paper, page) in enumerate(_SHEETS):
        place = folder / f"{number}.jpg"
        if not place.exists():
            with open_page(paper.draw(), page) as opened:
                picture = opened.draw(150 / 72)
            photographed(place.stem, picture, number + 3, _SIZE).picture.save(place, quality=88)
