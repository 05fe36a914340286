"""Pictures of every usual kind, read into upright sRGB at working size."""

from __future__ import annotations

import io
import warnings
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageCms, UnidentifiedImageError

from ..core.errors import InvalidImage
from ..core.reference.picture import working_side
from ..core.sentence import Amount, Sentence, sentence

MOST_BYTES = 64 * 2**20
MOST_PIXELS = 150_000_000
"""Checked from the file's header, before anything is decoded."""
FORMATS = ("JPEG", "PNG", "WEBP", "TIFF", "BMP", "GIF")
NAMES = "JPEG, PNG, WebP, TIFF, BMP or GIF"
ENLARGE = 4.0
"""A small picture is enlarged to working size, but not beyond this."""


@dataclass(frozen=True)
class Decoded:
    """`rgb` (h, w, 3) uint8 at working size; `width`, `height` of the file, upright; `notes` to say."""

    rgb: NDArray[np.uint8]
    width: int
    height: int
    format: str
    notes: tuple[Sentence, ...]


def decoded_at(data: bytes, side: int) -> tuple[NDArray[np.uint8], float]:
    """The picture (h, w, 3) in a file's bytes, upright, in sRGB, at most `side` pixels long, and how much
    smaller than the file's it is. Raises InvalidImage as `decoded` does."""
    found = decoded(data, side)
    return found.rgb, max(found.rgb.shape[:2]) / max(found.width, found.height)


def decoded(data: bytes, side: int | None = None) -> Decoded:
    """The picture in a file's bytes, upright, in sRGB, its long side at working size, or at most at `side`.

    Raises InvalidImage for anything that is no picture, truncated, too large, or an SVG drawing.
    """
    if len(data) > MOST_BYTES:
        raise InvalidImage("refused-picture-too-large", size=Amount(len(data) / 2**20), most=MOST_BYTES >> 20)
    _refuse_drawings(data)
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error", Image.DecompressionBombWarning)
            return _read(data, side)
    except InvalidImage:
        raise
    except (Image.DecompressionBombError, Image.DecompressionBombWarning):
        raise _too_large() from None
    except UnidentifiedImageError:
        raise InvalidImage("refused-picture-none", names=NAMES) from None
    except MemoryError:
        raise _too_large() from None
    except (OSError, SyntaxError, ValueError, EOFError, IndexError, TypeError, KeyError) as error:
        raise InvalidImage("refused-picture-damaged", error=str(error)[:80]) from None


def _refuse_drawings(data: bytes) -> None:
    head = data[:1024].lstrip().lower()
    if head.startswith((b"<svg", b"<?xml", b"<!doctype svg")) or b"<svg" in head[:512]:
        raise InvalidImage("refused-picture-svg", names=NAMES)


