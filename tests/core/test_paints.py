"""What painters know of their paints, as a table: each line is something a painter would bet on."""

from __future__ import annotations

from collections.abc import Callable
from itertools import combinations

import numpy as np
import pytest

from tests.said import refuses
from washboard.core.colour.lab import difference, value_of_lab
from washboard.core.colour.spectra import grey_of_value, lab_of_spectrum
from washboard.core.errors import UnknownName
from washboard.core.materials.media import MEDIA
from washboard.core.materials.paints import PAINTS, Drying, paint_named
from washboard.core.materials.pigments import PIGMENTS
from washboard.core.optics.vehicle import VEHICLES

Lab = tuple[float, float, float]


def reflectance(medium: str, film: float, ground: float = 9.5, wet: float = 0, **parts: float) -> Lab:
    """Lab of a mixture in parts, `film` unit films thick, over a grey of that value."""
    keys = [key.replace("_", "-") for key in parts]
    shares = np.array(list(parts.values())) / sum(parts.values()) * film
    k = sum(n * PAINTS[key].absorption for n, key in zip(shares, keys, strict=True))
    s = sum(n * PAINTS[key].scattering for n, key in zip(shares, keys, strict=True))
    vehicle = VEHICLES[medium]
    lay = vehicle.laid_wet if wet else vehicle.laid
    lightness, a, b = lab_of_spectrum(lay(k, s, grey_of_value(ground))).tolist()
    return lightness, a, b


def wash(film: float, **parts: float) -> Lab:
    return reflectance("watercolour", film, **parts)


def oil(**parts: float) -> Lab:
    return reflectance("oil", 1.2, **parts)


def chroma(lab: Lab) -> float:
    return float(np.hypot(lab[1], lab[2]))


def hue(lab: Lab) -> float:
    return float(np.degrees(np.arctan2(lab[2], lab[1])) % 360)


def value(lab: Lab) -> float:
    return float(value_of_lab(lab))


def green(lab: Lab) -> bool:
    return 95 < hue(lab) < 200


def layers(*films: tuple[float, str]) -> Lab:
    ground = grey_of_value(9.5)
    for film, key in films:
        paint = PAINTS[key]
        ground = VEHICLES["watercolour"].laid(film * paint.absorption, film * paint.scattering, ground)
    lightness, a, b = lab_of_spectrum(ground).tolist()
    return lightness, a, b


