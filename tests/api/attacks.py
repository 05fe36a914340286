"""Requests as somebody hostile would write them, byte for byte: what is tried, and what may be answered.

In each, `{host}` is the server's own name and port, `{piece}` the id of a piece that is there.
"""

from __future__ import annotations

import json
from dataclasses import dataclass

REFUSED = (400, 403, 404, 405, 409, 411, 413, 414, 415, 422, 431)


@dataclass(frozen=True)
class Attack:
    """A request: its line, headers and body, and what may come of it: refused, or read as nothing special."""

    name: str
    line: str
    headers: tuple[str, ...] = ()
    body: bytes = b""
    answers: tuple[int, ...] = REFUSED


def lines(name: str, line: str, *headers: str, answers: tuple[int, ...] = REFUSED) -> Attack:
    return Attack(name, line, headers, b"", answers)


def sent(name: str, line: str, body: object, *headers: str, answers: tuple[int, ...] = REFUSED) -> Attack:
    data = body if isinstance(body, bytes) else json.dumps(body).encode()
    kind = (
        ()
        if any(h.lower().startswith("content-type") for h in headers)
        else ("Content-Type: application/json",)
    )
    return Attack(name, line, (*kind, *headers), data, answers)


def file_of(name: str, data: bytes, called: str = "photo.jpg", to: str = "/api/references") -> Attack:
    edge = "----edge"
    head = f'--{edge}\r\nContent-Disposition: form-data; name="file"; filename="{called}"\r\n'
    body = head.encode() + b"Content-Type: image/jpeg\r\n\r\n" + data + f"\r\n--{edge}--\r\n".encode()
    return Attack(name, f"POST {to}", (f"Content-Type: multipart/form-data; boundary={edge}",), body)


