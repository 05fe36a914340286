"""Notes of a plan as a whole."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from ..colour.lab import difference
from ..colour.spectra import lab_of_spectrum
from ..key.key import Key
from ..materials.surfaces import Sheet
from ..order.painting import Scene
from ..order.result import Step
from ..order.strands import Ordered
from ..palette.coverage import REACHED
from ..sentence import Sentence, of_masses, percent, sentence, tone

FAR_OFF = 4.0
"""Mean ΔE₀₀ of a finished picture from its plan that is said at the top."""


def notes_of(
    ordered: Ordered, steps: Sequence[Step], sheet: Sheet, key: Key, given: Sequence[Sentence]
) -> tuple[Sentence, ...]:
    """What is to be known of a plan as a whole, with what is `given`: how far its colours end from what is
    planned, what the key did, what the ground paints, what the box lacks."""
    scene = ordered.scene
    notes = [*_colours_off(scene, steps), *given]
    if sheet.note:
        notes.append(sheet.note)
    notes.append(key.note)
    if scene.medium.transparent and scene.surface.value < 6.0:
        notes.append(
            sentence("note-only-darkens", medium=scene.medium.words, value=tone(scene.surface.value))
        )
    ground = sum(m.share for m, t in zip(scene.masses, ordered.turn, strict=True) if t < 0)
    if ground >= 0.005 and not scene.medium.transparent:
        notes.append(sentence("note-ground-paints", share=percent(ground)))
    missed = _missed(scene)
    if missed:
        kind = "sticks" if scene.medium.key == "pastel" else "paints"
        notes.append(sentence("note-box-misses", masses=of_masses(missed), kind=kind))
    return tuple(notes)


def _colours_off(scene: Scene, steps: Sequence[Step]) -> tuple[Sentence, ...]:
    """A note where the whole ends far from the colours that are planned for it, as one tone that lights are
    wiped out of does."""
    if not steps:
        return ()
    ends = lab_of_spectrum(steps[-1].after)
    off = difference(ends, scene.targets[scene.parts.mass]).mean(axis=1)
    mean = float(np.average(off, weights=np.maximum(scene.parts.areas, 1e-9)))
    return (sentence("note-colours-off", off=tone(mean)),) if mean > FAR_OFF else ()


def _missed(scene: Scene) -> list[str]:
    """The masses whose planned colour what comes along does not match, the largest first."""
    wanted = np.array([mass.target_lab for mass in scene.masses])
    bare = np.broadcast_to(scene.ground, (len(wanted), len(scene.ground)))
    reached = scene.box.reflectances(scene.box.mixed(wanted, bare), bare)
    off = np.minimum(
        difference(lab_of_spectrum(reached), wanted), difference(lab_of_spectrum(scene.ground), wanted)
    )
    order = np.argsort([-mass.share for mass in scene.masses], kind="stable")
    return [scene.masses[m].id for m in order if off[m] > REACHED]