def _too_large() -> InvalidImage:
    return InvalidImage("refused-picture-too-many-pixels", most_pixels=MOST_PIXELS // 10**6)


def _read(data: bytes, side: int | None) -> Decoded:
    limit, Image.MAX_IMAGE_PIXELS = Image.MAX_IMAGE_PIXELS, MOST_PIXELS
    try:
        picture = Image.open(io.BytesIO(data), formats=FORMATS)
        if picture.width * picture.height > MOST_PIXELS:
            raise _too_large()
        notes = list[Sentence]()
        frames = getattr(picture, "n_frames", 1)
        if frames > 1 and picture.format != "MPO":
            notes.append(sentence("note-frames", count=frames))
        full = picture.size
        # JPEG is decoded at an eighth, a quarter or a half where that is still above working size.
        picture.draft("RGB", _working(full, side))
        picture.load()
        upright = _upright(picture, notes)
        width, height = full if upright.size[0] * full[1] == upright.size[1] * full[0] else full[::-1]
        if (upright.size[0] >= upright.size[1]) != (width >= height):
            width, height = height, width
        plain = _flattened(_to_srgb(_reduced(upright, side), picture, notes))
        # A camera's file can claim to be progressive or reduced by a little: fit the real pixels.
        resized = plain.resize(
            _working(plain.size, side),
            Image.Resampling.BICUBIC if max(plain.size) < working_side(*plain.size) else Image.Resampling.BOX,
        )
        rgb = np.ascontiguousarray(np.asarray(resized, dtype=np.uint8))
        return Decoded(rgb, width, height, str(picture.format), tuple(notes))
    finally:
        Image.MAX_IMAGE_PIXELS = limit


TURNS = {
    2: Image.Transpose.FLIP_LEFT_RIGHT,
    3: Image.Transpose.ROTATE_180,
    4: Image.Transpose.FLIP_TOP_BOTTOM,
    5: Image.Transpose.TRANSPOSE,
    6: Image.Transpose.ROTATE_270,
    7: Image.Transpose.TRANSVERSE,
    8: Image.Transpose.ROTATE_90,
}
"""How a picture is turned upright, by the orientation that a camera wrote (Exif 2.32, tag 274)."""


def _upright(picture: Image.Image, notes: list[Sentence]) -> Image.Image:
    """The picture turned as its EXIF block says; a damaged block is passed over as far as it cannot be read,
    and that is said."""
    turn, damaged = None, False
    with warnings.catch_warnings(record=True) as caught:
        warnings.simplefilter("always")
        try:
            # Read anew: what was wrong is only said while it is read for the first time.
            again = Image.Exif()
            again.load(picture.info.get("exif", b""))
            dict(again)
            turn = TURNS.get(picture.getexif().get(274, 1))
        except Exception:  # Whatever a reader of damaged bytes can meet: the picture itself is whole.
            damaged = True
    if damaged or caught:
        notes.append(sentence("note-exif-damaged"))
    return picture if turn is None else picture.transpose(turn)


def _working(size: tuple[int, int], side: int | None) -> tuple[int, int]:
    """The size to which a picture is brought; one that is to be at most `side` is never enlarged."""
    longest = max(size)
    scale = min(working_side(*size) / longest, ENLARGE) if side is None else min(side / longest, 1.0)
    return max(1, round(size[0] * scale)), max(1, round(size[1] * scale))


def _reduced(picture: Image.Image, side: int | None) -> Image.Image:
    """A picture that is far larger than it has to be at a whole part of its size, each pixel the mean of what
    it stands for: what follows takes several copies of it."""
    times = max(picture.size) // (2 * max(_working(picture.size, side)))
    if times < 2:
        return picture
    if picture.mode.startswith("I") or picture.mode == "F":
        return _means(picture, times)
    if picture.mode in ("RGBA", "LA"):
        # What is clear counts by how clear it is.
        weighted = {"RGBA": "RGBa", "LA": "La"}[picture.mode]
        return picture.convert(weighted).reduce(times).convert(picture.mode)
    if picture.mode not in ("L", "RGB", "CMYK"):
        picture = picture.convert("RGBA" if "transparency" in picture.info else "RGB")
    return picture.reduce(times)


def _means(picture: Image.Image, times: int) -> Image.Image:
    """The means of squares of a picture of one deep channel, strip by strip."""
    wide, high = picture.width // times, picture.height // times
    rows = []
    for k in range(high):
        strip = np.asarray(picture.crop((0, k * times, wide * times, (k + 1) * times)), np.float64)
        rows.append(np.nan_to_num(strip).reshape(times, wide, times).mean(axis=(0, 2)))
    kind = np.float32 if picture.mode == "F" else np.int32
    return Image.fromarray(np.array(rows).astype(kind))


def _to_srgb(picture: Image.Image, source: Image.Image, notes: list[Sentence]) -> Image.Image:
    """Colours through the embedded profile to sRGB; a broken profile is passed over and said."""
    profile = source.info.get("icc_profile")
    if not profile or picture.mode not in ("RGB", "CMYK", "L", "RGBA"):
        return picture
    try:
        embedded = ImageCms.ImageCmsProfile(io.BytesIO(profile))
        alpha = picture.getchannel("A") if picture.mode == "RGBA" else None
        base = picture.convert("RGB") if alpha is not None else picture
        done = ImageCms.profileToProfile(base, embedded, ImageCms.createProfile("sRGB"), outputMode="RGB")
        if done is None:
            return picture
        if alpha is not None:
            done.putalpha(alpha)
        return done
    except (ImageCms.PyCMSError, OSError, ValueError, TypeError):
        notes.append(sentence("note-profile-damaged"))
        return picture


def _flattened(picture: Image.Image) -> Image.Image:
    """Three channels of 8 bits; transparency is flattened on white."""
    if picture.mode.startswith("I") or picture.mode == "F":
        wide = np.asarray(picture, dtype=np.float64)
        top = 65535.0 if picture.mode != "F" or wide.max(initial=0) > 1 else 1.0
        levels = np.clip(np.nan_to_num(wide) / top * 255, 0, 255)
        return Image.fromarray(np.rint(levels).astype(np.uint8)).convert("RGB")
    if picture.mode in ("RGBA", "LA", "PA", "La", "RGBa") or "transparency" in picture.info:
        clear = picture.convert("RGBA")
        sheet = Image.new("RGBA", clear.size, "white")
        return Image.alpha_composite(sheet, clear).convert("RGB")
    return picture.convert("RGB")
