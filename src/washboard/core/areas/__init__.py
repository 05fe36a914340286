"""Areas: the things a picture is made of, proposed, corrected and ordered by depth."""
