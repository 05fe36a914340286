"""The order: from masses to passes under a medium's constraints and a school's priorities."""
