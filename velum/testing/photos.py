"""Tilted scans and photographed pages, made from drawn ones so that the truth is known."""

import io
import math
import random
from dataclasses import dataclass

import cv2
import numpy as np
import pypdfium2
from numpy.typing import NDArray
from PIL import Image
from reportlab.lib.pagesizes import A4
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas

from velum.geometry.projection import Corners, Point

WORDS = "tide gull lamp wick harbour limpet kelp foghorn barnacle shore oil chart rope keel".split()  # noqa: SIM905
TOPS = ((110, 72, 44), (52, 60, 74), (128, 124, 120), (70, 96, 70), (168, 132, 92))
"""Colours of what sheets lie on."""

SHAPES = ("text", "table", "sparse", "drawing")

SLANTED: Corners = (Point(x=60, y=50), Point(x=540, y=90), Point(x=570, y=800), Point(x=30, y=760))
"""A sheet seen at an angle."""

Pixels = NDArray[np.uint8]


@dataclass(frozen=True)
class Photo:
    """A photo, and where the corners of the sheet are in it: top left first and clockwise, in pixels."""

    name: str
    picture: Image.Image
    corners: NDArray[np.float64]


def sheet(shape: str, seed: int, dots: int = 150) -> Image.Image:
    """A printed A4 page of one of SHAPES."""
    chance = random.Random(seed)
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=A4, invariant=True)
    canvas.setFont("Helvetica-Bold", 18)
    canvas.drawString(20 * mm, 275 * mm, "Rock pools at low water")
    canvas.setFont("Helvetica", 11)
    if shape == "text":
        for line in range(34):
            words = " ".join(chance.choices(WORDS, k=chance.randint(6, 13)))
            canvas.drawString(20 * mm, (262 - 7 * line) * mm, words)
    elif shape == "table":
        for row in range(12):
            canvas.line(20 * mm, (250 - 14 * row) * mm, 190 * mm, (250 - 14 * row) * mm)
            canvas.drawString(24 * mm, (241 - 14 * row) * mm, chance.choice(WORDS))
        for column in range(5):
            canvas.line((20 + 42.5 * column) * mm, 250 * mm, (20 + 42.5 * column) * mm, 96 * mm)
    elif shape == "sparse":
        for question in range(5):
            words = " ".join(chance.choices(WORDS, k=6))
            canvas.drawString(20 * mm, (250 - 40 * question) * mm, f"{question + 1}. {words}")
            canvas.line(25 * mm, (232 - 40 * question) * mm, 180 * mm, (232 - 40 * question) * mm)
    else:
        canvas.setFillGray(0.45)
        canvas.rect(40 * mm, 120 * mm, 120 * mm, 100 * mm, fill=1)
        canvas.setFillGray(0)
        for line in range(6):
            canvas.drawString(20 * mm, (95 - 9 * line) * mm, " ".join(chance.choices(WORDS, k=9)))
    canvas.save()
    drawn: Image.Image = pypdfium2.PdfDocument(out.getvalue())[0].render(scale=dots / 72).to_pil()
    return drawn.convert("RGB")


def tilted(picture: Image.Image, degrees: float) -> Image.Image:
    """The page as a scanner takes it that lies askew: fallen to the right by so many degrees, on white, with grain."""
    turned = picture.rotate(-degrees, Image.Resampling.BICUBIC, fillcolor="white")
    pixels = np.asarray(turned).astype(np.int16)
    grain = np.random.default_rng(round(degrees * 100) % 1000).normal(0, 6, pixels.shape)
    return Image.fromarray(np.clip(pixels - 8 + grain, 0, 255).astype(np.uint8))


def photo(shape: str, seed: int, size: tuple[int, int] = (1500, 2000)) -> Photo:
    """A page of one of SHAPES, photographed."""
    return photographed(f"{shape} {seed}", sheet(shape, seed), seed, size)


