"""Pairing a tablet or phone: a short code that is valid for minutes and once, then a token of its own."""

from __future__ import annotations

import hashlib
import hmac
import secrets
import threading
import uuid
from dataclasses import dataclass
from datetime import datetime, timedelta

from ..core.errors import InvalidInput
from ..store.devices import Device, Devices

LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789"
"""What a code is made of: nothing that looks like something else."""
LENGTH = 6
VALID = timedelta(minutes=5)
TRIES = 5
"""Wrong codes after which the code of the moment is void: at 31⁶ codes a guess hits once in 180 million."""
SEEN_EVERY = timedelta(minutes=1)


@dataclass
class Code:
    """A code, until when it is valid, and the tries that it has left."""

    letters: str
    until: datetime
    tries: int = TRIES


class Pairing:
    """The code of the moment and the devices that came by one. Times are given by the caller."""

    def __init__(self, devices: Devices) -> None:
        self.devices = devices
        self._code: Code | None = None
        self._lock = threading.Lock()

    def code(self, now: datetime) -> Code:
        """A new code; the one before is void."""
        with self._lock:
            self._code = Code("".join(secrets.choice(LETTERS) for _ in range(LENGTH)), now + VALID)
            return self._code

    def claim(self, given: str, name: str, now: datetime) -> str:
        """Pair a device that shows the code of the moment; returns its token, which is kept nowhere else.

        Raises InvalidInput where there is no code, it is too old, or another was given; after five of those
        there is none.
        """
        with self._lock:
            code = self._code
            if code is None or now > code.until:
                raise InvalidInput("refused-code-none")
            shown = "".join(letter for letter in given.upper() if letter.isalnum())
            if not hmac.compare_digest(shown.encode(), code.letters.encode()):
                code.tries -= 1
                self._code = code if code.tries > 0 else None
                raise InvalidInput("refused-code-wrong", left=code.tries)
            self._code = None
        token = secrets.token_urlsafe(32)
        called = " ".join(name.split())[:60] or "A device"
        self.devices.add(uuid.uuid4().hex, called, _hash(token), now.isoformat(timespec="milliseconds"))
        return token

    def known(self, token: str, now: datetime) -> Device | None:
        """The device whose token this is."""
        device = self.devices.of_token(_hash(token))
        if device is not None and now - datetime.fromisoformat(device.seen) > SEEN_EVERY:
            self.devices.see(device.id, now.isoformat(timespec="milliseconds"))
        return device


def _hash(token: str) -> str:
    """Tokens are random and long: a plain hash gives nothing away."""
    return hashlib.sha256(token.encode()).hexdigest()
