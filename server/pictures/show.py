"""What teachers are shown of their pictures."""

from ninja import Schema

from server.pictures.models import OwnPicture


class PictureOut(Schema):
    """A picture that can be laid on a page; its size is in CSS pixels."""

    picture: str
    alternative: str
    width: float
    height: float


def picture_out(own: OwnPicture) -> PictureOut:
    kept = own.picture
    return PictureOut(picture=kept.sha256, alternative=own.alternative, width=kept.width, height=kept.height)
