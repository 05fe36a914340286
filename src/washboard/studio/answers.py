"""Answers to questions about a piece: for its plan in force, by the plan's key, and kept with it."""

from __future__ import annotations

import json
import threading
from collections.abc import Callable
from contextlib import suppress
from dataclasses import dataclass
from typing import Any

from ..pipeline.subject import Subject
from ..pipeline.tasks import PrepareFigures, Question
from ..store.database import translated
from ..store.errors import Full
from ..store.pieces import Piece
from .jobs import Job
from .planning import planned
from .studio import Studio, silent
from .subjects import identity_of, subject_of

Ask = Callable[[Subject], Question]


@dataclass(frozen=True)
class Answer:
    """The bytes of an answer, and the key of the plan that it is about, "" for one about the picture."""

    data: bytes
    plan: str = ""

    @property
    def fields(self) -> Any:
        """What the answer's JSON holds."""
        return json.loads(self.data)


def ask(studio: Studio, piece: Piece, ask: Ask) -> Answer:
    """The answer to a question about a piece as it is set now: kept with the plan in force if it is about
    that, else for as long as the server runs."""
    question, plan = _asked(studio, piece, ask)
    if not plan:
        return Answer(studio.from_cache(question.key, "", lambda: _bytes(_work(studio, piece, question))))
    there = kept(studio, piece, ask)
    if there is not None:
        return there
    data = _bytes(_work(studio, piece, question))
    # Where the disk is full it is answered all the same, and worked out again the next time.
    with suppress(Full), translated(), studio.filing:
        content = studio.media.keep(data)
        gone = studio.plans.keep_answer(piece.id, plan, question.question, question.key, content)
        studio.media.discard(gone)
    return Answer(data, plan)


def kept(studio: Studio, piece: Piece, ask: Ask) -> Answer | None:
    """The answer to a question about the plan in force where it is kept with it, None where it is not."""
    question, plan = _asked(studio, piece, ask)
    content = studio.plans.answer(piece.id, plan, question.question, question.key) if plan else None
    if content is None or not studio.media.path(content).exists():
        return None
    return Answer(studio.media.read(content), plan)


def ask_anew(studio: Studio, piece: Piece, ask: Ask) -> Answer:
    """The answer to a question that is not likely to be asked again, worked out now."""
    question, plan = _asked(studio, piece, ask)
    return Answer(_bytes(_work(studio, piece, question)), plan)


def answer_ahead(studio: Studio, piece: Piece, _: Job) -> None:
    """Answer what *Prepare* asks, which takes seconds of whoever goes there first."""
    ask(studio, studio.pieces.get(piece.id), PrepareFigures)


def _asked(studio: Studio, piece: Piece, ask: Ask) -> tuple[Question, str]:
    """The question with its subject, and the key of the plan that it is about."""
    subject = subject_of(studio, piece)
    question = ask(subject)
    if not question.about_plan:
        return question, ""
    plan = planned(studio, piece)
    return ask(subject.named(identity_of(plan))), plan.key


def _work(studio: Studio, piece: Piece, question: Question) -> Any:
    return studio.workers.run(question, piece.id, silent, threading.Event(), question.subject.content)


def _bytes(answer: Any) -> bytes:
    return answer if isinstance(answer, bytes) else json.dumps(answer).encode()
