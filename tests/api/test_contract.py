"""The OpenAPI description holds: no undocumented answer, never a 5xx, whatever is sent."""

from __future__ import annotations

import warnings
from pathlib import Path

import pytest
import schemathesis
from hypothesis import HealthCheck, settings
from schemathesis.checks import not_a_server_error
from schemathesis.specs.openapi.checks import (
    content_type_conformance,
    response_schema_conformance,
    status_code_conformance,
)

from washboard.api.app import create_app

schema = schemathesis.openapi.from_dict(create_app(Path("/nowhere"), page=Path("-")).openapi())
CHECKS = [not_a_server_error, status_code_conformance, content_type_conformance, response_schema_conformance]


@pytest.fixture(scope="module")
def served(tmp_path_factory: pytest.TempPathFactory):  # type: ignore[no-untyped-def]
    from tests.conftest import started

    server = started(tmp_path_factory.mktemp("contract"))
    yield server
    server.stop()


@schema.parametrize()
@settings(max_examples=25, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))
def test_every_answer_is_described(case, served) -> None:  # type: ignore[no-untyped-def]
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        case.call_and_validate(base_url=served.url, checks=CHECKS, timeout=30)
