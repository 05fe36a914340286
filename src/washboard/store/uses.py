"""Who refers to which bytes of the media folder: nothing that is referred to is swept, nothing else stays."""

from __future__ import annotations

from collections.abc import Collection

from sqlalchemy import delete, or_, select
from sqlalchemy.orm import Session

from .rows import MediaUseRow

UPLOAD = "upload:"
"""How the owner of a picture is called that was taken in and belongs to no piece yet."""


def hold(session: Session, owner: str, contents: Collection[str]) -> None:
    """Say that an owner refers to these hashes, and to no others."""
    session.execute(delete(MediaUseRow).where(MediaUseRow.owner == owner))
    session.add_all(MediaUseRow(owner=owner, hash=content) for content in sorted(set(contents)))


def release(session: Session, owner: str) -> set[str]:
    """Forget an owner and all that belong to it; returns the hashes that nobody refers to any more."""
    own = or_(MediaUseRow.owner == owner, MediaUseRow.owner.startswith(f"{owner}:", autoescape=True))
    held = set(session.scalars(select(MediaUseRow.hash).where(own)))
    session.execute(delete(MediaUseRow).where(own))
    return held - used(session, held)


def used(session: Session, contents: Collection[str]) -> set[str]:
    """Those of the hashes that somebody refers to."""
    found: set[str] = set()
    listed = sorted(contents)
    for start in range(0, len(listed), 400):
        some = listed[start : start + 400]
        found |= set(session.scalars(select(MediaUseRow.hash).where(MediaUseRow.hash.in_(some))))
    return found


def forget_uploads(session: Session) -> None:
    """Let go of pictures that were taken in and never became part of a piece."""
    session.execute(delete(MediaUseRow).where(MediaUseRow.owner.startswith(UPLOAD, autoescape=True)))


def all_used(session: Session) -> set[str]:
    """Every hash that somebody refers to."""
    return set(session.scalars(select(MediaUseRow.hash).distinct()))
