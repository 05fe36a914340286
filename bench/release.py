"""What is released, tried in an environment of its own: installed from the wheel alone, it serves its demo,
plans a photo, and writes and restores a backup. `python -m bench.release DIST`."""

from __future__ import annotations

import hashlib
import json
import subprocess
import sys
import tempfile
import time
import zipfile
from pathlib import Path
from urllib.request import urlopen

HERE = Path(__file__).parent.parent
LONGEST = 180


def main(dist: Path) -> None:
    """Raises CalledProcessError and AssertionError where something fails."""
    (wheel,) = dist.glob("*.whl")
    assert list(dist.glob("*.tar.gz")), "no source archive"
    names = zipfile.ZipFile(wheel).namelist()
    assert "washboard/web/index.html" in names, "the built page is not in the wheel"
    assert not [name for name in names if not name.startswith("washboard")], "something else is in the wheel"
    print(f"{wheel.name}: {wheel.stat().st_size / 2**20:.1f} MB, {len(names)} files")
    print(f"SHA-256 {hashlib.sha256(wheel.read_bytes()).hexdigest()}")
    with tempfile.TemporaryDirectory() as place:
        began = time.monotonic()
        own = _installed(wheel, Path(place) / "venv")
        print(f"installed in {time.monotonic() - began:.0f} s")
        _tried(own, Path(place))


def _installed(wheel: Path, place: Path) -> Path:
    """The command, in a new environment with the wheel and what it needs."""
    uv = str(HERE / ".venv" / "bin" / "uv")
    subprocess.run([uv, "venv", "-q", "--python", sys.executable, str(place)], check=True)
    pins = str(HERE / "constraints.txt")
    python = str(place / "bin" / "python")
    subprocess.run([uv, "pip", "install", "-q", "--python", python, "-c", pins, str(wheel)], check=True)
    return place / "bin" / "washboard"


def _tried(own: Path, place: Path) -> None:
    data = place / "data"
    began = time.monotonic()
    server = subprocess.Popen(
        [str(own), "demo", "--port", "0", "--data", str(data)], stdout=subprocess.PIPE, text=True, cwd=place
    )
    try:
        assert server.stdout is not None
        address = server.stdout.readline().split(" at ")[1].split()[0]
        pieces = json.loads(_got(f"{address}api/wall"))
        print(f"demo: first answer after {time.monotonic() - began:.1f} s, {len(pieces)} pieces")
        assert b"<script" in _got(address)
        photo = place / "photo.jpg"
        photo.write_bytes(_got(f"{address}api/references/{pieces[0]['reference']}/picture"))
        _run(own, "backup", place / "all.zip", "--data", data)
    finally:
        server.terminate()
        server.wait(20)
    _run(own, "restore", place / "all.zip", "--data", place / "again")
    _run(own, "doctor", "--data", place / "again")
    began = time.monotonic()
    size = ("--medium", "watercolour", "--surface", "white", "--size", "45x30cm")
    _run(own, "plan", photo, *size, "--out", place / "plan.json")
    passes = json.loads((place / "plan.json").read_text())["passes"]
    print(f"a photo planned in {time.monotonic() - began:.1f} s, {len(passes)} passes")


def _got(url: str) -> bytes:
    with urlopen(url, timeout=LONGEST) as answer:
        return bytes(answer.read())


def _run(own: Path, *words: object) -> None:
    subprocess.run([str(own), *map(str, words)], check=True, timeout=LONGEST, stdout=subprocess.DEVNULL)


if __name__ == "__main__":
    main(Path(sys.argv[1]))
