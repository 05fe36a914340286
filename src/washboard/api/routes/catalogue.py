"""What there is to choose from."""

from __future__ import annotations

from fastapi import APIRouter

from ...core.colour.lab import greys
from ...core.materials.media import MEDIA
from ...core.materials.stocks import STOCKS, care_of_stock, described_stock
from ...core.materials.surfaces import WORDS
from ...core.plan.acts import ACTS
from ...core.plan.marks import AMOUNTS
from ...core.plan.own import offered
from ...core.plan.tools import TOOLS
from ...core.schools import SCHOOLS
from ...words import speaker
from ..models.catalogue import CatalogueRead, Choice, HandRead, StockRead
from ..problems import problems

router = APIRouter(prefix="/api", tags=["catalogue"])


@router.get("/catalogue", responses=problems())
def catalogue() -> CatalogueRead:
    """Media, schools, surfaces by word, and the grey of each level of a value picture."""
    return CatalogueRead(
        media=[Choice(key=m.key, words=m.words, why=m.caution) for m in MEDIA.values()],
        schools=[Choice(key=s.key, words=s.words, why=s.fits) for s in SCHOOLS.values()],
        surfaces=[Choice(key=k, words=k, why=f"value {v:.1f}") for k, v in WORDS.items()],
        stocks=[
            StockRead(
                key=s.key,
                words=s.words,
                media=list(s.media),
                tooth=s.tooth,
                absorbency=s.absorbency,
                weight=s.weight,
                sides=list(s.sides),
                tone=s.tone,
                says=described_stock(s),
                care=care_of_stock(s),
            )
            for s in STOCKS.values()
        ],
        own_passes=[
            HandRead(key=kind, words=act.words, media=media)
            for kind, act in ACTS.items()
            if (media := [key for key, medium in MEDIA.items() if kind in offered(medium)])
        ],
        tools=[HandRead(key=t.key, words=t.words, media=sorted(t.media)) for t in TOOLS.values()],
        acts={kind.value: act.words for kind, act in ACTS.items()},
        glossary=speaker().glossary(),
        greys=greys(),
        marks=AMOUNTS,
    )


@router.get("/health", responses=problems())
def health() -> dict[str, str]:
    """Says that the server is up."""
    return {"state": "up"}