def photographed(name: str, picture: Image.Image, seed: int, size: tuple[int, int]) -> Photo:
    """An A4 page photographed at an angle, on a desk, with a shadow over it; ``size`` is the photo's, in pixels."""
    chance = np.random.default_rng(seed)
    page = np.asarray(picture)
    corners = corners_on(size, chance)
    here = np.array([(0, 0), (page.shape[1], 0), (page.shape[1], page.shape[0]), (0, page.shape[0])], np.float32)
    matrix = cv2.getPerspectiveTransform(here - np.float32(0.5), (corners - 0.5).astype(np.float32))
    flat = cv2.warpPerspective(page, matrix, size, flags=cv2.INTER_AREA)
    mask = cv2.warpPerspective(np.full(page.shape[:2], 255, np.uint8), matrix, size)[:, :, None] / 255.0
    paper = flat * np.array(chance.uniform((0.86, 0.86, 0.80), (0.97, 0.96, 0.92)))
    taken = (desk(size, chance) * (1 - mask) + paper * mask) * light(size, chance)
    taken = cv2.GaussianBlur(taken, (0, 0), chance.uniform(0.5, 1.1)) + chance.normal(0, 4, taken.shape)
    return Photo(name, Image.fromarray(np.clip(taken, 0, 255).astype(np.uint8)), corners)


def corners_on(
    size: tuple[int, int],
    chance: np.random.Generator,
    near: tuple[float, float] = (0.72, 0.84),
    slant: tuple[float, float, float] = (22, 16, 7),
    lens: tuple[float, float] = (0.9, 1.5),
    aside: tuple[float, float] = (0, 0),
) -> NDArray[np.float64]:
    """Where a camera sees the corners of an A4 sheet that it is held over at a slant: (4, 2) pixels.

    ``near``: the share of the photo that the sheet takes; ``slant``: degrees forward, sideways and round, at most;
    ``lens``: the focal length, a share of the longer side; ``aside``: how far it points past the sheet.
    """
    width, height = size
    forward, sideways, round_ = np.radians(chance.uniform([-most for most in slant], slant))
    focus = chance.uniform(*lens) * max(size)
    sheet = np.array([(-105, -148.5, 0), (105, -148.5, 0), (105, 148.5, 0), (-105, 148.5, 0)])
    placed = sheet @ turned_about(0, 1, round_) @ turned_about(1, 2, forward) @ turned_about(0, 2, sideways)
    distance = focus * max(210 / width, 297 / height) / chance.uniform(*near) + 40
    placed[:, :2] += np.array(aside) * size * distance / focus
    seen = placed[:, :2] * (focus / (distance + placed[:, 2:]))
    if aside == (0, 0):
        seen += chance.uniform(-0.02, 0.02, 2) * size
    corners: NDArray[np.float64] = seen + np.array(size) / 2
    return corners


def turned_about(one: int, other: int, angle: float) -> NDArray[np.float64]:
    """The turn that takes one axis towards another."""
    matrix = np.eye(3)
    matrix[one, one] = matrix[other, other] = math.cos(angle)
    matrix[one, other], matrix[other, one] = math.sin(angle), -math.sin(angle)
    return matrix


def desk(size: tuple[int, int], chance: np.random.Generator) -> NDArray[np.float64]:
    """What the sheet lies on: wood with its grain, cloth with a pattern, or a plain top."""
    width, height = size
    colour = np.array(TOPS[chance.integers(len(TOPS))], float)
    x, y = np.meshgrid(np.arange(width), np.arange(height))
    pattern = chance.integers(3)
    if pattern == 0:
        waves = np.sin(x / chance.uniform(8, 30) + 3 * np.sin(y / chance.uniform(200, 500))) * 14
    elif pattern == 1:
        waves = ((x // 60 + y // 60) % 2) * 26.0 - 13
    else:
        waves = np.zeros((height, width))
    desk: NDArray[np.float64] = colour + waves[:, :, None]
    return desk


def light(size: tuple[int, int], chance: np.random.Generator) -> NDArray[np.float64]:
    """Light from one side, and the shadow of whoever holds the camera."""
    width, height = size
    x, y = np.meshgrid(np.linspace(-1, 1, width), np.linspace(-1, 1, height))
    angle = chance.uniform(0, 2 * math.pi)
    slope = 0.9 + 0.12 * (x * math.cos(angle) + y * math.sin(angle))
    across = x * math.cos(angle + 1) + y * math.sin(angle + 1) - chance.uniform(0.1, 0.7)
    shadow = 1 - chance.uniform(0.15, 0.4) / (1 + np.exp(-across * chance.uniform(8, 25)))
    light: NDArray[np.float64] = (slope * shadow)[:, :, None]
    return light
