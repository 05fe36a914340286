"""Two windows, where a tone stands among the bands, how it looks on another, mood, palette."""

from __future__ import annotations

import colour
import numpy as np
import pytest
from colour.appearance.hunt import adjusted_reference_white_signals

from tests.pieces import patchwork, photographs
from tests.said import refuses
from washboard.core.colour.contrast import CONES, INDUCED, colour_seen_on, leaning_white, value_seen_on
from washboard.core.colour.lab import WHITE, difference, lab_of_linear, lightness_of_value, xyz_of_lab
from washboard.core.colour.spectra import lab_of_spectrum, spectrum_of_lab
from washboard.core.colour.value import luminance_of
from washboard.core.errors import InvalidInput, UnknownName
from washboard.core.key.key import key_for, targeted
from washboard.core.key.mood import Mood, in_mood
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.paints import PAINTS, USUAL, palette_of
from washboard.core.materials.surfaces import surface_of
from washboard.core.optics.vehicle import vehicle_of
from washboard.core.palette.coverage import coverage_of, proposed, reach_of, weighed
from washboard.core.reference.picture import picture_of
from washboard.core.reference.squint import MM_A_METRE, from_afar
from washboard.core.reference.windows import Reading, Window, along, compared, in_words, read, standing


@pytest.mark.parametrize("value", [2.0, 4.0, 5.5, 7.0, 9.0])
@pytest.mark.parametrize("background", [1.0, 3.0, 5.08, 7.0, 9.5])
def test_how_light_a_tone_looks_agrees_with_the_published_model(value: float, background: float) -> None:
    def lightness(y: float, behind: float) -> float:
        xyz = np.array([0.95047, 1.0, 1.08883])
        found = colour.XYZ_to_CIECAM02(y * xyz, 100 * xyz, 64.0, behind)
        return float(np.asarray(found.J))

    shown = value_seen_on(value, background)
    wanted = lightness(float(luminance_of(value)), float(luminance_of(background)))
    assert lightness(float(luminance_of(shown)), 20.0) == pytest.approx(wanted, abs=0.35)


def test_a_middle_looks_darker_on_white_and_lighter_on_black() -> None:
    assert value_seen_on(5.0, 9.5) < 4.6 < 5.0 < value_seen_on(5.0, 2.5)
    assert value_seen_on(5.0, 5.08) == pytest.approx(5.0, abs=0.05)


def test_a_colour_leans_away_from_its_surroundings_as_the_published_model_has_it() -> None:
    grey, red, green = (60.0, 0.0, 0.0), (50.0, 55.0, 30.0), (55.0, -45.0, 30.0)
    on_red, on_green = colour_seen_on(grey, red), colour_seen_on(grey, green)
    assert on_red[1] < -2
    assert on_green[1] > 2
    # A red on a green is clearer, on a red duller; on a grey only its value moves.
    clear = [float(np.hypot(*colour_seen_on(red, around)[1:])) for around in (green, (50.0, 0.0, 0.0), red)]
    assert clear[0] > clear[1] > clear[2]
    assert colour_seen_on(red, (20.0, 0.0, 0.0))[1:] == pytest.approx(red[1:], abs=1e-6)
    assert colour_seen_on(grey, (20.0, 0.0, 0.0))[0] > 60


def test_the_white_that_the_eye_leans_to_is_that_of_the_published_model() -> None:
    around = xyz_of_lab((50.0, 55.0, 30.0))
    proximal, background, white = (CONES @ light for light in (around, WHITE * around[1], WHITE))
    wanted = adjusted_reference_white_signals(proximal, background, white, INDUCED)
    assert leaning_white((50.0, 55.0, 30.0)) == pytest.approx(wanted)
    assert leaning_white((50.0, 0.0, 0.0)) == pytest.approx(white)


def test_a_window_reads_the_mean_of_light_not_of_codes() -> None:
    board = np.zeros((100, 100, 3), np.uint8)
    board[::2] = 255
    reading = read(picture_of(board).lab, Window(0.5, 0.5, 0.25))
    half = lab_of_linear([0.5, 0.5, 0.5])
    assert reading.lab[0] == pytest.approx(float(half[0]), abs=1.0)
    assert reading.spread > 8


def test_the_difference_is_said_in_painters_words() -> None:
    one = Reading((50.0, 2.0, 4.0), 5.0, 0.0)
    assert in_words(one, Reading((50.2, 2.0, 4.0), 5.02, 0.0)) == "equal in value"
    assert (
        in_words(one, Reading((58.0, 4.0, 9.0), 5.8, 0.0)) == "0.8 lighter, a little warmer, a little clearer"
    )
    assert in_words(one, Reading((30.0, -4.0, -28.0), 3.0, 0.0)) == "2.0 darker, much cooler, much clearer"
    assert compared(one, one).apart == pytest.approx(0.0, abs=1e-9)


@pytest.mark.parametrize("window", [Window(1.2, 0.5), Window(0.5, float("nan")), Window(0.5, 0.5, 0.6)])
def test_a_window_outside_the_picture_is_refused(window: Window) -> None:
    with refuses(InvalidInput, "inside the picture"):
        window.checked()


def test_values_along_a_line_are_those_of_the_pixels_under_it() -> None:
    value = np.tile(np.linspace(2, 8, 300, dtype=np.float32), (200, 1))
    across = along(value, (0.0, 0.5), (1.0, 0.5))
    assert across[[0, 80, -1]] == pytest.approx([2.0, 5.02, 8.0], abs=0.05)
    assert np.ptp(along(value, (0.5, 0.0), (0.5, 1.0))) < 1e-4


