"""Swatch and test strips as PDF, measured by an independent reader."""

from __future__ import annotations

import io

import numpy as np
import pytest
from pdfminer.high_level import extract_pages, extract_text
from pdfminer.layout import LTRect

from washboard.core.calibration.strip import FIELD_MM, FIELDS, HIGH, MARK, WIDE
from washboard.formats import strip, teststrip

MM = 72 / 25.4


def boxes(pdf: bytes, side: float) -> np.ndarray:
    """Middles (n, 2) in mm of the squares of that side on all pages."""
    found = [
        ((box.x0 + box.x1) / 2 / MM, (box.y0 + box.y1) / 2 / MM)
        for page in extract_pages(io.BytesIO(pdf))
        for box in page
        if isinstance(box, LTRect) and abs(box.width / MM - side) < 0.1 and abs(box.height / MM - side) < 0.1
    ]
    return np.array(found)


def test_the_corner_squares_of_a_swatch_strip_are_in_true_size() -> None:
    corners = boxes(strip.pdf_of("Ultramarine tube"), MARK)
    assert len(corners) == 4
    assert np.ptp(corners, axis=0).tolist() == pytest.approx([WIDE, HIGH], abs=0.1)


def test_every_field_is_there_is_named_and_lies_where_it_is_read() -> None:
    pdf = strip.pdf_of("Ultramarine tube")
    corners, fields = boxes(pdf, MARK), boxes(pdf, FIELD_MM)
    left, top = corners[:, 0].min(), corners[:, 1].max()
    places = {(round(x - left, 1), round(top - y, 1)) for x, y in fields.tolist()}
    text = extract_text(io.BytesIO(pdf))
    for field in FIELDS:
        assert (field.x, field.y) in places
        assert field.words in text
    assert "Ultramarine tube" in text


@pytest.mark.parametrize("count", [0, 1, 10, 23])
def test_a_pass_has_a_field_for_every_mixture_on_as_many_pages_as_it_takes(count: int) -> None:
    strips = [teststrip.Strip(f"pile {k}", "2 ochre + 1 rose", 2.0 + k / 4) for k in range(count)]
    pdf = teststrip.pdf_of("Salt pans, test strips", strips)
    pages = list(extract_pages(io.BytesIO(pdf)))
    assert len(pages) == max(1, -(-count // teststrip.A_PAGE))
    assert len(boxes(pdf, teststrip.FIELD)) == 3 * count
    text = extract_text(io.BytesIO(pdf))
    assert all(f"pile {k}: value {2 + k / 4:.1f} dry" in text for k in range(count))


def test_the_same_strip_is_the_same_file() -> None:
    assert strip.pdf_of("Rose") == strip.pdf_of("Rose")
