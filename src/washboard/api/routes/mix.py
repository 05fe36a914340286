"""What *Mix* asks about a piece."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Query, Response

from ...formats import teststrip
from ...pipeline.tasks import MixTable, MixVariants, RecipeBoard
from ...store.pieces import Piece
from ...studio import Studio
from ...studio.answers import ask, ask_anew
from ...studio.shelf_files import items_of
from ...studio.stock import left_in, tubes_of
from ...words import speaker
from ..models.mix import BoardRead, MixtureCreate, TableRead, UsedRead, WaysRead
from ..problems import problems
from .access import Id, InStudio, about

router = APIRouter(prefix="/api/pieces", tags=["mix"])
Paint = Annotated[str, Query(max_length=40)]
PDF = {"content": {"application/pdf": {"schema": {"type": "string", "format": "binary"}}}}
Share = Annotated[float, Query(ge=-150, le=150)]


@router.get("/{piece}/mix", responses=problems())
def mix(studio: InStudio, piece: Id) -> BoardRead:
    """The recipe board of the piece as it is set now: mixtures of every pass, amounts, meetings."""
    there = studio.pieces.get(piece)
    board = _board(studio, there)
    counted(studio, there, board.used)
    return board


def counted(studio: Studio, piece: Piece, paints: list[UsedRead]) -> None:
    """Say of paints whether the shelf has them, and how much is left."""
    shelf, medium = items_of(studio.shelf.state()), str(piece.settings["medium"])
    for used in paints:
        tubes = tubes_of(shelf, used.paint, medium)
        used.owned, used.left = bool(tubes), left_in(tubes)


@router.get("/{piece}/mix/table", responses=problems())
def table(
    studio: InStudio,
    piece: Id,
    paint: Annotated[list[str], Query(min_length=1, max_length=3, examples=[["ultramarine"]])],
    lightness: Annotated[float, Query(ge=0, le=100)] = 95.0,
    a: Share = 0.0,
    b: Share = 0.0,
) -> TableRead:
    """What a few paints look like over a colour, in all amounts."""
    names = tuple(name[:40] for name in paint)
    answer = ask_anew(
        studio, studio.pieces.get(piece), lambda about: MixTable(about, names, (lightness, a, b))
    )
    return TableRead(**answer.fields)


@router.post("/{piece}/mix/ways", responses=problems())
def ways(studio: InStudio, piece: Id, given: MixtureCreate) -> WaysRead:
    """A mixture warmer, cooler and greyer at its value; or, with what its test strip dried as, corrected."""
    parts = tuple((part.paint[:40], part.parts) for part in given.parts)
    answer = ask_anew(
        studio,
        studio.pieces.get(piece),
        lambda about: MixVariants(
            about, parts, given.load, given.target, given.over, given.seen, given.seen_value, given.warmer
        ),
    )
    return WaysRead(**answer.fields)


@router.get("/{piece}/mix/strips.pdf", response_class=Response, responses={200: PDF, **problems()})
def strips(studio: InStudio, piece: Id, done: Annotated[str, Query(alias="pass", max_length=20)]) -> Response:
    """Test strips of a pass's mixtures, to print and paint."""
    there = studio.pieces.get(piece)
    board = _board(studio, there)
    words = {paint.key: speaker().local(paint.words) for paint in board.paints}
    own = [
        teststrip.Strip(
            speaker().pattern("strip-pile", masses=len(pile.masses), number=k + 1),
            pile.recipes[0].tint
            or " + ".join(
                f"{part.parts:g} {words.get(part.paint, part.paint)}" for part in pile.recipes[0].parts
            ),
            pile.value,
        )
        for k, pile in enumerate(p for p in board.piles if p.done == done)
    ]
    title = speaker().pattern("strips-titled", name=there.name)
    return about(board.plan, teststrip.pdf_of(title, own), "application/pdf")


def _board(studio: Studio, piece: Piece) -> BoardRead:
    answer = ask(studio, piece, RecipeBoard)
    return BoardRead(plan=answer.plan, **answer.fields)
