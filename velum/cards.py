"""The secret of a sign-in card: three pictures in their order, which a child of six can find and tap.

There are 36 pictures, so 46,656 secrets: enough where wrong ones are counted for each student, and no more than that.
"""

import secrets

from velum.sentence import Sentence

PICTURES = {
    name: Sentence(f"card.{name}", word)
    for name, word in {
        "anchor": "anchor",
        "balloon": "balloon",
        "banana": "banana",
        "bell": "bell",
        "bicycle": "bicycle",
        "butterfly": "butterfly",
        "cactus": "cactus",
        "candle": "candle",
        "carrot": "carrot",
        "cat": "cat",
        "chair": "chair",
        "cherries": "cherries",
        "cloud": "cloud",
        "crab": "crab",
        "crown": "crown",
        "dog": "dog",
        "door": "door",
        "drum": "drum",
        "elephant": "elephant",
        "feather": "feather",
        "fish": "fish",
        "house": "house",
        "key": "key",
        "lemon": "lemon",
        "mushroom": "mushroom",
        "owl": "owl",
        "pencil": "pencil",
        "rainbow": "rainbow",
        "rocket": "rocket",
        "sailboat": "boat",
        "scissors": "scissors",
        "snail": "snail",
        "star": "star",
        "sun": "sun",
        "tent": "tent",
        "umbrella": "umbrella",
    }.items()
}
"""The names of the drawings, and what children call them. None looks like another, also without its colours."""

LENGTH = 3


def new_secret() -> str:
    """Three pictures, no two the same: "crab star boat" by the names of the drawings."""
    return " ".join(secrets.SystemRandom().sample(list(PICTURES), LENGTH))


def read_secret(picked: str) -> str:
    """The secret that somebody picked or typed, as it is kept; it need not be one."""
    return " ".join(picked.casefold().replace(",", " ").split())[:100]
