"""Words and figures (median, 90 %, most) of what plan files say: `python -m bench.words FOLDER`."""

from __future__ import annotations

import json
import re
import sys
from collections import Counter
from pathlib import Path
from typing import Any

import numpy as np

MOST_WORDS, MOST_FIGURES = 16, 2
"""Of a sentence, as the rules of tone ask."""
SENTENCE = re.compile(r"(?<=[.!?])\s+(?=[A-Z0-9])")


def sentences(text: str) -> list[str]:
    """The sentences of a text."""
    return [part for part in SENTENCE.split(text.strip()) if part]


def said(document: dict[str, Any]) -> dict[str, list[str]]:
    """All that a plan says, by what it is."""
    found: dict[str, list[str]] = {"title": [], "what": [], "reason": [], "finding": [], "note": []}
    for done in document["passes"]:
        found["title"].append(done["title"])
        found["what"] += sentences(done["what"])
        for reason in done["reasons"]:
            found["reason"] += sentences(reason["sentence"])
        for finding in done["findings"]:
            found["finding"] += sentences(finding)
    for note in document["notes"]:
        found["note"] += sentences(note)
    return found


def figures(text: str) -> int:
    """How many numbers a text holds."""
    return len(re.findall(r"\d+(?:\.\d+)?", text))


def alike(document: dict[str, Any]) -> int:
    """Masses whose name another mass has too, or an area in which other masses lie."""
    names = Counter(mass["called"].lower() for mass in document["masses"])
    inside = Counter(mass.get("area") for mass in document["masses"] if mass["kind"] != "accent")
    areas = {area["name"].lower() for area in document["areas"] if inside[area["id"]] > 1}
    return sum(n for name, n in names.items() if n > 1) + sum(name in areas for name in names)


def counts(document: dict[str, Any]) -> tuple[int, int]:
    """Counts of the kind `and 4 more`, and how many of them light what they mean."""
    more = re.compile(r"\d+ more|[a-z0-9]+ smaller shapes|the [a-z0-9]+ (?:light|dark) accents")
    total = lit = 0
    for done in document["passes"]:
        marked = [
            *((done["title"], done.get("titleMarks", [])),),
            *((part["text"], part["marks"]) for part in done.get("steps", [])),
            *((reason["sentence"], reason.get("marks", [])) for reason in done["reasons"]),
        ]
        if not done.get("steps"):
            marked.append((done["what"], []))
        for text, marks in marked:
            spans = {(mark["start"], mark["end"]) for mark in marks}
            for match in more.finditer(text):
                total += 1
                lit += match.span() in spans
    return total, lit


def main() -> None:
    """Print the figures of a folder of plans."""
    documents = [json.loads(path.read_text()) for path in sorted(Path(sys.argv[1]).glob("*.json"))]
    everything: dict[str, list[str]] = {}
    for document in documents:
        for kind, texts in said(document).items():
            everything.setdefault(kind, []).extend(texts)
    everything["all"] = [text for texts in everything.values() for text in texts]
    print(f"{len(documents)} plans")
    for kind, texts in everything.items():
        words = np.array([len(text.split()) for text in texts] or [0])
        numbers = np.array([figures(text) for text in texts] or [0])
        spread = [f"{np.median(n):.0f} / {np.quantile(n, 0.9):.0f} / {n.max()}" for n in (words, numbers)]
        print(
            f"{kind:8} {len(texts):5} sentences, words {spread[0]}, figures {spread[1]}, "
            f"over {MOST_WORDS} words {(words > MOST_WORDS).mean():.0%}, "
            f"over {MOST_FIGURES} figures {(numbers > MOST_FIGURES).mean():.0%}"
        )
    masses = sum(len(document["masses"]) for document in documents)
    print(f"names alike {sum(map(alike, documents))} of {masses} masses")
    total, lit = (sum(each) for each in zip(*map(counts, documents), strict=True))
    print(f"counts {total}, lit {lit}")


if __name__ == "__main__":
    main()
