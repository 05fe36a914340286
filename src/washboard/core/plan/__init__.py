"""What a plan is: passes, operations, acts, tools, and the names of shapes. Data, no decisions."""
