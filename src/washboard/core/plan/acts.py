"""What a painter can do to a spot of the surface, as data: tool, pace, what it uses up, whether it can be
undone."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from .plan import Kind


class Sort(StrEnum):
    """What an act is to the paint that is there."""

    KEEPS = "keeps"
    LAYS = "lays"
    TAKES = "takes"
    MOVES = "moves"
    GUARDS = "guards"
    READIES = "readies"
    LOOKS = "looks"


class Reversibility(StrEnum):
    """How far an act can be taken back: for nothing, with little work, in part, or not at all."""

    FREE = "free"
    CHEAP = "cheap"
    LIMITED = "limited"
    NONE = "none"


@dataclass(frozen=True)
class Act:
    """One kind of operation.

    `media` it belongs to; `pace` minutes for a place of 10 cm², beyond the medium's own rate of covering
    where it lays paint; `uses` what it takes of the surface; `caution` what to mind with the hands. Of what
    takes paint off: `reach` 0–1 the share of the density over the ground that goes where nothing stains,
    `grip` 0–1 how much of its staining the paint has by then: less while it is wet, none under a blade.
    """

    kind: Kind
    words: str
    sort: Sort
    tool: str
    media: frozenset[str]
    back: Reversibility
    pace: float = 0.0
    uses: str = ""
    caution: str = ""
    reach: float = 0.0
    grip: float = 0.0

    @property
    def last(self) -> bool:
        """Whether nothing can be laid after it where it was done."""
        return self.back is Reversibility.NONE and self.sort is Sort.TAKES


WATER, GRAIN = "watercolour", "pastel"
ALL = frozenset({"watercolour", "pastel", "acrylic", "oil"})
WET = frozenset({"watercolour", "acrylic", "oil"})
OPAQUE = frozenset({"pastel", "acrylic", "oil"})
THIN = frozenset({"watercolour", "acrylic"})
ONLY_WATER, ONLY_PASTEL = frozenset({WATER}), frozenset({GRAIN})
PASTE = frozenset({"acrylic", "oil"})

BLADE = "Blade: cut away from the hand."
DUST = "Dust: wear a mask, wipe wet; never over toxic pigments."
FLUID = "Masking fluid: ammonia and latex; soap the brush first. Read the label."
SPRAY = "Spray outdoors or at an extraction, with a respirator. Read the label."
RAGS = "Oily rags can ignite by themselves: water-filled closed metal can."

ACTS: dict[Kind, Act] = {
    act.kind: act
    for act in (
        Act(Kind.LEAVE, "leave", Sort.KEEPS, "", ALL, Reversibility.FREE),
        Act(Kind.RESERVE, "paint round", Sort.KEEPS, "", ALL, Reversibility.FREE),
        Act(Kind.TONE, "tone", Sort.LAYS, "wide brush", WET, Reversibility.LIMITED, uses="a layer"),
        Act(
            Kind.WET, "wet with clear water", Sort.READIES, "wide brush", ONLY_WATER, Reversibility.FREE, 0.2
        ),
        Act(Kind.WET_BOTH, "wet both sides", Sort.READIES, "wide brush", ONLY_WATER, Reversibility.FREE, 0.4),
        Act(Kind.WASH, "wash", Sort.LAYS, "round brush", THIN, Reversibility.LIMITED, uses="white paper"),
        Act(
            Kind.GRADED_WASH,
            "graded wash",
            Sort.LAYS,
            "flat brush",
            THIN,
            Reversibility.LIMITED,
            uses="white paper",
        ),
        Act(
            Kind.DROP_IN, "drop in", Sort.LAYS, "round brush", THIN, Reversibility.LIMITED, uses="white paper"
        ),
        Act(Kind.GLAZE, "glaze", Sort.LAYS, "soft brush", WET, Reversibility.LIMITED, uses="a layer"),
        Act(
            Kind.NEGATIVE,
            "negative, cut round",
            Sort.LAYS,
            "round brush",
            THIN,
            Reversibility.LIMITED,
            uses="white paper",
        ),
        Act(
            Kind.PLACEHOLDER,
            "placeholder tint",
            Sort.LAYS,
            "round brush",
            ALL,
            Reversibility.CHEAP,
            uses="a layer",
        ),
        Act(Kind.BLOCK_IN, "block in", Sort.LAYS, "", OPAQUE, Reversibility.CHEAP, uses="a layer"),
        Act(Kind.LAYER, "layer", Sort.LAYS, "", OPAQUE, Reversibility.CHEAP, uses="a layer"),
        Act(Kind.SCUMBLE, "scumble", Sort.LAYS, "dry brush", OPAQUE, Reversibility.CHEAP, uses="a layer"),
        Act(
            Kind.OPTICAL,
            "mix in the eye",
            Sort.LAYS,
            "side of the stick",
            ONLY_PASTEL,
            Reversibility.CHEAP,
            uses="a layer",
        ),
        Act(Kind.GLOW, "glow step", Sort.LAYS, "", OPAQUE, Reversibility.CHEAP, uses="a layer"),
        Act(Kind.RAYS, "rays, then knocked back", Sort.LAYS, "", OPAQUE, Reversibility.CHEAP, uses="a layer"),
        Act(
            Kind.ACCENT,
            "accent",
            Sort.LAYS,
            "fine brush or stick's edge",
            ALL,
            Reversibility.CHEAP,
            uses="a layer",
        ),
        Act(Kind.WHITE, "opaque white", Sort.LAYS, "fine brush", ALL, Reversibility.LIMITED, uses="a layer"),
        Act(Kind.DETAIL, "small marks", Sort.LAYS, "fine brush or stick's edge", ALL, Reversibility.CHEAP),
        Act(Kind.RESTATE, "restate the dark", Sort.LAYS, "", ALL, Reversibility.LIMITED, uses="a layer"),
        Act(
            Kind.UNIFY,
            "unify with a glaze",
            Sort.LAYS,
            "wide soft brush",
            WET,
            Reversibility.LIMITED,
            uses="a layer",
        ),
        Act(
            Kind.MASK,
            "mask",
            Sort.GUARDS,
            "old brush or ruling pen",
            ONLY_WATER,
            Reversibility.CHEAP,
            3.0,
            caution=FLUID,
        ),
        Act(
            Kind.UNMASK,
            "take the mask off",
            Sort.GUARDS,
            "clean finger",
            ONLY_WATER,
            Reversibility.FREE,
            1.0,
            reach=1,
            grip=0,
        ),
        Act(Kind.SOFTEN, "soften an edge", Sort.MOVES, "damp brush", WET, Reversibility.LIMITED, 1.0),
        Act(Kind.BLEND, "blend", Sort.MOVES, "finger or soft brush", OPAQUE, Reversibility.LIMITED, 1.0),
        Act(Kind.FEATHER, "feather outward", Sort.MOVES, "light hand", OPAQUE, Reversibility.CHEAP, 1.0),
        Act(
            Kind.LIFT_WET,
            "lift while wet",
            Sort.TAKES,
            "tissue",
            THIN,
            Reversibility.LIMITED,
            1.0,
            reach=0.85,
            grip=0.3,
        ),
        Act(Kind.BLOT, "blot", Sort.TAKES, "tissue", WET, Reversibility.LIMITED, 0.5, reach=0.6, grip=0.3),
        Act(
            Kind.LIFT_DRY,
            "lift",
            Sort.TAKES,
            "damp stiff brush",
            ONLY_WATER,
            Reversibility.LIMITED,
            4.0,
            reach=0.8,
            grip=1,
        ),
        Act(
            Kind.STENCIL,
            "lift through a stencil",
            Sort.TAKES,
            "stencil and sponge",
            ONLY_WATER,
            Reversibility.LIMITED,
            5.0,
            reach=0.8,
            grip=1,
        ),
        Act(
            Kind.WIPE,
            "wipe out",
            Sort.TAKES,
            "dry rag",
            WET,
            Reversibility.NONE,
            0.7,
            caution=RAGS,
            reach=0.95,
            grip=0.3,
        ),
        Act(
            Kind.SCRATCH,
            "scratch",
            Sort.TAKES,
            "blade point",
            ONLY_WATER,
            Reversibility.NONE,
            3.0,
            "the skin of the sheet",
            BLADE,
            reach=0.95,
            grip=0,
        ),
        Act(
            Kind.SAND,
            "sand",
            Sort.TAKES,
            "fine sandpaper",
            ONLY_WATER,
            Reversibility.NONE,
            2.0,
            "the skin of the sheet",
            DUST,
            reach=0.7,
            grip=0,
        ),
        Act(
            Kind.SCRAPE,
            "scrape off",
            Sort.TAKES,
            "knife",
            PASTE,
            Reversibility.LIMITED,
            1.0,
            caution=BLADE,
            reach=0.7,
            grip=1,
        ),
        Act(
            Kind.FIX,
            "fix",
            Sort.READIES,
            "fixative",
            ONLY_PASTEL,
            Reversibility.NONE,
            0.1,
            "gives a layer back",
            SPRAY,
        ),
        Act(Kind.JUDGE, "step back and judge", Sort.LOOKS, "", ALL, Reversibility.FREE),
        Act(Kind.CLEAN, "clean the stick", Sort.LOOKS, "rag", ONLY_PASTEL, Reversibility.FREE),
    )
}
"""Every kind of operation, in the order in which they are listed. Paces are guesses until a log corrects
them."""
