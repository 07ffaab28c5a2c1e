"""The secret of a sign-in card: three pictures in their order, which a child of six can find and tap.

There are 36 pictures, so 46,656 secrets: enough where wrong ones are counted for each student, and no more than that.
"""

import secrets

from velum.sentence import Sentence

PICTURES = {
    "anchor": Sentence("card.anchor", "anchor"),
    "balloon": Sentence("card.balloon", "balloon"),
    "banana": Sentence("card.banana", "banana"),
    "bell": Sentence("card.bell", "bell"),
    "bicycle": Sentence("card.bicycle", "bicycle"),
    "butterfly": Sentence("card.butterfly", "butterfly"),
    "cactus": Sentence("card.cactus", "cactus"),
    "candle": Sentence("card.candle", "candle"),
    "carrot": Sentence("card.carrot", "carrot"),
    "cat": Sentence("card.cat", "cat"),
    "chair": Sentence("card.chair", "chair"),
    "cherries": Sentence("card.cherries", "cherries"),
    "cloud": Sentence("card.cloud", "cloud"),
    "crab": Sentence("card.crab", "crab"),
    "crown": Sentence("card.crown", "crown"),
    "dog": Sentence("card.dog", "dog"),
    "door": Sentence("card.door", "door"),
    "drum": Sentence("card.drum", "drum"),
    "elephant": Sentence("card.elephant", "elephant"),
    "feather": Sentence("card.feather", "feather"),
    "fish": Sentence("card.fish", "fish"),
    "house": Sentence("card.house", "house"),
    "key": Sentence("card.key", "key"),
    "lemon": Sentence("card.lemon", "lemon"),
    "mushroom": Sentence("card.mushroom", "mushroom"),
    "owl": Sentence("card.owl", "owl"),
    "pencil": Sentence("card.pencil", "pencil"),
    "rainbow": Sentence("card.rainbow", "rainbow"),
    "rocket": Sentence("card.rocket", "rocket"),
    "sailboat": Sentence("card.sailboat", "boat"),
    "scissors": Sentence("card.scissors", "scissors"),
    "snail": Sentence("card.snail", "snail"),
    "star": Sentence("card.star", "star"),
    "sun": Sentence("card.sun", "sun"),
    "tent": Sentence("card.tent", "tent"),
    "umbrella": Sentence("card.umbrella", "umbrella"),
}
"""The names of the drawings, and what children call them. None looks like another, also without its colours."""

LENGTH = 3


def new_secret() -> str:
    """Three pictures, no two the same: "crab star boat" by the names of the drawings."""
    return " ".join(secrets.SystemRandom().sample(list(PICTURES), LENGTH))


def read_secret(picked: str) -> str:
    """The secret that somebody picked or typed, as it is kept; it need not be one."""
    return " ".join(picked.casefold().replace(",", " ").split())[:100]