KNOWN: dict[str, Callable[[], bool]] = {
    "ultramarine and a clear yellow make a dull green": lambda: (
        green(wash(0.3, ultramarine=0.5, clear_yellow=1))
        and chroma(wash(0.3, ultramarine=0.5, clear_yellow=1)) < 45
    ),
    "phthalo blue and lemon make a sharp green": lambda: (
        green(wash(0.3, phthalo_blue=1, lemon=4))
        and chroma(wash(0.3, phthalo_blue=1, lemon=4))
        > chroma(wash(0.3, ultramarine=0.5, clear_yellow=1)) + 15
    ),
    "a warm yellow makes a duller green than a cool one": lambda: (
        chroma(wash(0.3, phthalo_blue=1, warm_yellow=4)) < chroma(wash(0.3, phthalo_blue=1, lemon=4)) - 5
    ),
    "black and yellow make olive": lambda: (
        80 < hue(oil(black=1, lemon=10)) < 130 and value(oil(black=1, lemon=10)) < 6
    ),
    "an orange earth and ultramarine make a near-neutral dark under value 2 in oil": lambda: (
        min(
            (
                chroma(reflectance("oil", 1.2, burnt_sienna=a, ultramarine=1)),
                value(reflectance("oil", 1.2, burnt_sienna=a, ultramarine=1)),
            )
            for a in (0.5, 1, 2, 3, 4)
        )
        < (8, 2.0)
    ),
    "white makes a transparent earth cooler and chalky": lambda: (
        chroma(reflectance("oil", 1.2, red_oxide=1, white=2)) < chroma(reflectance("oil", 0.25, red_oxide=1))
        and hue(reflectance("oil", 1.2, red_oxide=1, white=2)) < hue(reflectance("oil", 0.25, red_oxide=1))
    ),
    "a transparent earth thinned turns warmer and yellower": lambda: (
        hue(wash(0.05, red_oxide=1)) > hue(wash(0.8, red_oxide=1))
    ),
    "white in a glaze goes milky over black": lambda: (
        value(reflectance("oil", 0.15, 1.0, ultramarine=1, white=0.5))
        > value(reflectance("oil", 0.15, 1.0, ultramarine=1)) + 0.5
    ),
    "a clear glaze over black does nearly nothing": lambda: (
        value(reflectance("oil", 0.15, 1.0, ultramarine=1)) < 1.5
    ),
    "titanium covers black in two coats and zinc does not": lambda: (
        value(reflectance("oil", 2.4, 1.0, white=1)) > 8.5 > value(reflectance("oil", 1.2, 1.0, zinc_white=1))
    ),
    "an opaque yellow covers a dark and a clear one goes green over it": lambda: (
        value(reflectance("oil", 1.2, 2.0, cadmium_yellow=1))
        > 6
        > value(reflectance("oil", 1.2, 2.0, lemon=1))
        and hue(reflectance("oil", 1.2, 2.0, lemon=1)) > 95
    ),
    "a rose glazed over yellow makes orange": lambda: 30 < hue(layers((0.2, "lemon"), (0.05, "rose"))) < 75,
    "a blue glazed over yellow goes green": lambda: green(layers((0.2, "lemon"), (0.04, "phthalo-blue"))),
    "a blue glazed over rose makes violet": lambda: hue(layers((0.06, "rose"), (0.06, "ultramarine"))) > 285,
    "complements grey each other": lambda: (
        min(chroma(wash(0.2, cadmium_red=1, phthalo_green=a)) for a in (0.2, 0.4, 0.7, 1, 1.5)) < 12
    ),
    "watercolour dries lighter": lambda: (
        0.2
        < value(wash(0.15, ultramarine=1)) - value(reflectance("watercolour", 0.15, ultramarine=1, wet=1))
        < 1.2
    ),
    "acrylic dries darker": lambda: (
        value(reflectance("acrylic", 1.0, ultramarine=1, white=0.2))
        < value(reflectance("acrylic", 1.0, ultramarine=1, white=0.2, wet=1))
    ),
    "oil keeps its value": lambda: (
        abs(value(oil(ochre=1)) - value(reflectance("oil", 1.2, ochre=1, wet=1))) < 0.05
    ),
    "watercolour cannot be as dark as oil": lambda: (
        value(wash(1.0, ultramarine=1, burnt_umber=1)) > value(oil(ultramarine=1, burnt_umber=1)) + 0.8
    ),
    "the first layer over a toned ground shifts toward it": lambda: (
        reflectance("acrylic", 0.2, 5.0, white=1)[0] < reflectance("acrylic", 0.2, 9.5, white=1)[0] - 4
    ),
    "a tint of carbon black is stronger than one of ivory black": lambda: (
        value(oil(black=1, white=12)) < value(oil(ivory_black=1, white=12)) - 0.3
    ),
    "phthalo tints far more than viridian": lambda: (
        chroma(oil(phthalo_green=1, white=20)) > 1.8 * chroma(oil(viridian=1, white=20))
    ),
    "green earth hardly tints": lambda: chroma(oil(green_earth=1, white=10)) < 8,
    "cerulean is greener than ultramarine": lambda: (
        hue(wash(0.2, cerulean=1)) < hue(wash(0.2, ultramarine=1)) - 15
    ),
    "the green shade of phthalo blue is greener than the red shade": lambda: (
        hue(wash(0.05, phthalo_blue=1)) < hue(wash(0.05, phthalo_blue_red=1)) - 5
    ),
    "rose is cooler than pyrrole red": lambda: (
        (hue(wash(0.2, rose=1)) + 180) % 360 < (hue(wash(0.2, warm_red=1)) + 180) % 360 - 10
    ),
    "ochre is duller than cadmium yellow at the same strength": lambda: (
        chroma(oil(ochre=1)) < chroma(oil(cadmium_yellow=1)) - 20
    ),
    "ultramarine and lemon in oil make a dull green, no black": lambda: (
        green(oil(ultramarine=1, lemon=1)) and 8 < chroma(oil(ultramarine=1, lemon=1)) < 40
    ),
    "ultramarine in five parts of white is a clear blue": lambda: chroma(oil(ultramarine=1, white=5)) > 30,
    "rose and ultramarine make a violet": lambda: (
        300 < hue(oil(rose=1, ultramarine=1, white=6)) < 332
        and chroma(oil(rose=1, ultramarine=1, white=6)) > 26
    ),
    "cadmium red and ultramarine make a dull maroon": lambda: (
        chroma(oil(cadmium_red=1, ultramarine=1)) < 30 and value(oil(cadmium_red=1, ultramarine=1)) < 3.2
    ),
    "cadmium red and cadmium yellow make a clean orange": lambda: (
        45 < hue(oil(cadmium_red=1, cadmium_yellow=2)) < 68
        and chroma(oil(cadmium_red=1, cadmium_yellow=2)) > 65
    ),
    "phthalo green and crimson make a black": lambda: (
        chroma(oil(phthalo_green=1, crimson=2)) < 13 and value(oil(phthalo_green=1, crimson=2)) < 1.6
    ),
    "phthalo blue overpowers ultramarine": lambda: (
        value(oil(phthalo_blue=1, white=20)) < value(oil(ultramarine=1, white=20)) - 0.5
    ),
    "cobalt tints more weakly than ultramarine": lambda: (
        value(oil(cobalt=1, white=10)) > value(oil(ultramarine=1, white=10)) + 0.3
    ),
    "a tint of burnt umber is a warm beige": lambda: 50 < hue(oil(burnt_umber=1, white=30)) < 88,
    "indian red leans cooler in a tint than light red": lambda: (
        hue(oil(indian_red=1, white=10)) < hue(oil(light_red=1, white=10)) - 4
    ),
    "a wash of rose thinned turns cooler": lambda: (
        (hue(wash(0.05, rose=1)) + 90) % 360 < (hue(wash(0.8, rose=1)) + 90) % 360 - 5
    ),
    "a wash of ultramarine thinned turns from violet to blue": lambda: (
        hue(wash(0.08, ultramarine=1)) < hue(wash(0.8, ultramarine=1)) - 5
    ),
    "viridian and rose grey each other": lambda: chroma(oil(viridian=1, rose=1)) < 20,
    "ochre and ultramarine make a grey": lambda: chroma(oil(ultramarine=1, ochre=1)) < 22,
    "three primaries make a grey brown": lambda: (
        min(chroma(wash(0.2, lemon=a, rose=1, phthalo_blue=0.3)) for a in (1, 2, 3, 4)) < 14
    ),
}


