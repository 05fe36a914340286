"""What *Prepare* shows: light, horizon, focus, findings, grounds, palette, and the picture's place."""

from __future__ import annotations

import base64
import io
from collections.abc import Sequence
from dataclasses import asdict, dataclass
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from ...core.areas.terminator import turns_of
from ...core.colour.lab import encoded_of, linear_of_lab
from ...core.composition.findings import findings_of
from ...core.composition.findings.finding import Composed, Finding, composed_of
from ...core.composition.focus import Focus
from ...core.composition.light import Light, light_of
from ...core.composition.path import Path, path_of
from ...core.composition.sources import LightSource, Said, confirmed_of, sources_of
from ...core.ground.choice import Candidate, candidates_of
from ...core.ground.shares import RIGHT_COLOUR, RIGHT_VALUE
from ...core.materials.grounds import GroundKind
from ...core.materials.shelf import OWN
from ...core.materials.sticks import Stick
from ...core.materials.surfaces import Sheet, surface_of
from ...core.palette.coverage import Weighed, coverage_of, proposed, weighed
from ...core.palette.limits import help_of, limits_of
from ...core.reference.mass import Mass
from ...formats import lookfile
from ...settings import Settings, Stage, declared
from ...words import speaker
from ..stages import Result, Seen, Stages
from ..stages.focus import told_focus
from ..tasks import PrepareFigures

SMALL = 190
"""Pixels on the long side of a candidate's predicted picture."""


@dataclass(frozen=True)
class Looked:
    """What the picture is made of, on its sheet."""

    composed: Composed
    light: Light | None
    findings: tuple[Finding, ...]
    path: Path
    sheet: Sheet
    sources: tuple[LightSource, ...]


def looked(seen: Seen, settings: Settings) -> Looked:
    """Light, horizon, focus and findings of a picture with its areas."""
    height, width = seen.picture.shape
    sheet = settings.sheet(width / height)
    tall, wide = seen.whole.labels.shape
    focus = told_focus(seen, settings)
    composed = composed_of(seen.picture, seen.areas, sheet, focus)
    placed = [(*settings.arrangement.forward(word.x, word.y, wide / tall), word) for word in settings.sources]
    said = [Said(x, y, word.shines) for x, y, word in placed if 0 <= x <= 1 and 0 <= y <= 1]
    sources = confirmed_of(seen.picture, sources_of(seen.picture, seen.division), said)
    # A lamp in the picture lights things from all sides: then there is no one direction.
    light = None if sources and settings.light is None else light_of(seen.picture, seen.areas, settings.light)
    return Looked(composed, light, findings_of(composed), path_of(composed), sheet, sources)


def grounds(seen: Seen, masses: Sequence[Mass], settings: Settings) -> tuple[Candidate, ...]:
    """Every candidate ground for the piece's medium, best first."""
    height, width = seen.picture.shape
    sheet = settings.sheet(width / height)
    area = sheet.picture_width_cm * sheet.picture_height_cm
    return candidates_of(
        seen.picture,
        masses,
        seen.areas,
        settings.used,
        surface_of(settings.surface),
        area,
        settings.colours,
        settings.papers,
    )


def reach(masses: Sequence[Mass], settings: Settings) -> Weighed:
    """The masses, with their planned colours, against all listed paints."""
    return weighed(masses, settings.used, settings.start, settings.own)


def figures(stages: Stages, task: PrepareFigures) -> dict[str, Any]:
    """Light, horizon, focus, findings, grounds with small pictures, palette."""
    return answer(stages.result(task.subject), task.subject.read_up_to(Stage.PREPARE))


def answer(result: Result, settings: Settings) -> dict[str, Any]:
    """All of *Prepare* as plain values: places are shares of the picture as it is arranged."""
    seen, masses = result.seen, result.worked.plan.masses
    found, invented = looked(seen, settings), seen.frame.invented
    c, sheet = found.composed, found.sheet
    height, width = seen.picture.shape
    areas = [area for area in c.areas.areas if area.share > 0]
    return {
        "widthCm": sheet.picture_width_cm,
        "heightCm": sheet.picture_height_cm,
        "leftCm": (sheet.width_cm - sheet.picture_width_cm) / 2,
        "topCm": (sheet.height_cm - sheet.picture_height_cm) / 2,
        "horizon": lookfile.horizon_entry(c.horizon, sheet),
        "light": found.light
        and {
            "direction": found.light.direction,
            "words": found.light.words,
            "agreement": found.light.agreement,
            "things": len(found.light.turns),
            "proposed": found.light.proposed,
        },
        "sources": [asdict(s) for s in found.sources],
        "focus": {
            "x": c.focus.x,
            "y": c.focus.y,
            "strength": c.focus.strength,
            "crossing": c.focus.crossing,
            "awayCm": c.focus.away * max(sheet.picture_width_cm, sheet.picture_height_cm),
            "proposed": c.focus.proposed,
        },
        "path": [list(point) for point in found.path.points],
        "leads": found.path.leads,
        "shapes": [
            {"called": speaker().name(a.called), "share": a.share}
            for a in sorted(areas, key=lambda a: -a.share)[:3]
        ],
        "turns": turns(seen, masses),
        "findings": [_finding(f, settings, seen) for f in found.findings],
        "grounds": [
            lookfile.ground_entry(g) | {"picture": started(g, seen, masses)}
            for g in grounds(seen, result.seen.measured.masses, settings)
        ],
        "palette": _palette(masses, settings),
        "photo": lookfile.photo_findings(seen.picture),
        "formatCrop": list(to_format(settings.width_cm / settings.height_cm, width / height, c.focus)),
        "invented": round(float(invented.mean()), 4) if invented is not None else 0.0,
    }