def test_a_point_is_told_its_band_and_how_near_the_border_is() -> None:
    greys = [(lightness_of_value(value), 0.0, 0.0) for value in (5.9, 9.5, 3.0)]
    tone = Reading(greys[0], 5.9, 0.0)
    found = standing(tone, (2.0, 4.0, 6.0, 8.0), surface=greys[1], neighbours=greys[2])
    assert found.words.endswith("lighter")
    assert found.band == 2
    assert found.nearest == pytest.approx(0.1)
    assert found.on_surface < 5.9 < found.beside


@pytest.mark.parametrize("metres", [2.0, 8.0, 20.0])
def test_from_afar_fine_stripes_melt_to_the_mean_of_their_light(metres: float) -> None:
    """A minute of arc is 1.16 mm at four metres: stripes well under it cannot be told apart."""
    width_cm, pitch_mm = 30.0, 0.35 * metres * MM_A_METRE
    pixels = max(1, round(pitch_mm / 2 / (10 * width_cm) * 1000))
    stripes = np.zeros((200, 1000, 3), np.uint8)
    stripes[:, (np.arange(1000) // pixels) % 2 == 0] = 255
    picture = picture_of(stripes)
    seen = from_afar(picture, metres, width_cm)
    if pixels >= 2 and metres > 4:
        assert np.ptp(seen[100, 100:-100]) < 1.2
    assert float(np.median(luminance_of(seen))) == pytest.approx(50, abs=26)
    assert np.array_equal(from_afar(picture, 0.001, width_cm), from_afar(picture, 0.002, width_cm))


@pytest.mark.parametrize("medium", MEDIA)
@pytest.mark.parametrize("mood", Mood)
def test_a_mood_keeps_the_order_of_values_and_the_reach(medium: str, mood: Mood) -> None:
    measured, _ = patchwork(7, 12, 0)
    surface = surface_of("white")
    key = key_for(medium_named(medium), surface, measured.masses)
    moved = in_mood(key, mood)
    at = np.linspace(key.measured[0], key.measured[-1], 50)
    planned = [moved.of(float(v)) for v in at]
    assert (np.diff(planned) >= -1e-9).all()
    assert min(planned) >= key.lowest - 1e-9
    assert max(planned) <= key.highest + 1e-9
    middle = moved.of(float(at[25])) - key.of(float(at[25]))
    assert {"lighter": middle > 0.3, "darker": middle < -0.3, "as-seen": middle == 0}.get(mood.value, True)


@pytest.mark.parametrize("medium", [medium for medium in MEDIA if medium != "pastel"])
def test_a_usual_palette_reaches_most_of_a_picture_and_names_what_it_misses(medium: str) -> None:
    measured, _ = patchwork(3, 14, 0)
    surface = surface_of("white")
    tool = medium_named(medium)
    masses = targeted(measured.masses, key_for(tool, surface, measured.masses), tool, surface)
    full = coverage_of(palette_of(medium, ()), weighed(masses, tool, surface))
    poor = coverage_of(palette_of(medium, ("ochre", "burnt-umber", "white")), weighed(masses, tool, surface))
    assert full.share > poor.share
    assert full.mean < poor.mean
    assert poor.missed[0][1] > 6
    assert poor.swap is not None
    out, new = poor.swap
    better = palette_of(medium, tuple({"ochre", "burnt-umber", "white"} - {out} | {new}))
    assert coverage_of(better, weighed(masses, tool, surface)).mean < poor.mean - 0.2
    assert 6 <= len(USUAL[medium]) <= 12


def test_what_two_paints_reach_holds_each_of_them_alone_and_thinned() -> None:
    place, pairs, labs = reach_of("watercolour", surface_of("white"))
    vehicle, ground = vehicle_of("watercolour"), spectrum_of_lab(surface_of("white").lab)
    for key in ("ultramarine", "rose"):
        paint = PAINTS[key]
        own = labs[(pairs == place[key]).all(axis=1)][0]
        for film in (0.09, 0.45):
            reflectance = vehicle.laid(film * paint.absorption, film * paint.scattering, ground)
            assert float(difference(lab_of_spectrum(reflectance), own).min()) < 0.1


def test_a_palette_of_too_many_paints_or_of_an_unknown_one_is_refused() -> None:
    assert [paint.key for paint in palette_of("oil", ("ochre",))] == ["ochre"]
    with refuses(InvalidInput, "1 to 16 paints"):
        palette_of("oil", tuple(PAINTS)[:17])
    with refuses(UnknownName, "no paint called “mud”"):
        palette_of("oil", ("ochre", "mud"))


def test_photographs_have_a_focus_inside_and_not_at_the_border() -> None:
    from washboard.core.composition.focus import focus_of

    for name, rgb in photographs().items():
        focus = focus_of(picture_of(rgb))
        assert 0.03 < focus.x < 0.97, name
        assert 0.03 < focus.y < 0.97, name
        given = focus_of(picture_of(rgb), (0.2, 0.3))
        assert (given.x, given.y, given.proposed) == (0.2, 0.3, False)


@pytest.mark.parametrize("medium", ["watercolour", "oil"])
def test_the_proposed_paints_reach_more_than_the_usual_and_no_exchange_betters_them(medium: str) -> None:
    measured, _ = patchwork(5, 14, 0)
    surface, tool = surface_of("white"), medium_named(medium)
    masses = targeted(measured.masses, key_for(tool, surface, measured.masses), tool, surface)
    keys, reached = proposed(weighed(masses, tool, surface))
    assert len(set(keys)) == 8
    usual = coverage_of(palette_of(medium, ()), weighed(masses, tool, surface))
    assert reached.mean <= usual.mean + 0.05
    assert ("white" in keys) or tool.transparent
    few, little = proposed(weighed(masses, tool, surface), 3)
    assert len(few) == 3
    assert little.mean >= reached.mean
