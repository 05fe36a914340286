"""The shelf and swatches as CxF 3 (ISO 17972-1): spectra of films over white and over black.

Every paint is three objects, its name with "over white", "over black" and "thin over white"; what else is
known goes as tags.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass
from xml.etree.ElementTree import Element, ParseError, SubElement, tostring

import numpy as np
from defusedxml import DefusedXmlException
from defusedxml.ElementTree import fromstring

from ..core.colour.spectra import WAVELENGTHS, Floats
from ..core.errors import InvalidInput, UnknownName
from ..core.materials.media import MEDIA
from ..core.materials.paints import PAINTS, THIN, Paint, paint_named
from ..core.materials.shelf import Item, ItemKind, measured, nearest_paint, seen_over_white
from ..core.sentence import Amount

ENDING, MEDIA_TYPE = "cxf", "application/xml"
SPACE = "http://colorexchangeformat.com/CxF3-core"
MADE = "2000-01-01T00:00:00"
"""The date of creation, which the format wants: a file of the same things is the same bytes."""
MOST_OBJECTS = 5000
MOST_STEP = 20.0
"""nm between two values beyond which nothing smooth can be drawn through them."""
REACH = (430.0, 670.0)
"""nm that a spectrum must span; what lies outside of it is continued level, and told."""
TAGS = ("kind", "like", "medium", "set", "left", "note")
BACKED = re.compile(r"^(.*?)[\s,:_-]*(thin )?[\s,:_-]*(?:over|on)?[\s_-]*(white|black)$", re.IGNORECASE)


@dataclass(frozen=True)
class Read:
    """An object of a file: its name, reflectance (36,), tags, and whether its ends were continued."""

    name: str
    reflectance: Floats
    tags: dict[str, str]
    continued: bool


def written(items: Sequence[Item]) -> bytes:
    """The paints among things as CxF; nothing else has a spectrum."""
    root = Element("CxF", {"xmlns": SPACE})
    about = SubElement(root, "FileInformation")
    for tag, text in (("Creator", "Washboard"), ("CreationDate", MADE), ("Description", "Paints on a shelf")):
        SubElement(about, tag).text = text
    resources = SubElement(root, "Resources")
    objects = SubElement(resources, "ObjectCollection")
    number = 0
    for item in items:
        if item.kind is not ItemKind.PAINT:
            continue
        spectra = (*item.paint.reflectances(), item.paint.reflectances(THIN)[0])
        for backing, reflectance in zip(
            ("over white", "over black", "thin over white"), spectra, strict=True
        ):
            number += 1
            entry = SubElement(
                objects,
                "Object",
                {"ObjectType": "Standard", "Name": f"{item.name} {backing}", "Id": f"o{number}"},
            )
            SubElement(entry, "CreationDate").text = MADE
            values = SubElement(entry, "ColorValues")
            spectrum = SubElement(
                values, "ReflectanceSpectrum", {"ColorSpecification": "spectra", "StartWL": "380"}
            )
            spectrum.text = " ".join(f"{value:.8f}" for value in reflectance)
            tags = SubElement(entry, "TagCollection", {"Name": "Washboard"})
            for name, text in _tags(item).items():
                SubElement(tags, "Tag", {"Name": name, "Value": text})
    specifications = SubElement(resources, "ColorSpecificationCollection")
    specification = SubElement(specifications, "ColorSpecification", {"Id": "spectra"})
    measurement = SubElement(specification, "MeasurementSpec")
    SubElement(measurement, "MeasurementType").text = "Spectrum_Reflectance"
    angle = SubElement(SubElement(measurement, "GeometryChoice"), "SingleAngle")
    for tag, text in (
        ("SingleAngleConfiguration", "Annular"),
        ("IlluminationAngle", "45"),
        ("MeasurementAngle", "0"),
    ):
        SubElement(angle, tag).text = text
    SubElement(measurement, "WavelengthRange", {"StartWL": "380", "Increment": "10"})
    return b'<?xml version="1.0" encoding="UTF-8"?>\n' + tostring(root, encoding="unicode").encode()


def _tags(item: Item) -> dict[str, str]:
    left = "" if item.left is None else f"{item.left:g}"
    of = (item.kind.value, item.like, item.medium, item.collection, left, item.note)
    tags = {name: text for name, text in zip(TAGS, of, strict=True) if text}
    return tags | {"provenance": "modelled" if item.films is None else "measured"}


def spectra(data: bytes) -> list[Read]:
    """Every object with a reflectance spectrum, brought to 380–730 nm in steps of 10.

    Raises InvalidInput for what is no CxF, has no spectra, or has some that cannot be used.
    """
    try:
        root = fromstring(data, forbid_dtd=True)
    except DefusedXmlException:
        raise InvalidInput("refused-cxf-entities") from None
    except (ParseError, ValueError, LookupError) as error:
        raise InvalidInput("refused-cxf-no-xml", error=str(error)[:80]) from None
    if _local(root) != "CxF":
        raise InvalidInput("refused-cxf-not")
    steps = {e.get("Id", ""): _range(e) for e in root.iter() if _local(e) == "ColorSpecification"}
    found, objects = [], [e for e in root.iter() if _local(e) == "Object"]
    if len(objects) > MOST_OBJECTS:
        raise InvalidInput("refused-cxf-too-many", most_objects=MOST_OBJECTS)
    for entry in objects:
        name = (entry.get("Name") or "").strip()[:200]
        for spectrum in (e for e in entry.iter() if _local(e) == "ReflectanceSpectrum"):
            found.append(_read(name, entry, spectrum, steps))
    if not found:
        raise InvalidInput("refused-cxf-no-spectra")
    return found


def read(data: bytes) -> tuple[list[Item], list[str]]:
    """Paints from CxF, and what to know about how they were read.

    Objects of one name "over white" and "over black" (and "thin over white") are one measured paint; one
    alone is taken as the look over white, its hiding that of the nearest listed paint. Raises InvalidInput.
    """
    pairs: dict[str, dict[str, Read]] = {}
    for each in spectra(data):
        match = BACKED.match(each.name)
        name, backing = each.name, "white"
        if match and match[1].strip():
            name, backing = match[1].strip(), (match[2] or "").lower() + match[3].lower()
        if backing in pairs.setdefault(name, {}):
            raise InvalidInput("refused-cxf-twice", name=name[:60], backing=backing)
        pairs[name][backing] = each
    items, notes = [], []
    for name, reflectances in pairs.items():
        if "white" not in reflectances:
            raise InvalidInput("refused-cxf-black-alone", name=name[:60])
        try:
            items.append(_item(name, reflectances))
        except InvalidInput as error:
            raise InvalidInput("refused-cxf-at", name=name[:60], error=error.sentence) from None
        if any(reflectance.continued for reflectance in reflectances.values()):
            notes.append(
                f"{name}: measured over less than 380 to 730 nm; its ends are continued level, a guess."
            )
        if "black" not in reflectances:
            notes.append(
                f"{name}: measured over white alone; how it hides is taken from the nearest listed paint."
            )
    return items, notes


def _item(name: str, reflectances: dict[str, Read]) -> Item:
    tags, white = reflectances["white"].tags, reflectances["white"].reflectance
    medium = tags.get("medium", "")
    medium = medium if medium in MEDIA and medium != "pastel" else "watercolour"
    like = tags.get("like") or _by_name(name) or nearest_paint(white, medium)
    if tags.get("provenance") == "modelled" and like in PAINTS:
        films = None
    elif "black" in reflectances:
        thin = reflectances["thin white"].reflectance if "thin white" in reflectances else None
        films = measured(white, reflectances["black"].reflectance, _base(like, white, medium), thin)
    else:
        films = seen_over_white(white, _base(like, white, medium))
    try:
        left = float(tags["left"]) if tags.get("left") else None
    except ValueError:
        raise InvalidInput("refused-cxf-left-no-number", left=tags["left"][:20]) from None
    return Item(
        "", ItemKind.PAINT, name, like, medium, tags.get("set", ""), left, tags.get("note", ""), films
    ).checked()


def _base(like: str, white: Floats, medium: str) -> Paint:
    """The listed paint that a measured one is like."""
    return PAINTS[like if like in PAINTS else nearest_paint(white, medium)]


def _by_name(name: str) -> str | None:
    try:
        return paint_named(name).key
    except UnknownName:
        return None


def _range(specification: Element) -> tuple[float | None, float | None]:
    for each in specification.iter():
        if _local(each) == "WavelengthRange":
            return _float(each.get("StartWL")), _float(each.get("Increment"))
    return None, None


def _read(
    name: str, entry: Element, spectrum: Element, steps: dict[str, tuple[float | None, float | None]]
) -> Read:
    called = name[:60] or "an object without a name"
    try:
        values = np.array([float(part) for part in (spectrum.text or "").split()])
    except ValueError:
        raise InvalidInput("refused-spectrum-no-number", called=called) from None
    start, step = steps.get(spectrum.get("ColorSpecification", ""), (None, None))
    start = _float(spectrum.get("StartWL")) or start
    if start is None or step is None or not 0 < step <= MOST_STEP or not 100 <= start <= 800:
        raise InvalidInput("refused-spectrum-no-range", called=called, most_step=f"{MOST_STEP:g}")
    if len(values) < 2 or len(values) > 2000 or not np.isfinite(values).all():
        raise InvalidInput("refused-spectrum-few", called=called, number=len(values))
    if values.min() < 0 or values.max() > 1.0:
        raise InvalidInput(
            "refused-spectrum-reflectance-range",
            called=called,
            least=f"{values.min():.3g}",
            most=f"{values.max():.3g}",
        )
    at = start + step * np.arange(len(values))
    if at[0] > REACH[0] or at[-1] < REACH[1]:
        raise InvalidInput(
            "refused-spectrum-short",
            called=called,
            begins=Amount(at[0]),
            ends=Amount(at[-1]),
            least=Amount(REACH[0]),
            most=Amount(REACH[1]),
        )
    tags = {(tag.get("Name") or ""): (tag.get("Value") or "") for tag in entry.iter() if _local(tag) == "Tag"}
    continued = bool(at[0] > WAVELENGTHS[0] or at[-1] < WAVELENGTHS[-1])
    return Read(name, np.interp(WAVELENGTHS, at, values), tags, continued)


def _local(element: Element) -> str:
    return element.tag.rpartition("}")[2] if isinstance(element.tag, str) else ""


def _float(text: str | None) -> float | None:
    try:
        number = float(text) if text is not None else None
    except ValueError:
        return None
    return number if number is not None and np.isfinite(number) else None
