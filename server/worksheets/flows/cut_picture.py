"""Cutting pictures out of pages."""

from PIL import Image

from server.accounts.models import User
from server.pictures.flows.keep import keep
from server.pictures.models import OwnPicture
from server.worksheets import pictures
from velum.document.page import Page
from velum.geometry.box import Box
from velum.pictures.cut_out import cut_out


def cut_from_page(owner: User, page: Page, region: Box, alternative: str) -> OwnPicture:
    """Keep what is printed in a region of a page as a picture. Raises PictureRefused, PaperRefused and Busy."""
    with Image.open(pictures.picture(page, pictures.LAPTOP)) as drawn:
        prepared, _ = cut_out(drawn, page.width, region)
    return keep(owner, prepared, alternative, uploaded=True)
