"""Pictures of every kind come in upright and in sRGB; everything else is refused in plain words."""

from __future__ import annotations

import io
import struct
import zlib

import numpy as np
import pytest
from PIL import Image, ImageCms

from tests.said import refuses, text, words_of
from washboard.core.errors import InvalidImage
from washboard.formats.image import MOST_PIXELS, decoded


def corners(mode: str = "RGB", size: tuple[int, int] = (600, 400)) -> Image.Image:
    """Four flat quarters: red, green / blue, grey."""
    picture = Image.new("RGB", size)
    half = (size[0] // 2, size[1] // 2)
    for at, colour in (
        ((0, 0), (220, 30, 30)),
        ((half[0], 0), (30, 200, 40)),
        ((0, half[1]), (30, 40, 210)),
        (half, (120, 120, 120)),
    ):
        picture.paste(Image.new("RGB", half, colour), at)
    return picture.quantize(16) if mode == "P" else picture.convert(mode)


def file(picture: Image.Image, format: str, **options: object) -> bytes:
    out = io.BytesIO()
    picture.save(out, format, **options)
    return out.getvalue()


def quarter(rgb: np.ndarray, row: int, column: int) -> list[int]:
    height, width = rgb.shape[:2]
    return [int(c) for c in rgb[height // 4 * (1 + 2 * row), width // 4 * (1 + 2 * column)]]


KINDS = {
    "jpeg": file(corners(), "JPEG", quality=95),
    "progressive jpeg": file(corners(), "JPEG", quality=95, progressive=True),
    "cmyk jpeg": file(corners("CMYK"), "JPEG", quality=95),
    "png": file(corners(), "PNG"),
    "palette png": file(corners("P"), "PNG"),
    "webp": file(corners(), "WEBP", lossless=True),
    "tiff": file(corners(), "TIFF"),
    "bmp": file(corners(), "BMP"),
    "gif": file(corners("P"), "GIF"),
    "rgba png": file(corners("RGBA"), "PNG"),
}


@pytest.mark.parametrize("kind", KINDS)
def test_every_kind_of_file_gives_the_same_picture(kind: str) -> None:
    found = decoded(KINDS[kind])
    assert (found.width, found.height) == (600, 400)
    assert found.rgb.shape == (667, 1000, 3)
    assert quarter(found.rgb, 0, 0) == pytest.approx([220, 30, 30], abs=12)
    assert quarter(found.rgb, 1, 1) == pytest.approx([120, 120, 120], abs=12)


@pytest.mark.parametrize(("turn", "place"), [(1, (0, 0)), (3, (1, 1)), (6, (0, 1)), (8, (1, 0))])
def test_a_photo_taken_sideways_stands_upright(turn: int, place: tuple[int, int]) -> None:
    exif = Image.Exif()
    exif[0x0112] = turn
    found = decoded(file(corners(size=(2400, 1600)), "JPEG", exif=exif, quality=95))
    assert (found.width, found.height) == ((2400, 1600) if turn in (1, 3) else (1600, 2400))
    assert quarter(found.rgb, *place) == pytest.approx([220, 30, 30], abs=12)


def test_sixteen_bits_of_grey_keep_their_value_and_transparency_becomes_white() -> None:
    deep = Image.fromarray(np.full((300, 300), 0x8000, np.uint16))
    assert quarter(decoded(file(deep, "PNG")).rgb, 0, 0) == pytest.approx([128] * 3, abs=1)
    clear = corners("RGBA")
    clear.putalpha(0)
    assert quarter(decoded(file(clear, "PNG")).rgb, 0, 0) == [255, 255, 255]


def test_an_embedded_profile_is_converted_and_a_broken_one_is_said() -> None:
    lab = ImageCms.ImageCmsProfile(ImageCms.createProfile("sRGB")).tobytes()
    assert quarter(decoded(file(corners(), "PNG", icc_profile=lab)).rgb, 0, 0) == pytest.approx(
        [220, 30, 30], abs=2
    )
    found = decoded(file(corners(), "PNG", icc_profile=b"no profile at all"))
    assert "profile is damaged" in text(found.notes[0])


def test_of_an_animated_file_the_first_picture_is_taken_and_that_is_said() -> None:
    frames = [corners(), Image.new("RGB", (600, 400), "white")]
    found = decoded(file(frames[0], "GIF", save_all=True, append_images=frames[1:]))
    assert [text(note) for note in found.notes] == ["The file holds 2 pictures; the first was taken."]


def bomb() -> bytes:
    """A PNG of 60,000 × 60,000 pixels in a few hundred bytes."""

    def chunk(kind: bytes, body: bytes) -> bytes:
        return struct.pack(">I", len(body)) + kind + body + struct.pack(">I", zlib.crc32(kind + body))

    header = struct.pack(">IIBBBBB", 60_000, 60_000, 8, 0, 0, 0, 0)
    return (
        b"\x89PNG\r\n\x1a\n"
        + chunk(b"IHDR", header)
        + chunk(b"IDAT", zlib.compress(b"\0" * 1000))
        + chunk(b"IEND", b"")
    )


REFUSED = {
    "no picture": (b"hello, this is text", "not a picture"),
    "nothing": (b"", "not a picture"),
    "an svg": (b'<svg xmlns="http://www.w3.org/2000/svg"/>', "SVG drawing"),
    "an svg with a head": (b'<?xml version="1.0"?><svg/>', "SVG drawing"),
    "a truncated jpeg": (KINDS["jpeg"][: len(KINDS["jpeg"]) // 2], "breaks off or is damaged"),
    "a truncated png": (KINDS["png"][: len(KINDS["png"]) // 2], "breaks off or is damaged"),
    "a bomb": (bomb(), "million pixels"),
    "a huge file": (b"\xff" * (65 * 2**20), "MB"),
}


@pytest.mark.parametrize("name", REFUSED)
def test_what_cannot_be_used_is_refused_with_what_was_kept_and_what_to_do(name: str) -> None:
    data, words = REFUSED[name]
    with refuses(InvalidImage, words) as caught:
        decoded(data)
    assert "othing was stored" in words_of(caught.value)


def test_the_limit_of_pixels_is_read_from_the_header_alone() -> None:
    assert 60_000 * 60_000 > MOST_PIXELS > 100_000_000


@pytest.mark.parametrize(
    ("wide", "high"), [(4000, 500), (500, 4000), (6000, 1000), (3000, 2000), (2000, 2000)]
)
def test_the_working_copy_goes_by_area_so_that_a_panorama_is_as_fine(wide: int, high: int) -> None:
    found = decoded(file(Image.new("RGB", (wide, high), (90, 120, 150)), "PNG")).rgb
    rows, columns = found.shape[:2]
    assert columns / rows == pytest.approx(wide / high, rel=0.02)
    assert 640_000 <= rows * columns <= 1_000_000
    assert max(rows, columns) <= 2400


@pytest.mark.parametrize("kind", ["I;16", "F", "L", "RGB", "RGBA", "P"])
def test_a_picture_that_is_far_too_large_is_brought_down_by_area_whatever_it_is_made_of(kind: str) -> None:
    dice = np.random.default_rng(3)
    squares = dice.integers(0, 256, (11, 15))
    large = np.kron(squares, np.ones((400, 400), int))
    if kind == "I;16":
        picture = Image.fromarray((large * 257).astype(np.uint16))
    elif kind == "F":
        picture = Image.fromarray(large.astype(np.float32) / 255)
    else:
        picture = Image.fromarray(large.astype(np.uint8)).convert(kind)
    out = io.BytesIO()
    picture.save(out, "TIFF", compression="tiff_adobe_deflate")
    found = decoded(out.getvalue())
    assert (found.width, found.height) == (6000, 4400)
    high, wide = found.rgb.shape[:2]
    rows, columns = ((np.arange(n) + 0.5) / n for n in (11, 15))
    there = found.rgb[(rows * high).astype(int)][:, (columns * wide).astype(int)]
    assert np.abs(there.astype(int) - squares[..., None]).max() <= (1 if kind != "P" else 3)


def test_what_is_clear_counts_by_how_clear_it_is() -> None:
    stripes = np.zeros((4000, 6000, 4), np.uint8)
    stripes[:, ::2] = (200, 40, 40, 255)
    out = io.BytesIO()
    Image.fromarray(stripes).save(out, "PNG")
    found = decoded(out.getvalue())
    # Half of it red, half of it nothing, before white: not before the black that nothing is written as.
    assert np.abs(found.rgb.reshape(-1, 3).mean(axis=0) - [227.5, 147.5, 147.5]).max() <= 1.5
