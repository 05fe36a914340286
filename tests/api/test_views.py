"""What the page is sent without being read through models again is what the models describe."""

from __future__ import annotations

from tests.conftest import Server, worked_out
from washboard.api.models.see import PlanRead


def test_every_plan_of_the_demo_is_one_that_its_model_describes(demo: Server) -> None:
    with demo.client() as client:
        for piece in client.get("/api/pieces").json():
            sent = worked_out(client, piece["id"])
            read = PlanRead.model_validate(sent)
            assert read.model_dump(mode="json", by_alias=True).keys() == sent.keys()
