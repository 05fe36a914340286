"""Which ground to start on: every candidate with its figures, the best first."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..areas.area import Areas
from ..colour.lab import value_of_lab
from ..key.key import key_for, targeted
from ..materials.grounds import GROUNDS, Ground, GroundKind
from ..materials.media import Medium
from ..materials.sticks import Colour
from ..materials.surfaces import Surface
from ..mixing.paintbox import Paintbox, paintbox_of
from ..reference.mass import Mass
from ..reference.picture import Picture
from ..sentence import Sentence, percent, sentence, tone
from ..time.pace import SETTLING, covering_minutes
from .coats import coats_to_hide
from .patches import patches_of
from .shares import STEP, painted_share, sampled

OTHER = 0.05
"""Price of another sheet than the one at hand, in coats over the whole picture."""
TONING = 0.12
"""Price of toning first, in coats: the work is quick, the drying is waiting."""
PATCHES = 1.8
"""The same for an underpainting in patches: a thin coat all over, and every area its own mixture."""
COUNTED = 0.5
"""Share of what is already right that is saved besides: parts of masses, which coats do not show."""
NO_PATCH = -10.0
"""The value of a patch where there is none: it paints nothing."""
LOST = 6.0
"""Price of a value that the lights lose on a ground that transparent paint cannot lighten."""

Floats = NDArray[np.float64]
Coats = NDArray[np.int64]


@dataclass(frozen=True)
class Candidate:
    """A ground with what it would do for a picture.

    `share` 0–1 of the picture that it already paints, counted by pixels of the reference. `fewer` masses
    that need fewer coats than on the bare surface, of `masses`. `coats`: mean over the picture;
    `lights_coats`: of the lightest mass. `to_lightest`, `to_darkest`: values from the ground to the
    picture's ends. `lost`: mean values the picture's lights lose, in transparent paint. `price` what the
    rank goes by: coats, toning, and lights lost.
    """

    ground: Ground
    surface: Surface
    share: float
    fewer: int
    masses: int
    coats: float
    lights_coats: int
    to_lightest: float
    to_darkest: float
    lost: float
    minutes: float
    dry_minutes: float
    price: float
    why: tuple[Sentence, ...] = ()


def candidates_of(
    picture: Picture,
    masses: Sequence[Mass],
    areas: Areas | None,
    medium: Medium,
    own: Surface,
    area_cm2: float,
    paints: Sequence[Colour] = (),
    papers: Sequence[Ground] = (),
) -> tuple[Candidate, ...]:
    """All candidates of a medium, best first; the piece's own surface is among them as it is.

    `area_cm2` is the picture's area on the surface, for the minutes of toning; coats are those of `paints`.
    `papers` are the painter's own. Toned grounds in patches, a muted colour for each of `areas`, join opaque
    media where areas are known."""
    bare = Ground("own", "the surface as it is", GroundKind.BARE, own.value, (own.lab[1], own.lab[2]))
    tried = [(bare, own), *((ground, ground.surface) for ground in (*papers, *GROUNDS[medium.key]))]
    colours = sampled(picture)
    box = paintbox_of(medium, own, paints)
    plain = _coats(masses, medium, own, box)
    found = [
        _candidate(ground, surface, colours, masses, medium, plain, area_cm2, box)
        for ground, surface in tried
    ]
    if areas is not None and not medium.transparent and len(areas.areas) > 1:
        found.append(_in_patches(picture, masses, areas, medium, own, plain, area_cm2, box))
    best = sorted(_without_twins(found), key=lambda c: (round(c.price, 6), c.ground.key))
    return tuple(replace(c, why=_why(c)) for c in best)


def _without_twins(found: Sequence[Candidate]) -> list[Candidate]:
    """Listed grounds that look like the piece's own surface are that surface."""
    own = found[0]

    def differs(c: Candidate) -> bool:
        apart = np.abs(np.subtract(c.surface.lab, own.surface.lab)).max() > 1.5
        return c.ground.kind is GroundKind.PATCHES or bool(apart)

    return [own, *(c for c in found[1:] if differs(c))]


def _candidate(
    ground: Ground,
    surface: Surface,
    colours: tuple[ArrayLike, ArrayLike],
    masses: Sequence[Mass],
    medium: Medium,
    plain: Coats,
    area_cm2: float,
    box: Paintbox,
) -> Candidate:
    value, lab = colours
    share = painted_share(value, lab, surface.value, surface.lab)
    coats = _coats(masses, medium, surface, box)
    return _figured(ground, surface, share, coats, plain, masses, medium, area_cm2)


