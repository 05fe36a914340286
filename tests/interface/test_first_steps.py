"""Somebody new, in each language: to an order in a touch, then five steps offered one at a time."""

from __future__ import annotations

import re
import time
from collections.abc import Callable
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Page, expect

from tests.conftest import Server
from washboard.core.sentence import sentence
from washboard.words.speaker import Speaker

STEPS = {"lights": "below=lights", "approach": "below=schools", "mix": "/mix", "along": "/easel"}


def said_in(language: str) -> Callable[..., str]:
    """What the page says in a language, by the keys of its catalogue."""
    page = Speaker(f"{language}/page", language)
    return lambda key, **values: page.phrase(sentence(key, **values))


def newcomer(browser: Browser, server: Server, locale: str) -> Page:
    page = browser.new_context(
        viewport={"width": 1280, "height": 800}, locale=locale, service_workers="block"
    ).new_page()
    page.set_default_timeout(150_000)
    page.goto(server.url)
    return page


@pytest.mark.parametrize("language", ["en", "de"])
def test_from_a_photo_to_the_easel_by_the_steps_that_are_offered(
    browser: Browser, start: Callable[..., Server], tmp_path: Path, cup: bytes, language: str
) -> None:
    photo = tmp_path / "cup.jpg"
    photo.write_bytes(cup)
    say, page = said_in(language), newcomer(browser, start(), language)
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
    browser: Browser, start: Callable[..., Server], tmp_path: Path, cup: bytes
) -> None:
    photo = tmp_path / "cup.jpg"
    photo.write_bytes(cup)
    say, page = said_in("en"), newcomer(browser, start(), "en")
    page.get_by_label(say("drop-photo-choose-photo")).set_input_files(photo)
    page.get_by_role("button", name=say("decisions-see-order")).click()
    away = page.get_by_role("button", name=say("name-things-now"), exact=True)
    for number in (2, 3, 4):
        away.click()
        expect(page.get_by_text(say("first-step-number", number=number, count=5))).to_be_visible()
    page.reload()
    expect(page.get_by_text(say("first-step-number", number=4, count=5))).to_be_visible()
    page.context.close()
