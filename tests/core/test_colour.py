"""Colour against published tables and an independent implementation."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

import numpy as np
import pytest
from skimage.color import deltaE_ciede2000, rgb2lab

from washboard.core.colour.lab import (
    LINEAR_OF_BYTE,
    difference,
    encoded_of,
    lab_of_linear,
    linear_of,
    linear_of_lab,
)
from washboard.core.colour.value import luminance_of, value_of
from washboard.core.colour.words import hue_of, tone_of

# Luminance factors of the Munsell value scale as published in 1943, relative to magnesium oxide.
PUBLISHED_1943 = {
    1.0: 1.210, 1.5: 2.021, 2.0: 3.126, 2.5: 4.614, 3.0: 6.555, 3.5: 9.003, 4.0: 12.00, 4.5: 15.57,
    5.0: 19.77, 5.5: 24.58, 6.0: 30.05, 6.5: 36.20, 7.0: 43.06, 7.5: 50.68, 8.0: 59.10, 8.5: 68.40,
    9.0: 78.66, 9.5: 90.01, 10.0: 102.57,
}  # fmt: skip
# The current scale at whole values, relative to the perfect diffuser.
PUBLISHED_CURRENT = {
    0.0: 0.0, 1.0: 1.18, 2.0: 3.048, 3.0: 6.391, 4.0: 11.70, 5.0: 19.27, 6.0: 29.30, 7.0: 41.99,
    8.0: 57.62, 9.0: 76.70, 10.0: 100.0,
}  # fmt: skip


@pytest.mark.parametrize(("value", "y"), PUBLISHED_1943.items())
def test_munsell_value_is_that_of_the_published_half_steps_on_the_current_scale(
    value: float, y: float
) -> None:
    # The quintic was fitted to this table; its own residual is 0.0013 of a value at 4.5.
    assert value_of(0.975 * y) == pytest.approx(value, abs=0.0015)


@pytest.mark.parametrize(("value", "y"), PUBLISHED_CURRENT.items())
def test_luminance_is_the_published_one_to_its_last_digit(value: float, y: float) -> None:
    digits = len(str(y).split(".")[1])
    assert float(luminance_of(value)) == pytest.approx(y, abs=0.51 * 10**-digits)


def test_value_inverts_luminance_everywhere() -> None:
    values = np.linspace(0, 10, 5001)
    assert np.abs(value_of(luminance_of(values)) - values).max() < 1e-8


def test_value_agrees_with_an_independent_inverse() -> None:
    colour = pytest.importorskip("colour.notation.munsell")
    y = np.array([0.5, 3.0, 12.24, 19.27, 47.3, 90.0])
    # The other program interpolates a table of 0.1 steps.
    assert np.allclose(value_of(y), colour.munsell_value_ASTMD1535(y), atol=2e-3)


# CIE Lab of the sRGB primaries, secondaries and greys under D65 (white from the matrix itself).
PRIMARIES = {
    (255, 0, 0): (53.2408, 80.0925, 67.2032),
    (0, 255, 0): (87.7347, -86.1827, 83.1793),
    (0, 0, 255): (32.2970, 79.1875, -107.8602),
    (255, 255, 255): (100.0, 0.0, 0.0),
    (128, 128, 128): (53.5850, 0.0, 0.0),
    (0, 0, 0): (0.0, 0.0, 0.0),
}


@pytest.mark.parametrize(("rgb", "lab"), PRIMARIES.items())
def test_lab_of_the_srgb_primaries_and_greys(rgb: tuple[int, ...], lab: tuple[float, ...]) -> None:
    assert lab_of_linear(linear_of(np.array(rgb) / 255)) == pytest.approx(lab, abs=1e-4)


def test_lab_agrees_with_an_independent_conversion() -> None:
    rgb = np.random.default_rng(1).uniform(0, 1, (200, 3))
    # The other program rounds the white point to four digits.
    assert np.abs(lab_of_linear(linear_of(rgb)) - rgb2lab(rgb)).max() < 0.02


def test_greys_are_exactly_neutral_and_lab_round_trips() -> None:
    greys = np.repeat(LINEAR_OF_BYTE[:, None], 3, axis=1)
    assert np.abs(lab_of_linear(greys)[:, 1:]).max() < 1e-10
    rgb = np.random.default_rng(2).uniform(0, 1, (500, 3))
    assert np.allclose(linear_of_lab(lab_of_linear(rgb)), rgb, atol=1e-12)
    assert np.array_equal(np.rint(encoded_of(LINEAR_OF_BYTE) * 255), np.arange(256))


# Sharma, Wu and Dalal (2005), table 1: all pairs with their published difference.
PUBLISHED_PAIRS = """
    50.0000  2.6772 -79.7751  50.0000   0.0000 -82.7485   2.0425
    50.0000  3.1571 -77.2803  50.0000   0.0000 -82.7485   2.8615
    50.0000  2.8361 -74.0200  50.0000   0.0000 -82.7485   3.4412
    50.0000 -1.3802 -84.2814  50.0000   0.0000 -82.7485   1.0000
    50.0000 -1.1848 -84.8006  50.0000   0.0000 -82.7485   1.0000
    50.0000 -0.9009 -85.5211  50.0000   0.0000 -82.7485   1.0000
    50.0000  0.0000   0.0000  50.0000  -1.0000   2.0000   2.3669
    50.0000 -1.0000   2.0000  50.0000   0.0000   0.0000   2.3669
    50.0000  2.4900  -0.0010  50.0000  -2.4900   0.0009   7.1792
    50.0000  2.4900  -0.0010  50.0000  -2.4900   0.0010   7.1792
    50.0000  2.4900  -0.0010  50.0000  -2.4900   0.0011   7.2195
    50.0000  2.4900  -0.0010  50.0000  -2.4900   0.0012   7.2195
    50.0000 -0.0010   2.4900  50.0000   0.0009  -2.4900   4.8045
    50.0000 -0.0010   2.4900  50.0000   0.0010  -2.4900   4.8045
    50.0000 -0.0010   2.4900  50.0000   0.0011  -2.4900   4.7461
    50.0000  2.5000   0.0000  50.0000   0.0000  -2.5000   4.3065
    50.0000  2.5000   0.0000  73.0000  25.0000 -18.0000  27.1492
    50.0000  2.5000   0.0000  61.0000  -5.0000  29.0000  22.8977
    50.0000  2.5000   0.0000  56.0000 -27.0000  -3.0000  31.9030
    50.0000  2.5000   0.0000  58.0000  24.0000  15.0000  19.4535
    50.0000  2.5000   0.0000  50.0000   3.1736   0.5854   1.0000
    50.0000  2.5000   0.0000  50.0000   3.2972   0.0000   1.0000
    50.0000  2.5000   0.0000  50.0000   1.8634   0.5757   1.0000
    50.0000  2.5000   0.0000  50.0000   3.2592   0.3350   1.0000
    60.2574 -34.0099 36.2677  60.4626 -34.1751  39.4387   1.2644
    63.0109 -31.0961 -5.8663  62.8187 -29.7946  -4.0864   1.2630
    61.2901  3.7196  -5.3901  61.4292   2.2480  -4.9620   1.8731
    35.0831 -44.1164  3.7933  35.0232 -40.0716   1.5901   1.8645
    22.7233 20.0904 -46.6940  23.0331  14.9730 -42.5619   2.0373
    36.4612 47.8580  18.3852  36.2715  50.5065  21.2231   1.4146
    90.8027 -2.0831   1.4410  91.1528  -1.6435   0.0447   1.4441
    90.9257 -0.5406  -0.9208  88.6381  -0.8985  -0.7239   1.5381
     6.7747 -0.2908  -2.4247   5.8714  -0.0985  -2.2286   0.6377
     2.0776  0.0795  -1.1350   0.9033  -0.0636  -0.5514   0.9082
"""


def test_colour_difference_is_the_published_one_of_all_34_pairs() -> None:
    table = np.array([line.split() for line in PUBLISHED_PAIRS.strip().splitlines()], np.float64)
    assert table.shape == (34, 7)
    one, other, published = table[:, :3], table[:, 3:6], table[:, 6]
    assert np.abs(difference(one, other) - published).max() <= 1e-4
    assert np.abs(difference(other, one) - published).max() <= 1e-4


def test_colour_difference_agrees_with_an_independent_one() -> None:
    dice = np.random.default_rng(0)
    one, other = (dice.uniform((0, -90, -90), (100, 90, 90), (5000, 3)) for _ in range(2))
    assert np.abs(difference(one, other) - deltaE_ciede2000(one, other)).max() < 1e-10


def test_colours_have_painters_names() -> None:
    assert (tone_of(9.2), tone_of(6.0), tone_of(1.2)) == ("white", "light-middle", "black")
    assert hue_of((60, 2, 1)) == "grey"
    assert hue_of((40, 18, 30)) == "brown"
    assert hue_of((60, 0, -40)) == "blue"
