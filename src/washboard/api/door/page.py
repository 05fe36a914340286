"""The one page that a device sees before it is paired: a code and a name, and how to come back safely."""

from __future__ import annotations

import base64
import hashlib
from html import escape

from ...core.sentence import sentence
from ...words import speaker

STYLE = """
body { font: 20px/1.5 system-ui, sans-serif; margin: 0 auto; padding: 24px; max-width: 560px; color: #222; }
label { display: block; margin: 20px 0; }
input, button { font: inherit; width: 100%; min-height: 56px; box-sizing: border-box; padding: 8px 14px; }
input { border: 1px solid #767676; border-radius: 4px; }
input[name=code] { letter-spacing: 0.3em; text-transform: uppercase; font-size: 32px; }
button { background: #333; color: #fff; border: 0; border-radius: 4px; }
.problem { border-left: 6px solid #333; padding-left: 14px; }
small { font-size: 16px; color: #555; }
"""
# What was scanned has the code after the #, which no browser sends: it never stands in a log.
SCRIPT = (
    "const fill = () => { document.forms[0].code.value = location.hash.slice(1) }; "
    "addEventListener('hashchange', fill); fill()"
)


def _hashed(text: str) -> str:
    return "'sha256-" + base64.b64encode(hashlib.sha256(text.encode()).digest()).decode() + "'"


POLICY = (
    f"default-src 'none'; style-src {_hashed(STYLE)}; script-src {_hashed(SCRIPT)}; "
    "form-action 'self'; base-uri 'none'; frame-ancestors 'none'"
)


def pairing_page(problem: str = "") -> str:
    """The page, with what went wrong the last time."""
    said = {name: escape(speaker().text(sentence(f"pair-{name}"))) for name in WORDS}
    wrong = f'<p class="problem" role="alert">{escape(problem)}</p>' if problem else ""
    return f"""<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>{said["title"]}</title><style>{STYLE}</style></head>
<body><main><h1>{said["title"]}</h1><p>{said["how"]}</p>{wrong}
<form method="post" action="/pair">
<label>{said["code"]}<input name="code" required maxlength="12" autocomplete="off" autocapitalize="characters"
 spellcheck="false"></label>
<label>{said["name"]}<input name="name" maxlength="60" autocomplete="off"></label>
<button>{said["do"]}</button></form>
<p><small>{said["trust"]} <a href="/pair/authority.crt">{said["certificate"]}</a></small></p>
</main><script>{SCRIPT}</script></body></html>
"""


WORDS = ("title", "how", "code", "name", "do", "trust", "certificate")