def to_format(sheet: float, picture: float, focus: Focus) -> tuple[float, float, float, float]:
    """The largest crop (shares) of a picture of that format that fills a sheet's, about the focus."""
    wide, high = min(1.0, sheet / picture), min(1.0, picture / sheet)
    left = min(max(focus.x - wide / 2, 0.0), 1 - wide)
    top = min(max(focus.y - high / 2, 0.0), 1 - high)
    return left, top, left + wide, top + high


def turns(seen: Seen, masses: Sequence[Mass]) -> list[dict[str, Any]]:
    """Per area: the lightest place in shadow against the darkest in light, with the gap."""
    called = {area.label: speaker().name(area.called) for area in seen.areas.areas}
    return [
        {
            "area": f"a{t.label}",
            "called": called[t.label],
            "lightestShadow": t.lightest_shadow,
            "darkestLight": t.darkest_light,
            "gap": t.gap,
        }
        for t in turns_of(masses, seen.measured.labels, seen.areas, seen.picture.value)
    ]


def _finding(finding: Finding, settings: Settings, seen: Seen) -> dict[str, Any]:
    """A finding with the arrangement that its fix would make."""
    tall, wide = seen.whole.labels.shape
    tried = None
    if finding.fix is not None:
        tried = declared()["arrangement"].plain(settings.arrangement.with_change(finding.fix, wide / tall))
    return {
        "kind": finding.kind,
        "sentence": speaker().text(finding.sentence),
        "why": speaker().text(finding.why),
        "place": list(finding.place),
        "areas": [f"a{label}" for label in finding.areas],
        "fixWords": speaker().phrase(finding.trying) if finding.trying else None,
        "fix": tried,
    }


def _palette(masses: Sequence[Mass], settings: Settings) -> dict[str, Any]:
    of = reach(masses, settings)
    box, known = settings.colours, {each.key: each for each in of.colours}
    found, best = coverage_of(box, of), proposed(of)
    by_id = {mass.id: mass for mass in masses}
    chosen = {each.key for each in box}
    return {
        "share": found.share,
        "mean": found.mean,
        "missed": [
            {"mass": name, "lab": list(by_id[name].target_lab), "apart": apart}
            for name, apart in found.missed
        ],
        "proposed": list(best[0]),
        "proposedShare": best[1].share,
        "swap": found.swap and {"out": found.swap[0], "in": found.swap[1], "share": found.swapped},
        "more": found.more and {"key": found.more[0], "share": found.more[1]},
        "limits": [speaker().text(limit) for limit in limits_of(box, masses, found)],
        "help": speaker().text(helped) if (helped := help_of(box, found, known)) else None,
        "paints": [
            {
                "key": each.key,
                "words": each.words,
                "index": "" if isinstance(each, Stick) else each.index,
                "strong": list(each.strong),
                "thin": list(each.thin),
                "chosen": each.key in chosen,
                "own": each.key.startswith(OWN),
                "caution": each.caution,
            }
            for each in of.colours
        ],
    }


def started(candidate: Candidate, seen: Seen, masses: Sequence[Mass]) -> str:
    """A small predicted picture as a data address: the ground where it is right already, paint elsewhere."""
    height, width = seen.picture.shape
    scale = SMALL / max(height, width)
    size = (max(1, round(width * scale)), max(1, round(height * scale)))
    labels = cv2.resize(seen.measured.labels, size, interpolation=cv2.INTER_NEAREST_EXACT)
    lab = cv2.resize(seen.picture.lab, size, interpolation=cv2.INTER_AREA)
    value = cv2.resize(seen.picture.value, size, interpolation=cv2.INTER_AREA)
    colours = np.zeros((int(labels.max()) + 1, 3))
    for mass in masses:
        colours[mass.label] = mass.lab
    picture = colours[labels]
    if candidate.ground.kind is not GroundKind.PATCHES:
        # Close to CIEDE2000 for so small a picture; the share beside it is counted exactly.
        near = np.linalg.norm(lab - np.asarray(candidate.surface.lab), axis=2) <= 1.4 * RIGHT_COLOUR
        bare = near & (np.abs(value - candidate.surface.value) <= RIGHT_VALUE)
        picture[bare] = candidate.surface.lab
        edge = max(3, SMALL // 40)
        picture[:edge], picture[-edge:] = candidate.surface.lab, candidate.surface.lab
        picture[:, :edge], picture[:, -edge:] = candidate.surface.lab, candidate.surface.lab
    return _address(np.rint(encoded_of(linear_of_lab(picture)) * 255).astype(np.uint8))


def _address(rgb: NDArray[np.uint8]) -> str:
    out = io.BytesIO()
    Image.fromarray(rgb).save(out, "JPEG", quality=88, subsampling=0)
    return "data:image/jpeg;base64," + base64.b64encode(out.getvalue()).decode()
