"""Photos and scans in which a sheet is hard to find, or in which there is none; made, so that the truth is known."""

import math
import random
from collections.abc import Iterator
from typing import Any, TypeAlias

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageDraw, ImageFilter

from velum.testing.photos import SHAPES, Photo, corners_on, desk, light, sheet, turned_about

Pixels: TypeAlias = NDArray[np.float64]

SIZE = (840, 1120)

_ASIDE = ((0, 0.2), (0, -0.2), (0.22, 0), (-0.22, 0))
"""How far a camera points past a sheet, as a share of the photo."""


def hard_photos(seeds: range) -> Iterator[tuple[str, Photo]]:
    """The kind of each photo, and the photo with the corners of its sheet, which may lie beyond its rim."""
    for seed in seeds:
        shape = SHAPES[seed % len(SHAPES)]
        yield "slanted", _taken(sheet(shape, seed), seed, near=(0.9, 0.97), slant=(28, 22, 10))
        yield "cut off", _taken(sheet(shape, seed), seed, (0.8, 0.86), (14, 12, 4), _ASIDE[seed % len(_ASIDE)])
        yield "framed", _taken(framed(sheet(shape, seed), seed), seed)
        yield "with a picture", _taken(with_picture(sheet(shape, seed), seed), seed)
        yield "bent", _taken(sheet(shape, seed), seed, bend=0.02 if seed % 2 else -0.02)
        yield "on another sheet", _taken(sheet(shape, seed), seed, near=(0.66, 0.76), beneath=True)


def framed(page: Image.Image, seed: int) -> Image.Image:
    """A page with a frame printed along its edge."""
    chance = random.Random(seed)
    page = page.copy()
    edge = chance.choice((30, 45, 70))
    frame = (edge, edge, page.width - edge, page.height - edge)
    ImageDraw.Draw(page).rectangle(frame, outline="#222233", width=chance.choice((3, 6, 12, 20)))
    return page


def with_picture(page: Image.Image, seed: int) -> Image.Image:
    """A page with a large picture of a beach printed on it."""
    chance = np.random.default_rng(seed)
    page = page.copy()
    width, height = round(0.86 * page.width), round(chance.uniform(0.4, 0.62) * page.height)
    down = np.linspace(0, 1, height)[:, None, None]
    sky, sand = (chance.uniform((90, 120, 150), (150, 180, 230)), chance.uniform((140, 120, 80), (200, 180, 140)))
    colours = np.where(down < 0.55, sky * (1 + 0.4 * down), sand * (1.2 - 0.5 * down))
    picture = np.broadcast_to(colours, (height, width, 3)) + chance.normal(0, 12, (height, width, 3))
    page.paste(Image.fromarray(np.clip(picture, 0, 255).astype(np.uint8)), (round(0.07 * page.width), page.height // 5))
    return page


def scanned(page: Image.Image, seed: int) -> Image.Image:
    """A page as a good scanner takes it: upright, white, hardly any grain."""
    grain = np.random.default_rng(seed).normal(0, 2, (page.height, page.width, 3))
    return Image.fromarray(np.clip(np.asarray(page) * 0.985 + grain, 0, 255).astype(np.uint8))


def portrait(seed: int) -> Image.Image:
    """Somebody before a wall; nobody there is."""
    chance = random.Random(seed)

    def colour(low: int, high: int) -> tuple[int, int, int]:
        return chance.randint(low, high), chance.randint(low, high), chance.randint(low, high)

    picture = Image.new("RGB", (900, 1200), colour(60, 230))
    draw = ImageDraw.Draw(picture)
    draw.rectangle((100, 820, 800, 1200), fill=colour(20, 220))
    skin = chance.choice(((224, 180, 150), (141, 85, 36), (198, 134, 66), (241, 214, 190)))
    draw.rectangle((390, 700, 510, 860), fill=skin)
    draw.ellipse((250, 200, 650, 760), fill=skin)
    draw.pieslice((230, 150, 670, 700), 180, 360, fill=colour(10, 110))
    for x in (350, 510):
        draw.ellipse((x, 430, x + 50, 460), fill="white")
        draw.ellipse((x + 15, 433, x + 38, 456), fill="#222222")
    draw.arc((380, 560, 520, 640), 20, 160, fill="#992222", width=8)
    if seed % 3 == 0:
        draw.rectangle((620, 40, 880, 420), fill=(235, 240, 245))  # a window
    pixels = np.asarray(picture.filter(ImageFilter.GaussianBlur(3)))
    grain = np.random.default_rng(seed).normal(0, 4, pixels.shape)
    return Image.fromarray(np.clip(pixels + grain, 0, 255).astype(np.uint8))


def _taken(
    page: Image.Image,
    seed: int,
    near: tuple[float, float] = (0.72, 0.84),
    slant: tuple[float, float, float] = (22, 16, 7),
    aside: tuple[float, float] = (0, 0),
    bend: float = 0.0,
    beneath: bool = False,
) -> Photo:
    """``near``: the share of the photo that the sheet takes, from least to most. ``slant``: degrees, forward, sideways
    and round, at most. ``bend``: the share of its height by which the sheet's upper edge bows.
    """
    chance = np.random.default_rng(seed)
    corners = corners_on(SIZE, chance, near, slant, (0.72, 0.8), aside)
    tint = np.array(chance.uniform((0.86, 0.86, 0.80), (0.97, 0.96, 0.92)))
    ground = desk(SIZE, chance)
    if beneath:
        turned = turned_about(0, 1, math.radians(chance.uniform(3, 12) * chance.choice((-1, 1))))[:2, :2]
        other = (corners - corners.mean(axis=0)) @ turned + corners.mean(axis=0) + chance.uniform(-60, 60, 2)
        ground = _laid(sheet("text", seed + 50), other, ground, tint * 0.985)
    seen = _laid(page, corners, ground, tint, bend) * light(SIZE, chance)
    seen = cv2.GaussianBlur(seen, (0, 0), chance.uniform(0.5, 1.1)) + chance.normal(0, 4, seen.shape)
    return Photo(str(seed), Image.fromarray(np.clip(seen, 0, 255).astype(np.uint8)), corners)


def _laid(
    page: Image.Image,
    corners: NDArray[np.float64],
    ground: NDArray[np.float64],
    tint: NDArray[np.float64],
    bend: float = 0,
) -> NDArray[np.float64]:
    """A sheet on its ground, with its shadow."""
    paper = np.asarray(page)
    height, width = paper.shape[:2]
    here = np.array([(0, 0), (width, 0), (width, height), (0, height)], np.float32)
    back = np.linalg.inv(cv2.getPerspectiveTransform(here - np.float32(0.5), (corners - 0.5).astype(np.float32)))
    x, y = np.meshgrid(np.arange(SIZE[0]), np.arange(SIZE[1]))
    places = np.stack([x, y, np.ones_like(x)], axis=-1) @ back.T
    across, down = places[..., 0] / places[..., 2], places[..., 1] / places[..., 2]
    down = down - bend * height * np.sin(np.pi * np.clip(across / width, -0.2, 1.2))

    def seen(what: NDArray[np.uint8]) -> NDArray[Any]:
        return cv2.remap(what, across.astype(np.float32), down.astype(np.float32), cv2.INTER_AREA)

    mask = seen(np.full((height, width), 255, np.uint8))[:, :, None] / 255.0
    shadow = 1 - 0.25 * cv2.GaussianBlur(mask[:, :, 0], (0, 0), 5)[:, :, None] * (mask < 0.5)
    laid: Pixels = ground * shadow * (1 - mask) + seen(paper) * tint * mask
    return laid