@pytest.mark.parametrize("words", KNOWN)
def test_paint_behaves_as_painters_know_it(words: str) -> None:
    assert KNOWN[words]()


def test_the_table_holds_enough_paints_each_with_all_that_is_to_be_known() -> None:
    assert len(PAINTS) >= 45
    assert len(KNOWN) >= 40
    assert {paint.pigment for paint in PAINTS.values()} == set(PIGMENTS)
    for paint in PAINTS.values():
        white, black = paint.reflectances()
        assert (black <= white).all(), paint.key
        assert (white < 1).all()
        assert 0 <= paint.staining <= 1
        assert 0 <= paint.granulation <= 1
        assert paint.lightfast in (1, 2, 3, 4)
        assert paint.drying in Drying
        assert 10 <= paint.oil <= 100
        assert set(paint.media) <= set(MEDIA)
        assert ("toxic" in paint.caution) == (paint.index in METALS), paint.key


METALS = {
    "PY35",
    "PY37",
    "PY150",
    "PY53",
    "PO20",
    "PR108",
    "PV16",
    "PV14",
    "PB28",
    "PB35",
    "PG18",
    "PG17",
    "PG50",
}
"""Colour Index names that hold cadmium, cobalt, chromium, nickel or manganese."""


def test_no_two_paints_look_alike() -> None:
    for one, other in combinations(PAINTS.values(), 2):
        reflectances = max(
            float(difference(one.strong, other.strong)), float(difference(one.thin, other.thin))
        )
        assert max(reflectances, 10 * abs(one.opaque - other.opaque)) > 0.8, (one.key, other.key)


def kinds(low: float, high: float, least: float = 25) -> list[float]:
    """Hues of thin films between two, of paints that are bright enough."""
    return [hue(p.thin) for p in PAINTS.values() if low <= hue(p.thin) <= high and chroma(p.thin) >= least]


def test_the_set_spans_what_painters_expect() -> None:
    yellows = kinds(70, 110)
    assert max(yellows) - min(yellows) > 20, "a cool and a warm yellow"
    blues = kinds(225, 300)
    assert max(blues) - min(blues) > 30, "a greenish and a violet blue"
    reds = [(h + 90) % 360 for h in kinds(0, 60) + kinds(320, 360)]
    assert max(reds) - min(reds) > 35, "a cool and a warm red"
    clear = [p for p in PAINTS.values() if 70 <= hue(p.thin) <= 110 and chroma(p.thin) > 25]
    assert min(p.opaque for p in clear) < 0.3
    assert max(p.opaque for p in clear) > 0.8
    blue = [p for p in PAINTS.values() if 225 <= hue(p.thin) <= 300 and chroma(p.thin) > 20]
    assert min(p.staining for p in blue) <= 0.2
    assert max(p.staining for p in blue) >= 0.8


@pytest.mark.parametrize(
    ("medium", "low", "high"),
    [("oil", 0, 1.5), ("acrylic", 0, 1.5), ("watercolour", 2.0, 2.5), ("pastel", 1.8, 2.0)],
)
def test_each_medium_is_as_dark_as_it_really_gets(medium: str, low: float, high: float) -> None:
    film = VEHICLES[medium].strongest
    darkest = min(
        value(reflectance(medium, film, **{one.replace("-", "_"): 1.0, other.replace("-", "_"): 1.0}))
        for one, other in combinations(PAINTS, 2)
    )
    assert low <= darkest <= high


def test_paints_are_found_by_any_of_their_names() -> None:
    assert paint_named("Ultramarine").key == "ultramarine"
    assert paint_named("burnt sienna").key == "burnt-sienna"
    assert paint_named("phthalo blue, green shade").key == "phthalo-blue"
    assert paint_named("quinacridone-rose").key == "rose"
    with refuses(UnknownName, "no paint called"):
        paint_named("unicorn")