def _figured(
    ground: Ground,
    surface: Surface,
    share: float,
    coats: Coats,
    plain: Coats,
    masses: Sequence[Mass],
    medium: Medium,
    area_cm2: float,
) -> Candidate:
    shares = np.array([mass.share for mass in masses])
    values = np.array([mass.value for mass in masses])
    lost = 0.0
    if medium.transparent:
        lost = float((shares * np.maximum(values - surface.value - 0.1, 0)).sum())
    mean = float((coats * shares).sum() / max(shares.sum(), 1e-9))
    size = max(area_cm2 / 500, 0.2)
    other = OTHER * (ground.kind is not GroundKind.BARE)
    toning = {GroundKind.TONED: TONING, GroundKind.PRIMED: TONING, GroundKind.PATCHES: PATCHES}
    price = mean - COUNTED * share + other + toning.get(ground.kind, 0.0) + LOST * lost
    return Candidate(
        ground,
        surface,
        share,
        int((coats < plain).sum()),
        len(masses),
        mean,
        int(coats[values.argmax()]),
        float(values.max() - surface.value),
        float(surface.value - values.min()),
        lost,
        ground.minutes * size**0.7,
        ground.dry_minutes,
        price,
    )


def _coats(masses: Sequence[Mass], medium: Medium, surface: Surface, box: Paintbox) -> Coats:
    """Coats (m,) that each mass needs on a surface: none where the surface is already right."""
    targets = _targets(masses, medium, surface)
    grounds = np.broadcast_to(surface.lab, targets.shape)
    return coats_to_hide(targets, grounds, box, medium.transparent)


def _targets(masses: Sequence[Mass], medium: Medium, surface: Surface) -> Floats:
    """Planned colours (m, 3) in Lab, graded masses in their middle."""
    planned = targeted(masses, key_for(medium, surface, masses), medium, surface)
    return np.array([mass.target_lab for mass in planned])


def _in_patches(
    picture: Picture,
    masses: Sequence[Mass],
    areas: Areas,
    medium: Medium,
    own: Surface,
    plain: Coats,
    area_cm2: float,
    box: Paintbox,
) -> Candidate:
    """An underpainting in patches: each area's own median value, its colour muted."""
    patches = patches_of(areas)
    reflectances = np.tile(own.lab, (int(areas.labels.max()) + 1, 1))
    tones = np.full(len(reflectances), NO_PATCH)
    for label, reflectance in patches.items():
        reflectances[label], tones[label] = reflectance, value_of_lab(reflectance)
    value, lab = sampled(picture)
    labels = areas.labels[::STEP, ::STEP].ravel()
    share = painted_share(value, lab, tones[labels], reflectances[labels])
    below = np.array([reflectances[int((mass.area or "a0")[1:])] for mass in masses])
    coats = coats_to_hide(_targets(masses, medium, own), below, box, medium.transparent)
    mean = float(np.average([area.value for area in areas.areas], weights=[a.share for a in areas.areas]))
    # Skip areas that hold no mass: no mixture is needed there.
    mixtures = len({mass.area for mass in masses} & {f"a{label}" for label in patches})
    kind = GroundKind.PATCHES
    ground = Ground(
        kind.value,
        "an underpainting in patches, a muted colour for each area",
        kind,
        mean,
        (0.0, 0.0),
        f"{mixtures} muted mixtures, thin",
        dry_minutes=medium.dry_minutes,
    )
    minutes = SETTLING + covering_minutes(medium, area_cm2) + mixtures * medium.mix_minutes
    figured = _figured(ground, own, share, coats, plain, masses, medium, area_cm2)
    return replace(figured, minutes=minutes)


def _why(c: Candidate) -> tuple[Sentence, ...]:
    """What speaks for a ground, and what it costs."""
    fewer = c.fewer if c.ground.kind is not GroundKind.BARE else 0
    said = [
        sentence("ground-fewer", share=percent(c.share), fewer=fewer, masses=c.masses)
        if fewer
        else sentence("ground-bare", share=percent(c.share))
    ]
    if c.lost >= 0.05:
        said.append(sentence("ground-loses", lost=tone(c.lost)))
    return tuple(said)
