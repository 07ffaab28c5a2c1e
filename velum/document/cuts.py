"""Regions of a page made pages of their own, question by question."""

from velum.document.page import Page
from velum.document.pages import PageRefused
from velum.document.places import onto_source
from velum.geometry.box import Box
from velum.geometry.projection import corners_of
from velum.geometry.turn import back, turned_box
from velum.paper.look import Flat, checked


def cut_out(page: Page, box: Box, new_id: str) -> Page:
    """The page that shows only the part of ``page`` inside ``box``, in points of the page as shown.

    What reaches beyond the page is left away. Raises PageRefused and LookRefused.
    """
    x, y = max(0.0, box.x), max(0.0, box.y)
    width, height = min(page.width, box.x + box.width) - x, min(page.height, box.bottom) - y
    if width < 1 or height < 1:
        raise PageRefused("page.cut_beside", "This region lies beside the page.")
    region = Box(x=x, y=y, width=round(width, 1), height=round(height, 1))
    upright = turned_box(region, back(page.turn), page.width, page.height)
    there = onto_source(page)
    one, two, three, four = (there(corner).rounded() for corner in corners_of(upright))
    flat = checked(Flat(corners=(one, two, three, four), width=upright.width, height=upright.height))
    sides = {"width": region.width, "height": region.height}
    return page.changed(id=new_id, corners=flat.corners, **sides)
