"""The four media as data. Figures are starting values, guessed where no source is given."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from dataclasses import dataclass

from ..errors import UnknownName


@dataclass(frozen=True)
class Medium:
    """What a medium allows.

    `darkest`, `lightest`: Munsell values its paint reaches (0–10). `dry_minutes`: until a layer of 500 cm²
    can be laid over, `quickest_dry` of the smallest; `open_minutes`: how long a wash can be worked before
    its edge dries. `cut_cm`: outline cut in a minute. `cover_cm2`: slowest and fastest coverage in cm² a
    minute, `cover_gain` how it grows with √area. `most_layers` is how many layers the
    surface holds. `mix_minutes`: to mix one colour, or find one stick. `pace`: times as long as usual that
    all work takes; the rates of covering and cutting, and mixing, have it in them.
    """

    key: str
    words: str
    transparent: bool
    darkest: float
    lightest: float
    dry_minutes: float
    quickest_dry: float
    open_minutes: float | None
    cut_cm: float
    cover_cm2: tuple[float, float]
    cover_gain: float
    most_layers: int
    mix_minutes: float
    school: str
    wet: str
    caution: str
    pace: float = 1.0


MEDIA = {
    medium.key: medium
    for medium in (
        Medium(
            "watercolour", "Watercolour", True, 2.5, 9.5, 20.0, 9.0, 19.0, 40.0, (25.0, 150.0), 8.0,
            6, 1.5, "light-to-dark", "wet wash",
            "Do not point brushes with the lips: some pigments are toxic. Read the labels.",
        ),
        Medium(
            "pastel", "Pastel", False, 1.9, 9.2, 0.0, 0.0, None, 60.0, (40.0, 160.0), 9.0,
            4, 0.5, "dark-to-light", "unfixed pigment",
            "Dust: do not blow it off, wipe wet, wear a dust mask. Read the labels.",
        ),
        Medium(
            "acrylic", "Acrylic", False, 1.5, 9.4, 15.0, 7.0, 8.0, 45.0, (40.0, 180.0), 9.0,
            8, 1.5, "dark-to-light", "wet coat",
            "Keep brush water out of the drain; air the room. Read the labels.",
        ),
        Medium(
            "oil", "Oil", False, 1.5, 9.3, 2880.0, 1300.0, 360.0, 40.0, (30.0, 160.0), 8.0,
            5, 2.0, "dark-to-light", "wet paint",
            "Solvents: ventilate, no flame; oily rags can ignite by themselves: keep them in a "
            "water-filled closed metal can. Read the labels.",
        ),
    )
}  # fmt: skip


def medium_named(key: str) -> Medium:
    """The medium of that key; raises UnknownName."""
    if key not in MEDIA:
        raise UnknownName("medium", key, MEDIA)
    return MEDIA[key]
