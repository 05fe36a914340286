"""Somebody new, in each language: to an order in a touch, then five steps offered one at a time."""

from __future__ import annotations

import re
import time
from collections.abc import Callable
from pathlib import Path

import pytest
from fluent.runtime import FluentBundle, FluentResource
from playwright.sync_api import Browser, Page, expect

from tests.conftest import Server, encoded
from tests.pieces import photographs
from washboard.words.catalogue import texts

STEPS = {"lights": "below=lights", "approach": "below=schools", "mix": "/mix", "along": "/easel"}


class Words:
    """What the page says in a language."""

    def __init__(self, language: str) -> None:
        self.bundle = FluentBundle([language], use_isolating=False)
        for text in texts(f"{language}/page"):
            self.bundle.add_resource(FluentResource(text))

    def __call__(self, key: str, **values: int) -> str:
        pattern = self.bundle.get_message(key).value
        assert pattern is not None
        said, errors = self.bundle.format_pattern(pattern, values)
        assert not errors
        return str(said)


def newcomer(browser: Browser, server: Server, locale: str) -> Page:
    page = browser.new_context(
        viewport={"width": 1280, "height": 800}, locale=locale, service_workers="block"
    ).new_page()
    page.set_default_timeout(150_000)
    page.goto(server.url)
    return page


@pytest.mark.parametrize("language", ["en", "de"])
def test_from_a_photo_to_the_easel_by_the_steps_that_are_offered(
    browser: Browser, start: Callable[..., Server], tmp_path: Path, language: str
) -> None:
    photo = tmp_path / "cup.jpg"
    photo.write_bytes(encoded(photographs()["cup"], quality=92))
    say, page = Words(language), newcomer(browser, start(), language)
    page.get_by_label(say("drop-photo-choose-photo")).set_input_files(photo)
    begun = time.monotonic()
    page.get_by_role("button", name=say("decisions-see-order")).click()
    expect(page.get_by_role("button", name=say("name-things-begin"), exact=True)).to_be_visible()
    print(f"{language}: an order after {time.monotonic() - begun:.1f} s and one touch")
    page.get_by_role("button", name=say("name-things-now"), exact=True).click()
    for number, (step, place) in enumerate(STEPS.items(), 2):
        expect(page.get_by_text(say("first-step-number", number=number, count=5))).to_be_visible()
        page.get_by_role("button", name=say(f"first-step-go-{step}"), exact=True).click()
        expect(page).to_have_url(re.compile(re.escape(place)))
    # What was done is not offered again.
    page.go_back()
    expect(page.get_by_role("main")).to_have_attribute("aria-busy", "false")
    expect(page.get_by_text(say("first-step-number", number=5, count=5))).to_have_count(0)
    page.context.close()


def test_a_step_that_is_put_away_is_not_offered_again_and_the_next_one_is(
    browser: Browser, start: Callable[..., Server], tmp_path: Path
) -> None:
    photo = tmp_path / "cup.jpg"
    photo.write_bytes(encoded(photographs()["cup"], quality=92))
    say, page = Words("en"), newcomer(browser, start(), "en")
    page.get_by_label(say("drop-photo-choose-photo")).set_input_files(photo)
    page.get_by_role("button", name=say("decisions-see-order")).click()
    away = page.get_by_role("button", name=say("name-things-now"), exact=True)
    for number in (2, 3, 4):
        away.click()
        expect(page.get_by_text(say("first-step-number", number=number, count=5))).to_be_visible()
    page.reload()
    expect(page.get_by_text(say("first-step-number", number=4, count=5))).to_be_visible()
    page.context.close()