HOSTS = [
    lines(f"host {host}", "GET /api/pieces", f"Host: {host}")
    for host in (
        "evil.example",
        "127.0.0.1.evil.example",
        "evil.example:80",
        "169.254.169.254",
        "[::ffff:10.0.0.1]",
    )
] + [
    Attack("two hosts", "GET /api/pieces", ("Host: {host}", "Host: evil.example")),
    lines("no host", "GET /api/pieces", "Host:"),
    lines("an absolute address elsewhere", "GET http://evil.example/api/pieces", "Host: evil.example"),
]
ORIGINS = [
    sent(
        f"origin {origin}", "PATCH /api/pieces/{piece}", {"revision": 0, "name": "Taken"}, f"Origin: {origin}"
    )
    for origin in ("http://evil.example", "null", "https://{host}", "http://{host}.evil.example", "file://")
] + [
    lines("another site's fetch", "GET /api/pieces", "Sec-Fetch-Site: cross-site", "Sec-Fetch-Mode: no-cors"),
    lines("another site's frame", "DELETE /api/pieces/{piece}", "Sec-Fetch-Site: cross-site"),
    sent(
        "a form of another site",
        "POST /api/pieces/{piece}/undo",
        b"revision=0",
        "Content-Type: application/x-www-form-urlencoded",
        "Origin: http://evil.example",
    ),
    sent("a simple text body", "POST /api/pieces", b'{"name":"x"}', "Content-Type: text/plain"),
]
METHODS = [
    lines("trace", "TRACE /api/pieces"),
    lines("connect", "CONNECT evil.example:443"),
    lines("options of another site", "OPTIONS /api/pieces", "Origin: http://evil.example"),
    lines("a method that is none", "BREW /api/pieces"),
    lines("delete of all", "DELETE /api/pieces"),
    sent("a method overridden", "POST /api/pieces/{piece}", {}, "X-HTTP-Method-Override: DELETE"),
    lines(
        "an upgrade", "GET /api/pieces", "Connection: Upgrade", "Upgrade: websocket", answers=(*REFUSED, 200)
    ),
]
PAGE = (*REFUSED, 200)
"""What is asked of a page's address that does not exist is the page itself, which says so."""
PATHS = [
    lines(f"path {path}", f"GET {path}", answers=PAGE)
    for path in (
        "/../../../../etc/passwd",
        "/assets/../../../../etc/passwd",
        "/assets/..%2f..%2f..%2f..%2fetc%2fpasswd",
        "/assets/%2e%2e/%2e%2e/%2e%2e/etc/passwd",
        "/assets/..\\..\\..\\etc\\passwd",
        "/assets/%252e%252e%252f%252e%252e%252fetc%252fpasswd",
        "//etc/passwd",
        "/assets/%00",
        "/assets//etc/passwd",
        "/pieces/%2e%2e%2fstudio.db",
    )
] + [
    lines("a map by a path", "GET /api/pieces/{piece}/maps/..%2f..%2fstudio.db"),
    lines("a piece by a path", "GET /api/pieces/..%2f..%2fstudio.db"),
    lines("a photo by a path", "GET /api/references/..%2f..%2f..%2fetc%2fpasswd/picture"),
    lines("a photo by SQL", "GET /api/references/'%20OR%201=1--/picture"),
    lines("a piece by SQL", "GET /api/pieces/x'%3BDROP%20TABLE%20pieces--"),
    lines("a shelf file by a path", "GET /api/shelf/export/..%2f..%2fstudio.db"),
    lines("an ending that is none", "GET /api/pieces/{piece}/study.exe"),
    lines("a very long path", "GET /" + "a" * 200_000),
]
SIZES = [
    Attack("a length that is a lie", "POST /api/pieces", ("Content-Length: 99999999999",)),
    Attack("a length below nothing", "POST /api/pieces", ("Content-Length: -1",)),
    Attack("two lengths", "POST /api/pieces", ("Content-Length: 2", "Content-Length: 200"), b"{}"),
    Attack(
        "length and pieces",
        "POST /api/pieces",
        ("Content-Length: 2", "Transfer-Encoding: chunked"),
        b"0\r\n\r\nDELETE /api/pieces HTTP/1.1\r\n\r\n",
    ),
    lines("a header of 200 kB", "GET /api/pieces", "X-Long: " + "a" * 200_000),
    lines("a thousand headers", "GET /api/pieces", *(f"X-{k}: {'a' * 200}" for k in range(1000))),
    sent("two megabytes of JSON", "POST /api/pieces", b'{"name":"' + b"a" * 2_000_000 + b'"}'),
    sent("JSON of a hundred thousand levels", "POST /api/pieces", b"[" * 100_000),
    sent(
        "a number of a million digits", "PATCH /api/pieces/{piece}", b'{"revision":' + b"9" * 900_000 + b"}"
    ),
    sent("what is no number", "PATCH /api/pieces/{piece}", b'{"revision":0,"widthCm":NaN}'),
    sent("infinity", "PATCH /api/pieces/{piece}", b'{"revision":0,"widthCm":1e999}'),
    sent("bytes that are no text", "POST /api/pieces", b'{"name":"\xff\xfe"}'),
    sent("half a letter", "POST /api/pieces", b'{"name":"\\ud800"}'),
    sent("a prototype", "PATCH /api/pieces/{piece}", {"revision": 0, "__proto__": {"admin": True}}),
    sent("a field of the row", "PATCH /api/pieces/{piece}", {"revision": 0, "plan_key": "x"}),
]
FILES = [
    file_of("SVG with a script", b'<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
    file_of("SVG named so", b"<svg/>", "evil.svg"),
    file_of("a page", b"<html><script>alert(1)</script></html>"),
    file_of(
        "a PDF with a script", b"%PDF-1.4\n1 0 obj<</OpenAction<</S/JavaScript/JS(app.alert(1))>>>>endobj"
    ),
    file_of("an archive", b"PK\x03\x04" + b"\0" * 100),
    file_of("a program", b"\x7fELF" + b"\0" * 200, "../../etc/cron.d/evil"),
    file_of("a pickle", b"cos\nsystem\n(S'touch /tmp/evil'\ntR."),
    file_of("PostScript", b"%!PS-Adobe-3.0 EPSF-3.0\n(/etc/passwd) (r) file\n"),
    file_of("a playlist of addresses", b"push graphic-context\nfill 'url(http://127.0.0.1:1/)'\npop"),
    file_of("nothing", b""),
    file_of(
        "CxF that reads a file",
        b'<!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/passwd">]><CxF>&e;</CxF>',
        "paints.cxf",
        "/api/shelf/import",
    ),
    file_of(
        "CxF that fetches",
        b'<!DOCTYPE x SYSTEM "http://127.0.0.1:1/x.dtd"><CxF></CxF>',
        "paints.cxf",
        "/api/shelf/import",
    ),
    file_of(
        "CxF that grows",
        b'<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">'
        b'<!ENTITY c "&b;&b;&b;&b;&b;&b;&b;&b;">]><CxF>&c;</CxF>',
        "paints.cxf",
        "/api/shelf/import",
    ),
]
PAIRING = [
    lines(
        "a token that nobody gave",
        "GET /api/pieces",
        "Cookie: washboard=" + "0" * 64,
        answers=(*REFUSED, 200),
    ),
    sent("the door to the whole world", "PUT /api/pairing/door", {"address": "0.0.0.0"}),
    sent("the door to an address elsewhere", "PUT /api/pairing/door", {"address": "8.8.8.8"}),
    sent("the door by a name", "PUT /api/pairing/door", {"address": "evil.example"}),
    lines("a device that is none forgotten", "DELETE /api/pairing/devices/..%2f..%2f1"),
]
ATTACKS = (*HOSTS, *ORIGINS, *METHODS, *PATHS, *SIZES, *FILES, *PAIRING)
