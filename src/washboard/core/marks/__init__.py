"""What the masses leave out: found where the predicted picture lacks something, chosen, told and drawn."""
